# frozen_string_literal: true

# Ribbon has a width and wired edges or none; a style can be retired.
Sequel.migration do
  up do
    alter_table(:styles) do
      add_column :width_mm, Float
      add_column :wire, String
      add_column :retired, TrueClass, null: false, default: false
      add_constraint(:style_width, Sequel.lit("coalesce(width_mm, 1) > 0"))
      add_constraint(:style_wire, Sequel.lit("wire is null or wire in ('wired', 'unwired')"))
    end
  end

  down do
    alter_table(:styles) do
      drop_constraint(:style_wire)
      drop_constraint(:style_width)
      %i[width_mm wire retired].each { |name| drop_column name }
    end
  end
end
