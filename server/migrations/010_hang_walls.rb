# frozen_string_literal: true

# Walls of wreaths as a kind of piece.
Sequel.migration do
  before = %w[tree run wreath]

  up do
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before + %w[wall])
    end
  end

  down do
    # A wall is nothing an earlier Deck Bough could show.
    from(:pieces).where(kind: "wall").delete
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before)
    end
  end
end
