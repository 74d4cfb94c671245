# frozen_string_literal: true

# Steps that stand where a person put them, rooms that are to be ready by a time, and days on which nobody works.
Sequel.migration do
  up do
    create_table(:step_pins) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :home_id, null: false
      String :step, null: false
      uuid :visit_id, null: false
      Integer :from_min, null: false
      column :workers, "uuid[]", null: false
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      primary_key %i[studio_id home_id step]
      foreign_key %i[studio_id home_id], :homes, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id visit_id], :visits, key: %i[studio_id id], on_delete: :cascade
      constraint(:step_pin_minute, Sequel.lit("from_min between 0 and 1439"))
      constraint(:step_pin_step, Sequel.lit("length(step) between 1 and 200"))
    end

    create_table(:days_off) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :home_id
      Date :from_on, null: false
      Date :to_on, null: false
      String :why, null: false, default: ""
      DateTime :deleted_at
      Bignum :deleted_by
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      index %i[studio_id to_on]
      foreign_key %i[studio_id home_id], :homes, key: %i[studio_id id], on_delete: :cascade
      constraint(:days_off_run, Sequel.lit("to_on >= from_on and to_on - from_on <= 400"))
      constraint(:days_off_why, Sequel.lit("length(why) <= 120"))
    end

    # What is left out first where there is no time for all.
    alter_table(:pieces) { add_column :optional, TrueClass, null: false, default: false }
    alter_table(:rooms) do
      add_column :ready_on, Date
      add_column :ready_min, Integer
      add_constraint(:room_ready, Sequel.lit("(ready_on is null) = (ready_min is null) and " \
                                             "coalesce(ready_min, 0) between 0 and 1439"))
    end
  end

  down do
    alter_table(:rooms) do
      drop_constraint(:room_ready)
      drop_column :ready_min
      drop_column :ready_on
    end
    alter_table(:pieces) { drop_column :optional }
    drop_table :days_off, :step_pins
  end
end
