# frozen_string_literal: true

# What is seen of each piece, so that a room tells its colours without planning its pieces again.
Sequel.migration do
  up { alter_table(:piece_needs) { add_column :seen, :jsonb } }

  down { alter_table(:piece_needs) { drop_column :seen } }
end
