# frozen_string_literal: true

# Shelves and tiered trays as a kind of piece.
Sequel.migration do
  before = %w[tree run wreath wall grouping drops table stockings drinks]

  up do
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before + %w[shelves])
    end
  end

  down do
    # Shelves are nothing an earlier Deck Bough could show.
    from(:pieces).where(kind: "shelves").delete
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before)
    end
  end
end
