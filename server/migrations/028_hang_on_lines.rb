# frozen_string_literal: true

# Hanging things as a kind of piece.
Sequel.migration do
  before = %w[tree run wreath wall grouping]

  up do
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before + %w[drops])
    end
  end

  down do
    # Hanging things are nothing an earlier Deck Bough could show.
    from(:pieces).where(kind: "drops").delete
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before)
    end
  end
end
