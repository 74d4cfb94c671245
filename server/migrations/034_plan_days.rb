# frozen_string_literal: true

# Who works, when they are in which home, and what there is to do on each piece: what days are planned of.
Sequel.migration do
  orders = %w[arrival focal_first lights_first tree_first drinks_first]

  up do
    create_table(:workers) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :name, null: false
      BigDecimal :pace, null: false, default: 1
      column :skills, "text[]", null: false, default: Sequel.lit("'{}'")
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      constraint(:worker_name, Sequel.lit("length(trim(name)) between 1 and 60"))
      constraint(:worker_pace, Sequel.lit("pace between 0.5 and 3"))
      constraint(:worker_skills, Sequel.lit("skills <@ array['symmetry', 'carpentry', 'heights']"))
    end

    create_table(:visits) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :home_id, null: false
      Date :held_on, null: false
      Integer :from_min, null: false
      Integer :to_min, null: false
      Integer :lunch_from_min
      Integer :lunch_min, null: false, default: 0
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      index %i[studio_id held_on]
      foreign_key %i[studio_id home_id], :homes, key: %i[studio_id id], on_delete: :cascade
      constraint(:visit_hours, Sequel.lit("from_min >= 0 and to_min > from_min and to_min <= 1440"))
      constraint(:visit_lunch, Sequel.lit("lunch_min between 0 and 180 and (lunch_from_min is null or " \
                                          "lunch_from_min between 0 and 1440)"))
    end

    create_table(:visit_workers) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :visit_id, null: false
      uuid :worker_id, null: false
      primary_key %i[visit_id worker_id]
      index %i[studio_id worker_id]
      foreign_key %i[studio_id visit_id], :visits, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id worker_id], :workers, key: %i[studio_id id], on_delete: :cascade
    end

    alter_table(:studios) do
      add_column :house_order, String, null: false, default: "tree_first"
      add_constraint(:studio_house_order, house_order: orders)
    end
    alter_table(:piece_needs) { add_column :tasks, :jsonb, null: false, default: Sequel.lit("'[]'") }
    # What was reckoned before says nothing of what there is to do.
    run "update piece_needs set stamp = ''"
  end

  down do
    alter_table(:piece_needs) { drop_column :tasks }
    alter_table(:studios) do
      drop_constraint(:studio_house_order)
      drop_column :house_order
    end
    drop_table :visit_workers, :visits, :workers
  end
end
