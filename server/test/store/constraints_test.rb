# frozen_string_literal: true

require_relative "../server_test"

# What the database itself refuses, whoever asks.
class ConstraintsTest < ServerTest
  def setup
    demo
  end

  def assert_refused(error = Sequel::CheckConstraintViolation, &block)
    assert_raises(error) { DATABASE.transaction(savepoint: true, &block) }
  end

  def test_values_that_cannot_be
    { homes: { name: " ", strike_on: Date.new(2026, 11, 1), children_ages: Sequel.pg_array([40], :integer),
               pets: Sequel.pg_array(["parrot"], :text) },
      rooms: { width_m: 0.1, ceiling_left_m: 40, heat: "lava", plan: Sequel.pg_jsonb([]) },
      places: { stance: "roof", free_width_m: 0, walkway_m: -1 },
      pieces: { kind: "hedge", name: "", settings: Sequel.pg_jsonb([]), out_m: -1 },
      viewpoints: { kind: "roof", name: " ", x_m: -1, heading_deg: 400, eye_m: 9 }, bare_places: { name: " " },
      styles: { kind: "smell", colour: "mauve", pack_size: 0, price_cents: -1 },
      sightings: { list: "dream", name: " ", price_cents: -1 },
      suppliers: { name: " ", lead_days: -1 }, coupons: { percent: 0, on: "everything" },
      offers: { pack_size: 0, price_cents: -1, available: -1 }, budgets: { planned_cents: -1 },
      purchases: { expected_on: Date.new(2000, 1, 1) }, purchase_lines: { packs: 0, off_cents: -1, trial: true },
      purchase_events: { kind: "sold", packs: 0 }, purchase_shares: { quantity: 0 },
      studio_prices: { tax_percent: 101, hourly_cents: -1 },
      log_times: { source: "rumour", took: 0, pace: 9, parts: Sequel.pg_jsonb([]), left_out: "" },
      log_remarks: { sort: "praise", price_cents: -1, says: "x" * 501 }, log_decisions: { house_rule: "x" * 81 },
      stock_quantities: { on_hand: -1 }, studios: { units: "cubits", name: "" }, accounts: { role: "guest", email:
        "nowhere" } }.each do |table, values|
      values.each { |column, value| assert_refused { DATABASE[table].update(column => value) } }
    end
  end

  def test_no_row_points_into_another_studio
    other = stranger
    { rooms: :homes, places: :rooms, pieces: :rooms, piece_changes: :pieces, stock_quantities: :styles,
      look_styles: :looks, viewpoints: :rooms, bare_places: :rooms, suppliers: :studios, coupons: :suppliers,
      offers: :styles, purchases: :suppliers, purchase_lines: :purchases, purchase_events: :purchase_lines,
      purchase_shares: :rooms, budgets: :homes, log_times: :homes, log_remarks: :homes, log_decisions: :accounts,
      strip_choices: :pieces }.each_key do |table|
      next if DATABASE[table].empty?

      assert_refused(Sequel::ForeignKeyConstraintViolation) { DATABASE[table].update(studio_id: other) }
    end
  end

  def test_every_table_with_data_of_a_studio_says_whose_it_is
    without = DATABASE.tables.reject { |table| DATABASE.schema(table).any? { |name, _| name == :studio_id } }

    assert_equal %i[account_active_session_keys known_browsers request_counts schema_info sign_in_failures
                    studio_invitations studios].sort, without.sort
  end

  def test_lengths_and_money_carry_their_unit_in_the_name
    numbers = DATABASE.tables.flat_map do |table|
      DATABASE.schema(table).select { |_, about| about[:type] == :float }.map { |name, _| "#{table}.#{name}" }
    end
    without_unit = numbers.grep_v(/(_(m|mm|g|kg|deg|cents|percent)|\.(watts|litres|percent))\z/).grep_v(/\.lab_/)

    # Of quantities the style says the unit: pieces, ribbon metres; of what the log tells, the house rule.
    assert_equal %w[house_rule_values.value log_decisions.becomes log_decisions.factor log_decisions.spread
                    log_decisions.was log_times.pace log_times.took offers.pack_size piece_claims.free piece_claims.held
                    piece_claims.wanted
                    piece_cuts.quantity purchase_lines.pack_size purchase_shares.quantity recipe_materials.quantity
                    recipes.batch stock_lots.quantity stock_move_lots.quantity stock_moves.quantity
                    stock_quantities.lacking
                    stock_quantities.on_hand stock_quantities.to_buy styles.pack_size
                    visit_acts.quantity], without_unit.sort
  end

  def test_one_email_has_one_account_however_it_is_written
    assert_refused(Sequel::UniqueConstraintViolation) do
      DATABASE[:accounts].where(email: ASSISTANT).update(email: OWNER.upcase)
    end
  end

  def test_migrations_go_down_and_up_again
    DATABASE.transaction(savepoint: true) do
      Sequel::Migrator.run(DATABASE, Server::Connection::MIGRATIONS, target: 0)

      refute DATABASE.table_exists?(:studios)
      Sequel::Migrator.run(DATABASE, Server::Connection::MIGRATIONS)

      assert DATABASE.table_exists?(:piece_changes)
    end
  end
end
