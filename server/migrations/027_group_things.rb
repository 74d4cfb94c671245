# frozen_string_literal: true

# Groupings as a kind of piece.
Sequel.migration do
  before = %w[tree run wreath wall]

  up do
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before + %w[grouping])
    end
  end

  down do
    # A grouping is nothing an earlier Deck Bough could show.
    from(:pieces).where(kind: "grouping").delete
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before)
    end
  end
end
