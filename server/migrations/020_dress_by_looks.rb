# frozen_string_literal: true

# Looks are made, changed and given to rooms and pieces; leftover paint is kept with its room.
Sequel.migration do
  up do
    alter_table(:looks) do
      add_column :version, Integer, null: false, default: 1
      add_column :changed_at, DateTime, null: false, default: Sequel::CURRENT_TIMESTAMP
      add_column :deleted_at, DateTime
      add_column :deleted_by, :Bignum
      # Which year's it is, and which one it was begun from.
      add_column :season, Integer
      add_column :began_from, :uuid
      drop_constraint :looks_studio_id_name_key
      add_foreign_key %i[studio_id began_from], :looks, key: %i[studio_id id]
      add_constraint(:look_name, Sequel.lit("length(trim(name)) between 1 and 120"))
      add_constraint(:look_season, Sequel.lit("season is null or season between 1900 and 2200"))
    end
    run "create unique index looks_name_key on looks (studio_id, name) where deleted_at is null"
    %i[rooms pieces].each do |table|
      alter_table(table) do
        add_column :look_id, :uuid
        add_foreign_key %i[studio_id look_id], :looks, key: %i[studio_id id]
      end
    end
    create_table(:paints) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :room_id, null: false
      String :name, null: false
      String :srgb, null: false
      index %i[studio_id room_id]
      foreign_key %i[studio_id room_id], :rooms, key: %i[studio_id id], on_delete: :cascade
      constraint(:paint_name, Sequel.lit("length(trim(name)) between 1 and 60"))
      constraint(:paint_srgb, Sequel.lit("srgb ~ '^#[0-9a-f]{6}$'"))
    end
  end

  down do
    drop_table :paints
    %i[pieces rooms].each { |table| alter_table(table) { drop_column :look_id } }
    from(:looks).exclude(deleted_at: nil).delete
    run "drop index looks_name_key"
    alter_table(:looks) do
      drop_constraint :look_name
      %i[began_from season deleted_by deleted_at changed_at version].each { |column| drop_column column }
      add_unique_constraint %i[studio_id name], name: :looks_studio_id_name_key
    end
  end
end
