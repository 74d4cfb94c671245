# frozen_string_literal: true

# Visits in which a home is taken down, and what is said in them.
Sequel.migration do
  before = %w[up undo ran_out wait_for skip carry_on note pause resume used laid_out]
  fresh = %w[broken lost found boxed tested measured hooks_stay hooks_off]

  up do
    alter_table(:visits) do
      add_column :purpose, String, null: false, default: "dress"
      add_constraint(:visit_purpose, purpose: %w[dress strike])
    end
    alter_table(:visit_acts) do
      drop_constraint(:visit_act_kind)
      add_constraint(:visit_act_kind, kind: [*before, *fresh])
    end
    # A string looked at without the meter has no reading.
    alter_table(:string_tests) do
      set_column_allow_null :watts
      add_column :act_key, :uuid
      add_unique_constraint %i[studio_id act_key], name: :string_tests_act_key
    end
  end

  down do
    from(:string_tests).where(watts: nil).delete
    alter_table(:string_tests) do
      drop_constraint(:string_tests_act_key)
      drop_column :act_key
      set_column_not_null :watts
    end
    from(:visit_acts).where(kind: fresh).delete
    alter_table(:visit_acts) do
      drop_constraint(:visit_act_kind)
      add_constraint(:visit_act_kind, kind: before)
    end
    alter_table(:visits) do
      drop_constraint(:visit_purpose)
      drop_column :purpose
    end
  end
end
