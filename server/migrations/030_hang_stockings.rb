# frozen_string_literal: true

# Stockings in a row as a kind of piece.
Sequel.migration do
  before = %w[tree run wreath wall grouping drops table]

  up do
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before + %w[stockings])
    end
  end

  down do
    # Stockings in a row are nothing an earlier Deck Bough could show.
    from(:pieces).where(kind: "stockings").delete
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before)
    end
  end
end
