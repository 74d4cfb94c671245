# frozen_string_literal: true

# Recipes: what is made by hand of what, with its work and its drying.
Sequel.migration do
  before = %w[opening counted cut cut_off taken_back bought used returned broken lost found lent given reversed moved
              merged]

  up do
    create_table(:recipes) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :style_id, null: false
      String :name, null: false
      Float :batch, null: false
      Integer :active_minutes, null: false, default: 0
      Integer :drying_minutes, null: false, default: 0
      String :note, null: false, default: ""
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      constraint(:recipe_name, Sequel.lit("length(trim(name)) between 1 and 120 and length(note) <= 2000"))
      constraint(:recipe_numbers, Sequel.lit("batch > 0 and active_minutes >= 0 and drying_minutes >= 0"))
    end

    create_table(:recipe_materials) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :recipe_id, null: false
      uuid :style_id, null: false
      Float :quantity, null: false
      primary_key %i[recipe_id style_id]
      foreign_key %i[studio_id recipe_id], :recipes, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      constraint(:recipe_material_quantity, Sequel.lit("quantity > 0"))
    end

    alter_table(:stock_moves) do
      drop_constraint(:stock_move_reason)
      add_constraint(:stock_move_reason, reason: [*before, "made"])
    end
  end

  down do
    drop_table :recipe_materials, :recipes
    alter_table(:stock_moves) { drop_constraint(:stock_move_reason) }
    from(:stock_moves).where(reason: "made").update(reason: "counted")
    alter_table(:stock_moves) { add_constraint(:stock_move_reason, reason: before) }
  end
end
