# frozen_string_literal: true

# Greenery runs: a second kind of piece, and what garlands, stems and fixings say of themselves.
Sequel.migration do
  kinds = { before: %w[ornament ribbon light pick], after: %w[ornament ribbon light pick garland stem fixing] }
  lengths = %i[length_m loft_m rise_m reach_m trail_m spread_m rated_kg]
  textures = %w[needle scale broadleaf fern berry cone twig flower]

  up do
    alter_table(:studios) do
      add_column :greens_light_school, String, null: false, default: "after"
      add_constraint(:studio_greens_light, greens_light_school: %w[before after])
    end
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: %w[tree run])
    end
    alter_table(:styles) do
      drop_constraint(:style_kind)
      add_constraint(:style_kind, kind: kinds[:after])
      lengths.each { |name| add_column name, Float }
      add_column :texture, String
      # An offcut: what it is wired back to another year.
      add_column :belongs_with, String
      add_column :two_way, TrueClass, null: false, default: false
      add_constraint(:style_greens, Sequel.lit("coalesce(length_m, 1) > 0 and coalesce(loft_m, 1) > 0 and " \
                                               "coalesce(rise_m, 0) >= 0 and " \
                                               "coalesce(reach_m, 0) >= 0 and coalesce(trail_m, 0) >= 0 and " \
                                               "coalesce(spread_m, 1) > 0 and " \
                                               "coalesce(rated_kg, 1) > 0"))
      add_constraint(:style_texture, Sequel.lit("texture is null or texture in ?", textures))
    end
  end

  down do
    from(:pieces).where(kind: "run").delete
    from(:styles).where(kind: kinds[:after] - kinds[:before]).delete
    alter_table(:styles) do
      drop_constraint(:style_texture)
      drop_constraint(:style_greens)
      [*lengths, :texture, :belongs_with, :two_way].each { |name| drop_column name }
      drop_constraint(:style_kind)
      add_constraint(:style_kind, kind: kinds[:before])
    end
    alter_table(:pieces) do
      drop_constraint(:piece_kind)
      add_constraint(:piece_kind, kind: %w[tree])
    end
    alter_table(:studios) do
      drop_constraint(:studio_greens_light)
      drop_column :greens_light_school
    end
  end
end
