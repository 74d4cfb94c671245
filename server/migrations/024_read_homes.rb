# frozen_string_literal: true

# How each home reads from the places people look from, kept with a stamp of all it was read from.
Sequel.migration do
  up do
    create_table(:home_readings) do
      uuid :home_id, primary_key: true
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :stamp, null: false
      column :reading, :jsonb, null: false
      foreign_key %i[studio_id home_id], :homes, key: %i[studio_id id], on_delete: :cascade
    end
  end

  down { drop_table :home_readings }
end
