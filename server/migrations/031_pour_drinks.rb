# frozen_string_literal: true

# Drink corners as a kind of piece.
Sequel.migration do
  before = %w[tree run wreath wall grouping drops table stockings]

  up do
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before + %w[drinks])
    end
  end

  down do
    # Drink corners are nothing an earlier Deck Bough could show.
    from(:pieces).where(kind: "drinks").delete
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before)
    end
  end
end
