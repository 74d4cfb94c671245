# frozen_string_literal: true

# Soft things, pictures and scents as a kind of piece.
Sequel.migration do
  before = %w[tree run wreath wall grouping drops table stockings drinks shelves]

  up do
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before + %w[swaps])
    end
  end

  down do
    # Swaps are nothing an earlier Deck Bough could show.
    from(:pieces).where(kind: "swaps").delete
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before)
    end
  end
end
