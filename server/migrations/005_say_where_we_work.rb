# frozen_string_literal: true

# Where a studio works: mains, paper and how trees are sold there, beside its currency.
Sequel.migration do
  up do
    alter_table(:studios) do
      add_column :mains_volts, Integer, null: false, default: 230
      add_column :circuit_amps, Integer, null: false, default: 16
      add_column :paper, String, null: false, default: "a4"
      add_column :tree_sizes, String, null: false, default: "cm"
      add_constraint(:studio_mains, Sequel.lit("mains_volts between 100 and 260"))
      add_constraint(:studio_circuit, Sequel.lit("circuit_amps between 1 and 125"))
      add_constraint(:studio_paper, paper: %w[a4 letter])
      add_constraint(:studio_tree_sizes, tree_sizes: %w[cm ft])
      add_constraint(:studio_currency, Sequel.lit("currency ~ '^[A-Z]{3}$'"))
    end
    # Until now the units a studio reads decided which sizes it was offered.
    from(:studios).where(units: "imperial").update(tree_sizes: "ft")
  end

  down do
    alter_table(:studios) do
      %i[studio_mains studio_circuit studio_paper studio_tree_sizes studio_currency].each do |name|
        drop_constraint name
      end
      %i[mains_volts circuit_amps paper tree_sizes].each { |name| drop_column name }
    end
  end
end
