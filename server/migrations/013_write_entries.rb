# frozen_string_literal: true

# Counts are entries: what was bought, broken or lent is written down with its reason, and a wrong one is reversed.
Sequel.migration do
  before = %w[opening counted cut cut_off taken_back]
  written = %w[bought used returned broken lost found lent given reversed]

  sought = %w[name kind material texture belongs_with].map { |column| "coalesce(#{column}, '')" }.join(" || ' ' || ")

  up do
    # What the stockroom is searched by, in small letters.
    run "alter table styles add column sought text generated always as (lower(#{sought})) stored"
    alter_table(:stock_moves) do
      add_column :note, String, null: false, default: ""
      add_column :reverses, :Bignum
      add_foreign_key [:reverses], :stock_moves, key: [:id], on_delete: :cascade
      # A wrong one is reversed once.
      add_unique_constraint [:reverses], name: :stock_moves_reverses_key
      add_constraint(:stock_move_note, Sequel.lit("length(note) <= 200"))
      add_constraint(:stock_move_reversal, Sequel.lit("(reason = 'reversed') = (reverses is not null)"))
      drop_constraint(:stock_move_reason)
      add_constraint(:stock_move_reason, reason: before + written)
    end
  end

  down do
    alter_table(:styles) { drop_column :sought }
    # The counts stay; why they moved is told by the plainer words of an earlier Deck Bough.
    alter_table(:stock_moves) do
      drop_constraint(:stock_move_reversal)
      drop_constraint(:stock_move_note)
      drop_constraint :stock_moves_reverses_key
      drop_column :reverses
      drop_column :note
      drop_constraint(:stock_move_reason)
    end
    from(:stock_moves).where(reason: written).update(reason: "counted")
    alter_table(:stock_moves) { add_constraint(:stock_move_reason, reason: before) }
  end
end
