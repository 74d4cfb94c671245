# frozen_string_literal: true

# Every row belongs to a studio, and says so itself: foreign keys run over (studio_id, id), so that no row can ever
# point into another studio. Lengths are metres, money integer cents; the unit is in the column's name.
Sequel.migration do
  up do
    create_table(:studios) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      String :name, null: false
      String :units, null: false, default: "metric"
      String :currency, null: false, default: "EUR", fixed: true, size: 3
      Integer :version, null: false, default: 1
      DateTime :created_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      constraint(:studio_name, Sequel.lit("length(trim(name)) between 1 and 120"))
      constraint(:studio_units, units: %w[metric imperial])
    end

    create_table(:accounts) do
      primary_key :id, type: :Bignum
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :email, null: false
      String :name, null: false
      String :role, null: false
      String :password_hash, null: false
      DateTime :created_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      index Sequel.function(:lower, :email), unique: true, name: :accounts_email
      unique %i[studio_id id]
      constraint(:account_role, role: %w[owner assistant])
      constraint(:account_email, Sequel.lit("email ~ '^[^@ ]+@[^@ ]+$'"))
    end

    create_table(:account_login_failures) do
      foreign_key :id, :accounts, primary_key: true, type: :Bignum
      Integer :number, null: false, default: 1
    end

    create_table(:account_lockouts) do
      foreign_key :id, :accounts, primary_key: true, type: :Bignum
      String :key, null: false
      DateTime :deadline, null: false
      DateTime :email_last_sent
    end

    create_table(:account_active_session_keys) do
      foreign_key :account_id, :accounts, type: :Bignum
      String :session_id
      DateTime :created_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :last_use, null: false, default: Sequel::CURRENT_TIMESTAMP
      primary_key %i[account_id session_id]
    end

    create_table(:request_counts) do
      String :key, primary_key: true
      Integer :count, null: false
      DateTime :expires_at, null: false
    end

    create_table(:looks) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :name, null: false
      unique %i[studio_id id]
      unique %i[studio_id name]
    end

    create_table(:look_colours) do
      uuid :studio_id, null: false
      uuid :look_id, null: false
      Integer :position, null: false
      String :name, null: false
      String :srgb, null: false
      Integer :share_percent, null: false
      primary_key %i[look_id position]
      foreign_key %i[studio_id look_id], :looks, key: %i[studio_id id], on_delete: :cascade
      constraint(:look_colour_srgb, Sequel.lit("srgb ~ '^#[0-9a-f]{6}$'"))
      constraint(:look_colour_share, Sequel.lit("share_percent between 0 and 100"))
    end

    create_table(:homes) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :look_id
      String :name, null: false
      String :client, null: false, default: ""
      Date :visit_on
      Date :strike_on
      column :children_ages, "integer[]", null: false, default: Sequel.lit("'{}'")
      column :pets, "text[]", null: false, default: Sequel.lit("'{}'")
      TrueClass :rented, null: false, default: false
      TrueClass :conifer_allergy, null: false, default: false
      String :notes, null: false, default: "", text: true
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      unique %i[studio_id id]
      index %i[studio_id visit_on]
      foreign_key %i[studio_id look_id], :looks, key: %i[studio_id id]
      constraint(:home_name, Sequel.lit("length(trim(name)) between 1 and 120"))
      constraint(:home_ages, Sequel.lit("0 <= all(children_ages) and 17 >= all(children_ages)"))
      constraint(:home_pets, Sequel.lit("pets <@ array['dog','cat','other']::text[]"))
      constraint(:home_strike_after_visit, Sequel.lit("strike_on is null or visit_on is null or strike_on >= visit_on"))
    end

    create_table(:rooms) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :home_id, null: false
      String :name, null: false
      Integer :position, null: false, default: 0
      Float :width_m, null: false
      Float :depth_m, null: false
      Float :ceiling_left_m, null: false
      Float :ceiling_right_m, null: false
      TrueClass :no_nails, null: false, default: false
      String :heat, null: false, default: "none"
      String :notes, null: false, default: "", text: true
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      unique %i[studio_id id]
      index %i[studio_id home_id]
      foreign_key %i[studio_id home_id], :homes, key: %i[studio_id id]
      constraint(:room_name, Sequel.lit("length(trim(name)) between 1 and 120"))
      constraint(:room_size, Sequel.lit("width_m between 0.5 and 100 and depth_m between 0.5 and 100"))
      constraint(:room_ceiling, Sequel.lit("ceiling_left_m between 0.5 and 20 and ceiling_right_m between 0.5 and 20"))
      constraint(:room_heat, heat: %w[none radiator stove fireplace underfloor])
    end

    create_table(:places) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :room_id, null: false
      Integer :position, null: false, default: 0
      String :name, null: false
      String :stance, null: false
      Float :from_left_m
      Float :free_width_m
      Float :free_depth_m
      Float :walkway_m
      Float :wall_m
      TrueClass :near_heat, null: false, default: false
      TrueClass :near_socket, null: false, default: false
      unique %i[studio_id id]
      unique %i[studio_id room_id id]
      foreign_key %i[studio_id room_id], :rooms, key: %i[studio_id id]
      constraint(:place_stance, stance: %w[corner wall bay open])
      constraint(:place_measures, Sequel.lit("coalesce(from_left_m, 0) >= 0 and coalesce(free_width_m, 1) > 0 and " \
                                             "coalesce(free_depth_m, 1) > 0 and coalesce(walkway_m, 0) >= 0 and " \
                                             "coalesce(wall_m, 1) > 0"))
    end

    create_table(:pieces) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :room_id, null: false
      uuid :place_id
      String :kind, null: false, default: "tree"
      String :name, null: false
      Integer :position, null: false, default: 0
      Integer :settings_schema, null: false, default: 1
      column :settings, :jsonb, null: false, default: Sequel.lit("'{}'")
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      unique %i[studio_id id]
      index %i[studio_id room_id]
      foreign_key %i[studio_id room_id], :rooms, key: %i[studio_id id]
      # The place is one of the piece's own room.
      foreign_key %i[studio_id room_id place_id], :places, key: %i[studio_id room_id id]
      constraint(:piece_kind, kind: %w[tree])
      constraint(:piece_name, Sequel.lit("length(trim(name)) between 1 and 120"))
      constraint(:piece_settings, Sequel.lit("jsonb_typeof(settings) = 'object'"))
    end

    # Append-only: what a piece was before and after each change; undo and redo are changes too.
    create_table(:piece_changes) do
      primary_key :id, type: :Bignum
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :piece_id, null: false
      Integer :number, null: false
      Bignum :account_id, null: false
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      String :act, null: false
      Integer :of_number
      String :says, null: false
      column :before, :jsonb, null: false
      column :after, :jsonb, null: false
      unique %i[piece_id number]
      foreign_key %i[studio_id piece_id], :pieces, key: %i[studio_id id]
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
      constraint(:piece_change_act, act: %w[change undo redo])
      constraint(:piece_change_of, Sequel.lit("(act = 'change') = (of_number is null)"))
    end

    create_table(:styles) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :kind, null: false
      String :name, null: false
      String :colour
      Float :diameter_mm
      String :material
      TrueClass :breakable, null: false, default: false
      Float :pack_size, null: false, default: 1
      Integer :price_cents
      Integer :bulbs
      Float :lit_length_m
      Integer :version, null: false, default: 1
      unique %i[studio_id id]
      unique %i[studio_id kind name]
      constraint(:style_kind, kind: %w[ornament ribbon light pick])
      constraint(:style_colour, Sequel.lit("colour is null or colour ~ '^#[0-9a-f]{6}$'"))
      constraint(:style_numbers, Sequel.lit("pack_size > 0 and coalesce(price_cents, 0) >= 0 and " \
                                            "coalesce(diameter_mm, 1) > 0 and " \
                                            "coalesce(bulbs, 1) > 0 and coalesce(lit_length_m, 1) > 0"))
    end

    create_table(:look_styles) do
      uuid :studio_id, null: false
      uuid :look_id, null: false
      uuid :style_id, null: false
      primary_key %i[look_id style_id]
      foreign_key %i[studio_id look_id], :looks, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
    end

    # Pieces, except ribbon: metres.
    create_table(:stock_quantities) do
      uuid :studio_id, null: false
      uuid :style_id, primary_key: true
      Float :on_hand, null: false, default: 0
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      constraint(:stock_on_hand, Sequel.lit("on_hand >= 0"))
    end

    create_table(:house_rule_values) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :key, null: false
      Float :value, null: false
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      primary_key %i[studio_id key]
    end
  end

  down do
    drop_table :house_rule_values, :stock_quantities, :look_styles, :styles, :piece_changes, :pieces, :places, :rooms,
               :homes, :look_colours,
               :looks, :request_counts, :account_active_session_keys, :account_lockouts, :account_login_failures,
               :accounts, :studios
  end
end
