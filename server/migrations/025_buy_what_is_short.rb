# frozen_string_literal: true

# Buying: who sells what for how much, what was ordered and what became of it, and what each home may cost.
Sequel.migration do
  before = %w[opening counted cut cut_off taken_back bought used returned broken lost found lent given reversed moved
              merged made]

  up do
    # What went back to where it was bought.
    alter_table(:stock_moves) do
      drop_constraint(:stock_move_reason)
      add_constraint(:stock_move_reason, reason: [*before, "sent_back"])
    end

    # How much of a style lacks at once at most, what each piece lacks by itself together, how many pieces do, and the
    # first visit among theirs; kept by Store::Claims wherever it shares out.
    alter_table(:stock_quantities) do
      add_column :to_buy, Float, null: false, default: 0
      add_column :lacking, Float, null: false, default: 0
      add_column :lacking_pieces, Integer, null: false, default: 0
      add_column :wanted_on, Date
    end
    run <<~SQL
      create index stock_quantities_to_buy on stock_quantities (studio_id, style_id) where to_buy > 0
    SQL

    create_table(:suppliers) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      String :name, null: false
      Integer :lead_days, null: false, default: 0
      column :closed_weekdays, "integer[]", null: false, default: "{}"
      column :closed_on, "date[]", null: false, default: "{}"
      TrueClass :not_from_here, null: false, default: false
      String :note, null: false, default: ""
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      DateTime :deleted_at
      Bignum :deleted_by
      unique %i[studio_id id]
      index %i[studio_id name], unique: true, where: { deleted_at: nil }, name: :suppliers_name_key
      constraint(:supplier_words, Sequel.lit("length(trim(name)) between 1 and 80 and length(note) <= 500"))
      constraint(:supplier_days, Sequel.lit("lead_days between 0 and 120"))
    end

    create_table(:coupons) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :supplier_id, null: false
      Float :percent, null: false
      String :on, null: false
      Integer :least_cents, null: false, default: 0
      Date :until_on
      foreign_key %i[studio_id supplier_id], :suppliers, key: %i[studio_id id], on_delete: :cascade
      constraint(:coupon_values, Sequel.lit("percent > 0 and percent <= 100 and least_cents >= 0"))
      constraint(:coupon_on, on: %w[purchase line])
    end

    create_table(:offers) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :supplier_id, null: false
      uuid :style_id, null: false
      Float :pack_size, null: false
      Integer :price_cents, null: false
      Integer :available
      Date :asked_on, null: false
      primary_key %i[style_id supplier_id pack_size]
      foreign_key %i[studio_id supplier_id], :suppliers, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      constraint(:offer_numbers, Sequel.lit("pack_size > 0 and price_cents >= 0 and coalesce(available, 0) >= 0"))
    end

    # Where somebody said that a style is bought.
    create_table(:bought_at) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :style_id, primary_key: true
      uuid :supplier_id, null: false
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id supplier_id], :suppliers, key: %i[studio_id id], on_delete: :cascade
    end

    create_table(:purchases) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :supplier_id
      uuid :key, null: false
      Date :ordered_on, null: false
      Date :expected_on, null: false
      Integer :version, null: false, default: 1
      DateTime :changed_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      Bignum :account_id
      unique %i[studio_id id]
      unique %i[studio_id key], name: :purchases_key
      foreign_key %i[studio_id supplier_id], :suppliers, key: %i[studio_id id]
      constraint(:purchase_days, Sequel.lit("expected_on >= ordered_on"))
    end
    create_table(:purchase_lines) do
      uuid :id, primary_key: true, default: Sequel.function(:gen_random_uuid)
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :purchase_id, null: false
      uuid :style_id, null: false
      Float :pack_size, null: false
      Integer :packs, null: false
      Integer :price_cents
      Bignum :off_cents, null: false, default: 0
      TrueClass :trial, null: false, default: false
      Date :decide_by
      # Nothing of it is to come, to be decided or claimed.
      TrueClass :open, null: false, default: true
      unique %i[studio_id id]
      index %i[studio_id style_id], where: { open: true }
      index %i[studio_id purchase_id]
      foreign_key %i[studio_id purchase_id], :purchases, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id style_id], :styles, key: %i[studio_id id], on_delete: :cascade
      constraint(:purchase_line_numbers,
                 Sequel.lit("pack_size > 0 and packs > 0 and coalesce(price_cents, 0) >= 0 and off_cents >= 0"))
      constraint(:purchase_line_trial, Sequel.lit("trial = (decide_by is not null)"))
    end

    create_table(:purchase_events) do
      primary_key :id, type: :Bignum
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :line_id, null: false
      uuid :key, null: false
      String :kind, null: false
      Integer :packs, null: false
      Date :on_day, null: false
      String :note, null: false, default: ""
      Bignum :account_id
      DateTime :made_at, null: false, default: Sequel::CURRENT_TIMESTAMP
      unique %i[line_id key kind], name: :purchase_events_key
      index %i[studio_id key]
      foreign_key %i[studio_id line_id], :purchase_lines, key: %i[studio_id id], on_delete: :cascade
      constraint(:purchase_event_kind, kind: %w[arrived wrong_colour faulty missing replaced refunded kept taken_back
                                                cancelled])
      constraint(:purchase_event_packs, Sequel.lit("packs > 0 and length(note) <= 200"))
    end

    # Whom a line was bought for: what each room lacked then. Without any it is the studio's own.
    create_table(:purchase_shares) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :line_id, null: false
      uuid :room_id, null: false
      Float :quantity, null: false
      primary_key %i[line_id room_id]
      foreign_key %i[studio_id line_id], :purchase_lines, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id room_id], :rooms, key: %i[studio_id id], on_delete: :cascade
      constraint(:purchase_share_quantity, Sequel.lit("quantity > 0"))
    end

    create_table(:budgets) do
      foreign_key :studio_id, :studios, type: :uuid, null: false
      uuid :home_id, null: false
      # Without a room it is the home's.
      uuid :room_id
      Integer :planned_cents, null: false
      index %i[home_id room_id], unique: true, name: :budgets_of_one
      foreign_key %i[studio_id home_id], :homes, key: %i[studio_id id], on_delete: :cascade
      foreign_key %i[studio_id room_id], :rooms, key: %i[studio_id id], on_delete: :cascade
      constraint(:budget_planned, Sequel.lit("planned_cents >= 0"))
    end
    run "create unique index budgets_of_home on budgets (home_id) where room_id is null"

    # What the studio asks for its work.
    create_table(:studio_prices) do
      foreign_key :studio_id, :studios, type: :uuid, primary_key: true
      Integer :hourly_cents, null: false, default: 0
      Float :mark_up_percent, null: false, default: 0
      Float :tax_percent, null: false, default: 0
      Integer :version, null: false, default: 1
      constraint(:studio_price_values,
                 Sequel.lit("hourly_cents >= 0 and mark_up_percent between 0 and 500 and " \
                            "tax_percent between 0 and 100"))
    end

    # Likewise of what was shared out before.
    run <<~SQL
      with wants as (
        select piece_claims.studio_id, piece_claims.style_id, piece_claims.wanted, piece_claims.held, homes.visit_on,
               coalesce(homes.visit_on, '-infinity'::date) as first, coalesce(homes.strike_on, 'infinity'::date) as last
        from piece_claims
        join styles on styles.id = piece_claims.style_id
        join pieces on pieces.id = piece_claims.piece_id and pieces.deleted_at is null
        join rooms on rooms.id = pieces.room_id and rooms.deleted_at is null
        join homes on homes.id = rooms.home_id and homes.deleted_at is null
        where piece_claims.wanted > 0 and coalesce(styles.owner_home_id, homes.id) = homes.id
      ), begun as (select distinct studio_id, style_id, first as day from wants),
      at_once as (
        select begun.studio_id, begun.style_id,
               max((select sum(w.wanted) from wants w
                    where w.style_id = begun.style_id and begun.day between w.first and w.last)) as wanted
        from begun group by 1, 2
      )
      , lacks as (
        select style_id, sum(wanted - held) as lacking, count(*) as pieces, min(visit_on) as wanted_on
        from wants where wanted - held > 1e-6 group by 1
      )
      insert into stock_quantities (studio_id, style_id, on_hand, to_buy, lacking, lacking_pieces, wanted_on)
      select studio_id, style_id, 0, round(wanted::numeric, 6), coalesce(lacking, 0), coalesce(pieces, 0), wanted_on
      from at_once left join lacks using (style_id)
      on conflict (style_id) do update
        set to_buy = greatest(round((excluded.to_buy - stock_quantities.on_hand)::numeric, 6), 0),
            lacking = excluded.lacking, lacking_pieces = excluded.lacking_pieces, wanted_on = excluded.wanted_on
    SQL
  end

  down do
    drop_table :studio_prices, :budgets, :purchase_shares, :purchase_events, :purchase_lines
    drop_table :purchases, :bought_at, :offers, :coupons, :suppliers
    alter_table(:stock_quantities) { %i[to_buy lacking lacking_pieces wanted_on].each { |name| drop_column name } }
    alter_table(:stock_moves) { drop_constraint(:stock_move_reason) }
    from(:stock_moves).where(reason: "sent_back").update(reason: "counted")
    alter_table(:stock_moves) { add_constraint(:stock_move_reason, reason: before) }
  end
end
