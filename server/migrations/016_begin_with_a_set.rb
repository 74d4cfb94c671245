# frozen_string_literal: true

# A studio may begin with a common set and take it away again; two that are the same thing become one.
Sequel.migration do
  before = %w[opening counted cut cut_off taken_back bought used returned broken lost found lent given reversed moved]

  up do
    alter_table(:styles) { add_column :starter, TrueClass, null: false, default: false }
    alter_table(:stock_moves) do
      drop_constraint(:stock_move_reason)
      add_constraint(:stock_move_reason, reason: [*before, "merged"])
    end
  end

  down do
    alter_table(:styles) { drop_column :starter }
    alter_table(:stock_moves) { drop_constraint(:stock_move_reason) }
    from(:stock_moves).where(reason: "merged").update(reason: "counted")
    alter_table(:stock_moves) { add_constraint(:stock_move_reason, reason: before) }
  end
end
