# frozen_string_literal: true

# What was said of the work in a home, act by act, and which steps are done by that.
Sequel.migration do
  kinds = %w[up undo ran_out wait_for skip carry_on note pause resume used laid_out]

  up do
    create_table(:visit_acts) do
      uuid :key, null: false
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :home_id, null: false
      uuid :visit_id, null: false
      Bignum :account_id, null: false
      String :kind, null: false
      String :step, null: false, default: ""
      String :turn, null: false, default: ""
      uuid :of
      String :says, null: false, default: ""
      Float :quantity
      # What it changed of a plan, to be taken back with it.
      column :told, :jsonb, null: false, default: Sequel.lit("'{}'")
      DateTime :happened_at, null: false
      # By the clock on the wall where it was said.
      Date :on_day, null: false
      Integer :at_min, null: false
      DateTime :received_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      primary_key %i[studio_id key]
      index %i[studio_id home_id]
      foreign_key %i[studio_id home_id], :homes, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id visit_id], :visits, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
      constraint(:visit_act_kind, kind: kinds)
      constraint(:visit_act_undo, Sequel.lit("(kind = 'undo') = (of is not null)"))
      constraint(:visit_act_quantity, Sequel.lit("quantity is null or quantity between 0 and 100000"))
      constraint(:visit_act_minute, Sequel.lit("at_min between 0 and 1439"))
      constraint(:visit_act_words, Sequel.lit("length(step) <= 200 and length(turn) <= 200 and length(says) <= 500"))
    end

    create_table(:done_steps) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :home_id, null: false
      String :step, null: false
      DateTime :done_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      primary_key %i[studio_id home_id step]
      foreign_key %i[studio_id home_id], :homes, key: %i[studio_id id], on_delete: :cascade
    end

    alter_table(:photographs) do
      add_column :note_key, :uuid
      drop_constraint(:photograph_of_one)
      add_constraint(:photograph_of_one, Sequel.lit("num_nonnulls(style_id, box_id, sighting_id, note_key) <= 1"))
    end
    # Its studio stays when the note goes for good.
    run "alter table photographs add foreign key (studio_id, note_key) references visit_acts (studio_id, key) " \
        "on delete set null (note_key)"
    run "create index photographs_note on photographs (studio_id, note_key)"

    # Which act put it up; null where it was ticked on the map.
    alter_table(:hung_ornaments) { add_column :act_key, :uuid }
  end

  down do
    alter_table(:hung_ornaments) { drop_column :act_key }
    alter_table(:photographs) do
      drop_constraint(:photograph_of_one)
      drop_column :note_key
      add_constraint(:photograph_of_one, Sequel.lit("num_nonnulls(style_id, box_id, sighting_id) <= 1"))
    end
    drop_table :done_steps, :visit_acts
  end
end
