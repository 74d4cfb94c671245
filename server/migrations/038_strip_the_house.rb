# frozen_string_literal: true

# What a person said of a thing on a piece: after the day it stays, or it goes.
Sequel.migration do
  up do
    create_table(:strip_choices) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :piece_id, null: false
      uuid :style_id, null: false
      TrueClass :stays, null: false
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      primary_key %i[studio_id piece_id style_id]
      foreign_key %i[studio_id piece_id], :pieces, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
    end
  end

  down { drop_table :strip_choices }
end
