# frozen_string_literal: true

# Where each wreath of the stock hung, year by year: the same wreath, another place each year.
Sequel.migration do
  up do
    create_table(:style_uses) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :style_id, null: false
      uuid :piece_id, null: false
      Integer :year, null: false
      # As they were called then.
      String :home, null: false
      String :room, null: false
      String :piece, null: false
      primary_key %i[style_id piece_id year]
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id piece_id], :pieces, key: %i[studio_id id], on_delete: :cascade
    end
    # What is planned by now is written down when it is reckoned anew.
    run "update piece_needs set stamp = ''"
  end

  down do
    drop_table :style_uses
  end
end
