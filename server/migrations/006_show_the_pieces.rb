# frozen_string_literal: true

# Small drawings of the pieces beside what they need.
Sequel.migration do
  up { alter_table(:piece_needs) { add_column :portrait, :jsonb } }

  down { alter_table(:piece_needs) { drop_column :portrait } }
end
