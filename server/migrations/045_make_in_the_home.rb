# frozen_string_literal: true

# Some things are made in the client's home, and dry there until somebody comes again.
Sequel.migration do
  change do
    alter_table(:recipes) { add_column :at_visit, :boolean, null: false, default: false }
  end
end
