# frozen_string_literal: true

# Nails and hooks that stay in a home from year to year.
Sequel.migration do
  kinds = %w[small_hook medium_hook large_hook large_strip nail padded_tie cable_tie suction_hook putty tension_rod
             shelf_weight freestanding_frame door_hook tie]

  up do
    create_table(:anchors) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :room_id, null: false
      uuid :piece_id
      String :place, null: false
      String :kind, null: false
      Float :rated_kg
      Integer :since, null: false
      TrueClass :good, null: false, default: true
      Float :left_m
      Float :floor_m
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      index %i[studio_id room_id]
      foreign_key %i[studio_id room_id], :rooms, key: %i[studio_id id]
      foreign_key %i[studio_id piece_id], :pieces, key: %i[studio_id id]
      constraint(:anchor_kind, kind: kinds)
      constraint(:anchor_place, Sequel.lit("length(trim(place)) between 1 and 120"))
      constraint(:anchor_measures, Sequel.lit("coalesce(rated_kg, 1) > 0 and coalesce(left_m, 0) >= 0 and " \
                                              "coalesce(floor_m, 0) >= 0 and since between 1900 and 2199"))
    end
  end

  down do
    drop_table :anchors
  end
end
