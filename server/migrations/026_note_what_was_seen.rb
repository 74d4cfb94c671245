# frozen_string_literal: true

# What was seen in a shop, wishes, and what is looked for in the clearance after the season; each with photographs.
Sequel.migration do
  up do
    create_table(:sightings) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :list, null: false
      String :name, null: false
      String :place, null: false, default: ""
      Integer :price_cents
      Date :decide_by
      String :note, null: false, default: ""
      # Bought, or let go.
      Date :settled_on
      Integer :version, null: false, default: 1
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      constraint(:sighting_list, list: %w[seen wish clearance])
      constraint(:sighting_words, Sequel.lit("length(trim(name)) between 1 and 120 and length(place) <= 120 and " \
                                             "length(note) <= 1000 and coalesce(price_cents, 0) >= 0"))
    end

    alter_table(:photographs) do
      add_column :sighting_id, :uuid
      add_foreign_key [:sighting_id], :sightings, on_delete: :set_null
      drop_constraint(:photograph_of_one)
      add_constraint(:photograph_of_one, Sequel.lit("num_nonnulls(style_id, box_id, sighting_id) <= 1"))
    end
    # Of a favourite so many are kept beyond what is wanted.
    alter_table(:styles) { add_column :spare_kept, Integer }
    run "create index photographs_sighting on photographs (studio_id, sighting_id)"
  end

  down do
    alter_table(:styles) { drop_column :spare_kept }
    alter_table(:photographs) do
      drop_constraint(:photograph_of_one)
      drop_column :sighting_id
      add_constraint(:photograph_of_one, Sequel.lit("num_nonnulls(style_id, box_id) <= 1"))
    end
    drop_table :sightings
  end
end
