# frozen_string_literal: true

# A room's walls, openings and things; where each piece is along them; places people look from, what stays bare and why,
# and what was said when stepping back. Rooms measured before keep all they have: without a plan they are rectangles.
Sequel.migration do
  up do
    alter_table(:rooms) do
      add_column :plan, :jsonb, null: false, default: Sequel.lit("'{}'")
      add_constraint(:room_plan, Sequel.lit("jsonb_typeof(plan) = 'object'"))
    end
    alter_table(:places) { add_column :wall, String }
    alter_table(:pieces) do
      add_column :wall, String
      add_column :at_m, Float
      add_column :out_m, Float
      add_constraint(:piece_position, Sequel.lit("(wall is null) = (at_m is null) and coalesce(at_m, 0) between 0 " \
                                                 "and 150 and coalesce(out_m, 0) between 0 and 100"))
    end
    alter_table(:piece_needs) { add_column :outline, :jsonb }

    create_table(:viewpoints) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :room_id, null: false
      String :name, null: false
      String :kind, null: false
      Float :x_m, null: false
      Float :y_m, null: false
      Float :heading_deg, null: false
      Float :eye_m
      Integer :position, null: false, default: 0
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      index %i[studio_id room_id]
      foreign_key %i[studio_id room_id], :rooms, key: %i[studio_id id], on_delete: :cascade
      constraint(:viewpoint_name, Sequel.lit("length(trim(name)) between 1 and 60"))
      constraint(:viewpoint_kind, kind: %w[door sofa sink seat photograph other])
      constraint(:viewpoint_measures, Sequel.lit("x_m between 0 and 100 and y_m between 0 and 100 and heading_deg " \
                                                 "between -180 and 180 and coalesce(eye_m, 1) between 0.3 and 2.5"))
    end

    create_table(:bare_places) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :room_id, null: false
      String :name, null: false
      String :reason, null: false, default: "", text: true
      uuid :piece_id
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      index %i[studio_id room_id]
      foreign_key %i[studio_id room_id], :rooms, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id piece_id], :pieces, key: %i[studio_id id]
      constraint(:bare_place_name, Sequel.lit("length(trim(name)) between 1 and 120"))
      constraint(:bare_place_reason, Sequel.lit("length(trim(reason)) > 0 or piece_id is not null"))
    end

    create_table(:round_answers) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :viewpoint_id, null: false
      String :question, null: false
      # The piece it is about; the zero id where it is about all of the view.
      uuid :about, null: false
      String :says, null: false
      String :note, null: false, default: ""
      Bignum :account_id
      DateTime :said_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      primary_key %i[viewpoint_id question about]
      foreign_key %i[studio_id viewpoint_id], :viewpoints, key: %i[studio_id id], on_delete: :cascade
      constraint(:round_answer_says, says: %w[good mend pinned])
    end
  end

  down do
    drop_table :round_answers, :bare_places, :viewpoints
    alter_table(:piece_needs) { drop_column :outline }
    alter_table(:pieces) do
      drop_constraint :piece_position
      %i[out_m at_m wall].each { |column| drop_column column }
    end
    alter_table(:places) { drop_column :wall }
    alter_table(:rooms) do
      drop_constraint :room_plan
      drop_column :plan
    end
  end
end
