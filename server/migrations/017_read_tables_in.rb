# frozen_string_literal: true

# Tables of things are read in: looked at row by row before anything is loaded, whole or not at all.
Sequel.migration do
  change do
    create_table(:stock_imports) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      Bignum :account_id, null: false
      String :name, null: false
      Integer :size, null: false
      File :content, null: false, default: Sequel.lit("''")
      # What was read of it, row by row, as JSON.
      String :table
      Integer :rows
      column :mapping, :jsonb
      Integer :checked, null: false, default: 0
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :loaded_at
      unique %i[studio_id id]
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
      constraint(:stock_import_size, Sequel.lit("size between 1 and 12582912"))
      constraint(:stock_import_name, Sequel.lit("length(name) between 1 and 200"))
    end

    create_table(:stock_import_rows) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :import_id, null: false
      Integer :number, null: false
      String :state, null: false
      uuid :style_id
      column :thing, :jsonb, null: false
      column :faults, :jsonb, null: false
      primary_key %i[import_id number]
      foreign_key %i[studio_id import_id], :stock_imports, key: %i[studio_id id], on_delete: :cascade
      constraint(:stock_import_row_state, state: %w[new changed same bad])
    end

    # What other programs call our columns, remembered from the last time.
    create_table(:column_names) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :said, null: false
      String :field, null: false
      primary_key %i[studio_id said]
      constraint(:column_name_size, Sequel.lit("length(said) <= 120 and length(field) <= 40"))
    end
  end
end
