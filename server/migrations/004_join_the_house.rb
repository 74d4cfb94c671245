# frozen_string_literal: true

# One door for stock, acts that count once, what pieces need as rows, people who can be kept out again.
Sequel.migration do
  up do
    # Every count is the sum of its moves; stock_quantities keeps that sum for reading.
    create_table(:stock_moves) do
      primary_key :id, type: :Bignum
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :style_id, null: false
      Float :quantity, null: false
      String :reason, null: false
      # The act it belongs to, if any, and the key under which the client sent it.
      uuid :act_id
      uuid :key, null: false
      Bignum :account_id
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      unique %i[studio_id key style_id]
      index %i[studio_id style_id]
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
      constraint(:stock_move_reason, reason: %w[opening counted cut cut_off taken_back])
      constraint(:stock_move_quantity, Sequel.lit("quantity between -1e6 and 1e6"))
    end
    run <<~SQL
      insert into stock_moves (studio_id, style_id, quantity, reason, key)
      select studio_id, style_id, on_hand, 'opening', gen_random_uuid() from stock_quantities where on_hand > 0
    SQL

    # What was done once to a piece and can be taken back: ribbon cut, offcuts kept.
    create_table(:piece_acts) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :piece_id, null: false
      uuid :key, null: false
      String :kind, null: false
      uuid :style_id
      String :says, null: false
      column :told, :jsonb, null: false, default: Sequel.lit("'{}'")
      Bignum :account_id, null: false
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :taken_back_at
      Bignum :taken_back_by
      unique %i[studio_id id]
      unique %i[studio_id key]
      index %i[studio_id piece_id]
      foreign_key %i[studio_id piece_id], :pieces, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id account_id], :accounts, key: %i[studio_id id]
      constraint(:piece_act_kind, kind: %w[ribbon_cut offcuts_kept])
      constraint(:piece_act_style, Sequel.lit("(kind = 'ribbon_cut') = (style_id is not null)"))
    end
    # One standing act of a kind, ribbon by ribbon: however often and by however many it is pressed.
    run "create unique index piece_acts_once on piece_acts (piece_id, kind, coalesce(style_id, piece_id)) where " \
        "taken_back_at is null"
    alter_table(:stock_moves) { add_foreign_key %i[studio_id act_id], :piece_acts, key: %i[studio_id id] }

    # What was consumed of a style by an act that stands: no longer short for this piece, no longer on hand for others.
    create_table(:piece_cuts) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :act_id, null: false
      uuid :piece_id, null: false
      uuid :style_id, null: false
      Float :quantity, null: false
      primary_key %i[act_id style_id]
      index %i[studio_id piece_id]
      foreign_key %i[studio_id act_id], :piece_acts, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      constraint(:piece_cut_quantity, Sequel.lit("quantity > 0"))
    end

    # What a piece needs, with the stamp of all it was computed from; a row whose stamp differs is computed again.
    create_table(:piece_needs) do
      uuid :piece_id, primary_key: true
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :stamp, null: false
      column :style_ids, "uuid[]", null: false, default: Sequel.lit("'{}'")
      column :summary, :jsonb, null: false
      column :measured, :jsonb, null: false
      column :lines, :jsonb, null: false, default: Sequel.lit("'[]'")
      index :studio_id
      foreign_key %i[studio_id piece_id], :pieces, key: %i[studio_id id], on_delete: :cascade
    end

    # The version a change led to, and the schema of the states it keeps.
    alter_table(:piece_changes) do
      add_column :version, Integer
      add_column :settings_schema, Integer, null: false, default: 1
    end
    run "create index piece_changes_versions on piece_changes (piece_id, version)"
    alter_table(:piece_variants) { add_column :settings_schema, Integer, null: false, default: 1 }
    %i[homes rooms pieces].each do |table|
      alter_table(table) { add_column :deleted_by, :Bignum }
      run "create index #{table}_deleted on #{table} (studio_id, deleted_at) where deleted_at is not null"
    end

    alter_table(:accounts) { add_column :disabled_at, DateTime }
    # Wrong passwords by email, known here or not, so that neither can be told from the other.
    create_table(:sign_in_failures) do
      String :who, primary_key: true
      Integer :number, null: false, default: 0
      DateTime :counted_from, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :closed_until
    end
    # Browsers somebody has signed in from: strangers' guesses do not keep their owner out of them.
    create_table(:known_browsers) do
      String :token_digest, primary_key: true
      foreign_key :account_id, :accounts, type: :Bignum, null: false, on_delete: :cascade
      Integer :failures, null: false, default: 0
      DateTime :seen_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      index :account_id
    end
    drop_table :account_lockouts, :account_login_failures
  end

  down do
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
    drop_table :known_browsers, :sign_in_failures
    alter_table(:accounts) { drop_column :disabled_at }
    %i[homes rooms pieces].each do |table|
      run "drop index #{table}_deleted"
      alter_table(table) { drop_column :deleted_by }
    end
    alter_table(:piece_variants) { drop_column :settings_schema }
    alter_table(:piece_changes) do
      drop_column :settings_schema
      drop_column :version
    end
    drop_table :piece_needs, :piece_cuts
    alter_table(:stock_moves) { drop_constraint :stock_moves_studio_id_act_id_fkey }
    drop_table :piece_acts, :stock_moves
  end
end
