# frozen_string_literal: true

# Photographs of things and of what lies in boxes. Their files lie in a folder; a row says where.
Sequel.migration do
  up do
    create_table(:photographs) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      # What it shows. Where that is gone for good the row stays until its files are gone too.
      uuid :style_id
      uuid :box_id
      uuid :key, null: false
      column :file, :jsonb, null: false
      # The first is the one that stands for the thing.
      Integer :position, null: false
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      Bignum :made_by
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id key], name: :photographs_key
      index %i[studio_id style_id]
      index %i[studio_id box_id]
      foreign_key [:style_id], :styles, on_delete: :set_null
      foreign_key [:box_id], :boxes, on_delete: :set_null
      foreign_key %i[studio_id made_by], :accounts, key: %i[studio_id id]
      constraint(:photograph_of_one, Sequel.lit("num_nonnulls(style_id, box_id) <= 1"))
    end
  end

  down { drop_table :photographs }
end
