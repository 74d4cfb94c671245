# frozen_string_literal: true

# Wreaths as a kind of piece, and rings and wreaths in stock with their opening.
Sequel.migration do
  before = { piece: %w[tree run], style: %w[ornament ribbon light pick garland stem fixing] }

  up do
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before[:piece] + %w[wreath])
    end
    alter_table(:styles) do
      add_column :across_m, Float
      add_column :opening_m, Float
      add_constraint(:style_ring, Sequel.lit("coalesce(across_m, 1) > 0 and coalesce(opening_m, 0) >= 0"))
      drop_constraint(:style_kind)
      add_constraint(:style_kind, kind: before[:style] + %w[wreath])
    end
  end

  down do
    # A wreath is nothing an earlier Deck Bough could show.
    from(:pieces).where(kind: "wreath").delete
    from(:styles).where(kind: "wreath").delete
    alter_table(:styles) do
      drop_constraint(:style_kind)
      add_constraint(:style_kind, kind: before[:style])
      drop_constraint(:style_ring)
      %i[across_m opening_m].each { |name| drop_column name }
    end
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: before[:piece])
    end
  end
end
