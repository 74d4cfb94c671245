# frozen_string_literal: true

# Tables laid for guests as a kind of piece.
Sequel.migration do
  before = %w[tree run wreath wall grouping drops]

  up do
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before + %w[table])
    end
  end

  down do
    # Tables are nothing an earlier Deck Bough could show.
    from(:pieces).where(kind: "table").delete
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before)
    end
  end
end
