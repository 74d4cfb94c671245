# frozen_string_literal: true

# What a tree in full takes: more about a style, the studio's schools, what hangs already, tested strings, versions of a
# tree.
Sequel.migration do
  up do
    alter_table(:studios) do
      add_column :topper_school, String, null: false, default: "first"
      add_column :picks_school, String, null: false, default: "after"
      add_column :light_school, String, null: false, default: "classic"
      add_constraint(:studio_schools,
                     topper_school: %w[first last none], picks_school: %w[before after],
                     light_school: %w[soft classic bright blaze])
    end

    alter_table(:styles) do
      add_column :mass_g, Float
      add_column :keepsake, TrueClass, null: false, default: false
      add_column :watts, Float
      add_column :max_run, Integer
      add_constraint(:style_label,
                     Sequel.lit("coalesce(mass_g, 0) >= 0 and coalesce(watts, 1) > 0 and coalesce(max_run, 1) > 0"))
    end

    # What is really up: an ornament by style and number, where it was hung and by whom.
    create_table(:hung_ornaments) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :piece_id, null: false
      uuid :style_id, null: false
      Integer :number, null: false
      Float :height_m, null: false
      Float :angle_deg, null: false
      Bignum :account_id, null: false
      DateTime :hung_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      primary_key %i[piece_id style_id number]
      foreign_key %i[studio_id piece_id], :pieces, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
      constraint(:hung_number, Sequel.lit("number > 0 and angle_deg between -180 and 180 and height_m >= 0"))
    end

    # Every test of a string, kept: the meter's watts and dead bulbs.
    create_table(:string_tests) do
      primary_key :id, type: :Bignum
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :style_id, null: false
      String :label, null: false
      Float :watts, null: false
      Integer :dead_bulbs, null: false
      TrueClass :sound, null: false
      Bignum :account_id, null: false
      DateTime :tested_at, null: false
      index %i[studio_id style_id]
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
      constraint(:string_test_label, Sequel.lit("length(trim(label)) between 1 and 60"))
      constraint(:string_test_numbers, Sequel.lit("watts >= 0 and dead_bulbs >= 0"))
    end

    # Named versions of a tree; the piece itself is the one that is chosen.
    create_table(:piece_variants) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :piece_id, null: false
      String :name, null: false
      column :settings, :jsonb, null: false
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      unique %i[studio_id id]
      index %i[piece_id name], unique: true, name: :piece_variants_name_key
      foreign_key %i[studio_id piece_id], :pieces, key: %i[studio_id id], on_delete: :cascade
      constraint(:variant_name, Sequel.lit("length(trim(name)) between 1 and 120"))
      constraint(:variant_settings, Sequel.lit("jsonb_typeof(settings) = 'object'"))
    end
  end

  down do
    drop_table :piece_variants, :string_tests, :hung_ornaments
    alter_table(:styles) do
      drop_constraint(:style_label)
      drop_column :mass_g
      drop_column :keepsake
      drop_column :watts
      drop_column :max_run
    end
    alter_table(:studios) do
      drop_constraint(:studio_schools)
      drop_column :topper_school
      drop_column :picks_school
      drop_column :light_school
    end
  end
end
