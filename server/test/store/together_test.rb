# frozen_string_literal: true

require_relative "../server_test"
require_relative "../demo_copy"

# Two people at the very same moment, on connections of their own.
class TogetherTest < ServerTest
  DEMO = DemoCopy.new(DATABASE)

  # Transactions of their own, seen by each other.
  def run(*)
    Minitest::Test.instance_method(:run).bind_call(self)
  end

  def setup
    DATABASE.run("truncate studios, request_counts restart identity cascade")
  end

  def teardown
    DATABASE.run("truncate studios, request_counts restart identity cascade")
  end

  # @return [Array] what each came back with, a Problem's status or :kept
  def at_once(count)
    gate = Queue.new
    threads = Array.new(count) do |i|
      Thread.new do
        gate.pop
        told { yield i }
      end
    end
    count.times { gate << :go }
    threads.map(&:value)
  end

  # No line to the database may be free for some seconds: whoever meets that asks again.
  def told
    yield
    :kept
  rescue Server::Problem => e
    e.status
  rescue Sequel::PoolTimeout
    retry
  end

  def demo
    @demo ||= DATABASE[:studios].get(:id) || DEMO.lay.then { DATABASE[:studios].get(:id) }
  end

  def test_only_one_of_several_changes_of_one_version_is_kept
    studio = demo
    piece = DATABASE[:pieces].where(name: "Quay window tree").first
    account = DATABASE[:accounts].get(:id)
    results = at_once(4) do |i|
      given = { "name" => "Tree #{i}", "place_id" => piece[:place_id], "settings" => piece[:settings].to_h }
      Server::Store::Pieces.new(DATABASE, studio).change(piece[:id], 1, given, account_id: account, units: "metric")
    end

    assert_equal [409, 409, 409, :kept], results.sort_by(&:to_s)
    assert_equal [2, 1],
                 [DATABASE[:pieces].where(id: piece[:id]).get(:version),
                  DATABASE[:piece_changes].where(piece_id: piece[:id]).count]
  end

  # Whoever counts what was found names the style in a row of its own, and only then waits for it.
  def test_naming_a_style_keeps_nobody_from_sharing_it_out
    studio = demo
    style = DATABASE[:styles].order(:name).get(:id)
    elsewhere = Server::Connection.open(ENV.fetch("DATABASE_URL"))
    elsewhere.transaction(rollback: :always) do
      elsewhere[:stock_moves].insert(studio_id: studio, style_id: style, quantity: 1, reason: "found",
                                     key: SecureRandom.uuid)
      DATABASE.transaction do
        DATABASE.run("set local lock_timeout = 2000")
        Server::Store::Claims.new(DATABASE, studio).share_out([style])
      end
    end

    assert_empty DATABASE[:stock_moves].where(style_id: style, reason: "found")
  ensure
    elsewhere&.disconnect
  end

  # A batch from a phone moves stock of several things, in whichever order they were said.
  def test_what_waits_for_each_other_is_tried_again_as_a_whole
    tries = 0
    kept = Server::Store::Table.tried(DATABASE) do
      tries += 1
      raise Sequel::SerializationFailure, "deadlock detected" if tries < 3

      :kept
    end

    assert_equal [:kept, 3], [kept, tries]
  end

  def test_of_several_who_send_one_person_to_different_homes_at_once_one_is_heard
    studio = demo
    homes = DATABASE[:homes].select_map(:id)
    results = at_once(6) do |i|
      Server::Store::Visits.new(DATABASE, studio).create(
        "home" => homes[i % homes.size], "held_on" => "2026-12-10", "from_min" => 540 + i, "to_min" => 900,
        "lunch_from_min" => nil, "lunch_min" => 0, "workers" => [DATABASE[:workers].order(:name).get(:id)]
      )
    end

    assert_equal [422, 422, 422, 422, 422, :kept], results.sort_by(&:to_s)
    assert_equal 1, DATABASE[:visits].where(held_on: "2026-12-10").count
  end

  def test_no_more_people_are_added_at_once_than_days_are_planned_for
    studio = demo
    most = Server::Store::Workers::MOST
    at_once(most) do |i|
      Server::Store::Workers.new(DATABASE, studio).create("name" => "Helper #{i}", "pace" => 1, "skills" => [])
    end

    assert_equal most, DATABASE[:workers].count
  end

  def tree_with_styles
    studio = demo
    [studio, DATABASE[:pieces].where(name: "Quay window tree").get(:id), DATABASE[:accounts].get(:id),
     DATABASE[:styles].where(kind: "ornament").select_map(:id)]
  end

  # Up and down at once, each in another order.
  def test_ticking_up_and_down_at_once_never_waits_in_a_circle
    studio, piece, account, styles = tree_with_styles
    sites = styles.flat_map do |style|
      (1..12).map { |number| { style: style, number: number, height_m: 1.0, angle_deg: 0.0 } }
    end
    results = at_once(12) do |i|
      store = Server::Store::HungOrnaments.new(DATABASE, studio)
      mine = sites.shuffle(random: Random.new(i))
      if i.even?
        store.hang(piece, mine, account_id: account)
      else
        store.take_down(piece, mine.map { |site| site.values_at(:style, :number) })
      end
    end

    assert_equal [:kept], results.uniq
  end

  def test_one_who_ticks_waits_until_another_who_ticks_the_same_tree_is_through
    studio, piece, account, styles = tree_with_styles
    store = Server::Store::HungOrnaments.new(DATABASE, studio)
    site = { number: 1, height_m: 1.0, angle_deg: 0.0 }
    second = nil
    DATABASE.transaction do
      store.hang(piece, [{ style: styles[0], **site }], account_id: account)
      second = Thread.new { store.hang(piece, [{ style: styles[1], **site }], account_id: account) }

      assert somebody_waits?(second), "The second did not wait for the first."
    end
    second.join

    assert_equal 2, store.of(piece).size
  end

  # Until one of our connections waits for a lock; false when the other was through without. Asked outside of the
  # transaction that is waited for: within one, PostgreSQL tells who waits as it was when it was first asked.
  def somebody_waits?(other)
    waiting = DATABASE[:pg_stat_activity].where(datname: Sequel.function(:current_database), wait_event_type: "Lock")
    Thread.new { Thread.pass until !other.alive? || waiting.any? }.join
    other.alive?
  end

  def test_a_transaction_that_loses_to_another_is_tried_again
    studio, = tree_with_styles
    tries = 0
    store = Server::Store::Homes.new(DATABASE, studio)
    made = store.send(:transaction) do
      tries += 1
      raise Sequel::SerializationFailure if tries < 4

      :done
    end

    assert_equal [:done, 4], [made, tries]
  end

  def test_versions_kept_at_once_never_are_more_than_a_piece_keeps
    studio, piece, = tree_with_styles
    most = Server::Store::Variants::MOST
    store = Server::Store::Variants.new(DATABASE, studio)
    there = DATABASE[:piece_variants].where(piece_id: piece).count
    (most - there - 1).times { |i| store.keep(piece, { "name" => "Version #{i}" }, TREE_KIND.check({})) }
    results = at_once(6) do |i|
      Server::Store::Variants.new(DATABASE, studio).keep(piece, { "name" => "Last #{i}" }, TREE_KIND.check({}))
    end

    assert_equal 1, results.count(:kept)
    assert_equal most, DATABASE[:piece_variants].where(piece_id: piece).count
  end

  def test_moves_of_a_count_at_once_are_all_counted_and_the_count_is_their_sum
    studio, _, account, styles = tree_with_styles
    style = styles.first
    before = DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
    at_once(20) { Server::Store::Stock.new(DATABASE, studio).move(style, 3, reason: "counted", account_id: account) }

    assert_in_delta before + 60, DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
    assert_in_delta before + 60, DATABASE[:stock_moves].where(style_id: style).sum(:quantity)
  end

  def test_one_key_moves_a_count_once
    studio, _, account, styles = tree_with_styles
    key = SecureRandom.uuid
    before = DATABASE[:stock_quantities].where(style_id: styles.first).get(:on_hand)
    at_once(8) do
      Server::Store::Stock.new(DATABASE, studio).move(styles.first, 3, reason: "counted", account_id: account, key: key)
    end

    assert_in_delta before + 3, DATABASE[:stock_quantities].where(style_id: styles.first).get(:on_hand)
  end

  def test_one_act_pressed_by_many_at_once_counts_once
    studio, piece, account, = tree_with_styles
    ribbon = DATABASE[:styles].where(name: "Plum velvet ribbon").get(:id)
    before = DATABASE[:stock_quantities].where(style_id: ribbon).get(:on_hand)
    at_once(8) do
      Server::Store::Acts.new(DATABASE, studio).record(piece, kind: "ribbon_cut", style_id: ribbon,
                                                              key: SecureRandom.uuid, says: "cut",
                                                              account_id: account) do |doing|
        doing.move(ribbon, -2, "cut")
        doing.cut(ribbon, 2)
      end
    end

    assert_in_delta before - 2, DATABASE[:stock_quantities].where(style_id: ribbon).get(:on_hand)
    assert_equal [1, 1], [DATABASE[:piece_acts].count, DATABASE[:piece_cuts].count]
    act = DATABASE[:piece_acts].get(:id)
    at_once(6) { Server::Store::Acts.new(DATABASE, studio).take_back(act, account_id: account) }

    assert_in_delta before, DATABASE[:stock_quantities].where(style_id: ribbon).get(:on_hand)
  end

  def test_only_one_of_several_house_rules_made_on_the_same_value_is_kept
    studio = demo
    results = at_once(3) do |i|
      Server::Store::HouseRules.new(DATABASE, studio).set("tree.tip_gap", 0.25 + (i * 0.01), was: 0.2)
    end

    assert_equal [409, 409, :kept], results.sort_by(&:to_s)
  end

  def test_an_installation_is_founded_by_one_only
    results = at_once(3) do |i|
      Server::Store::Studios.new(DATABASE).found(at: TODAY, studio: "Studio #{i}", name: "Founder",
                                                 email: "f#{i}@studio.example", password: "long-enough-1",
                                                 units: "metric", cost: 4)
    end

    assert_equal [409, 409, :kept], results.sort_by(&:to_s)
    assert_equal [1, 1], [DATABASE[:studios].count, DATABASE[:accounts].count]
  end

  def test_counts_of_tries_are_never_lost
    counts = Server::Middleware::Rate::Counts.new(DATABASE)
    at_once(5) { 4.times { counts.increment("key", 1, expires_in: 60) } }

    assert_equal 20, counts.read("key")
  end

  def test_old_counts_of_tries_are_forgotten
    counts = Server::Middleware::Rate::Counts.new(DATABASE)
    counts.write("old", 9, expires_in: -1)
    counts.increment("new", 1, expires_in: 60)

    assert_nil counts.read("old")
  end

  def test_two_processes_migrate_one_after_the_other
    at_once(2) { Server::Connection.migrate(DATABASE) }

    assert_equal Dir[File.join(Server::ROOT, "server/migrations/*.rb")].size, DATABASE[:schema_info].get(:version)
  end

  # Everybody asks for the same garlands at once, while they are counted up and down.
  def test_nothing_is_promised_twice_however_many_come_at_once
    studio = demo
    account = DATABASE[:accounts].get(:id)
    style = DATABASE[:styles].where(name: "Fir garland, 1.8 m").get(:id)
    pieces = DATABASE[:pieces].select_order_map(:id)
    results = at_once(12) do |i|
      claims = Server::Store::Claims.new(DATABASE, studio)
      next claims.keep(pieces.rotate(i).first(3).to_h { |id| [id, { style => { whole: 3, wanted: 3 } }] }) if i.even?

      Server::Store::Stock.new(DATABASE, studio).count(style, 4 + i, account_id: account)
    end
    there = DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
    held = DATABASE[:piece_claims].where(style_id: style).sum(:held)

    assert_equal [:kept], results.uniq
    assert_equal [there, 3.0 * DATABASE[:piece_claims].where(style_id: style).count].min, held
  end

  def test_where_wreaths_hang_is_written_down_once_by_several_who_reckon_at_once
    studio = demo
    piece = DATABASE[:pieces].where(name: "Cabinet wreaths").get(:id)
    Server::Needs.new(DATABASE, Server::Store::Studios.new(DATABASE).find(studio), budget: 5).of_ids([piece])
    results = at_once(8) { Server::Store::StyleUses.new(DATABASE, studio).record([piece]) }

    assert_equal [:kept], results.uniq
    assert_equal 1, DATABASE[:style_uses].where(piece_id: piece).count
  end

  def test_hooks_of_a_piece_are_kept_once_by_several_who_keep_them_at_once
    studio = demo
    piece = DATABASE[:pieces].where(name: "Cabinet wreaths").first
    hooks = [{ place: "Wall", kind: "nail", since: 2026, rated_kg: 5.0, left_m: 0.5, floor_m: 1.7 }]
    at_once(6) { Server::Store::Anchors.new(DATABASE, studio).keep(piece, hooks, near_m: 0.03) }

    assert_equal 1, DATABASE[:anchors].count
  end

  def test_entries_of_fifty_at_once_add_up_to_the_count
    studio = demo
    style = DATABASE[:styles].where(name: "Plum velvet, 8 cm").get(:id)
    before = DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
    at_once(50) do |i|
      Server::Store::Stock.new(DATABASE, studio).enter(
        style, { "reason" => i.even? ? "broken" : "found", "quantity" => 1 }, key: SecureRandom.uuid, account_id: nil
      )
    end

    assert_in_delta before, DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
    assert_in_delta before, DATABASE[:stock_moves].where(style_id: style).sum(:quantity)
  end

  def test_a_wrong_entry_is_reversed_once_by_several_at_once
    studio = demo
    style = DATABASE[:styles].where(name: "Plum velvet, 8 cm").get(:id)
    store = Server::Store::Stock.new(DATABASE, studio)
    before = DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
    store.enter(style, { "reason" => "broken", "quantity" => 4 }, key: SecureRandom.uuid, account_id: nil)
    wrong = DATABASE[:stock_moves].where(style_id: style, reason: "broken").get(:id)
    results = at_once(8) { Server::Store::Stock.new(DATABASE, studio).reverse(wrong, account_id: nil) }

    assert_equal [:kept], results.uniq
    assert_in_delta before, DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
  end

  # Fifty pieces of one home that want one each of the last ten.
  def racing
    studio, piece, _, styles = tree_with_styles
    row = DATABASE[:pieces].where(id: piece).first
    pieces = Array.new(50) do |i|
      DATABASE[:pieces].returning(:id).insert(**row.slice(:studio_id, :room_id, :kind, :settings, :schema_version),
                                              name: "Racing #{i}").first[:id]
    end
    DATABASE[:piece_claims].where(style_id: styles.first).delete
    there = DATABASE[:stock_quantities].where(style_id: styles.first).get(:on_hand)
    Server::Store::Stock.new(DATABASE, studio).move(styles.first, 10 - there, reason: "counted", account_id: nil)
    [studio, pieces, styles.first]
  end

  def test_fifty_who_race_for_the_last_ten_get_exactly_ten
    studio, pieces, style = racing
    results = at_once(50) do |i|
      Server::Store::Claims.new(DATABASE, studio).keep({ pieces[i] => { style => { whole: 1, wanted: 1 } } })
    end
    held = DATABASE[:piece_claims].where(piece_id: pieces, style_id: style).select_map(:held)

    assert_equal [:kept], results.uniq
    assert_equal [50, 10.0], [held.size, held.sum]
    assert_equal [0.0, 1.0], held.uniq.sort
  end

  def test_the_database_itself_never_promises_a_thing_twice
    studio, pieces, style = racing
    promise = { studio_id: studio, style_id: style, wanted: 1, came: 1, free: 1, held: 1 }
    results = at_once(50) do |i|
      DATABASE[:piece_claims].insert(**promise, piece_id: pieces[i])
    rescue Sequel::CheckConstraintViolation
      raise Server::Problem.not_found("one more")
    end

    assert_equal [10, 40], [results.count(:kept), results.count(404)]
    assert_in_delta 10, DATABASE[:piece_claims].where(style_id: style).sum(:held)
  end

  def test_lots_moves_and_count_agree_whatever_happens_at_once
    studio, _, account, styles = tree_with_styles
    boxes = Array.new(3) { Server::Store::Boxes.new(DATABASE, studio).create({})[:id] }
    ribbon = DATABASE[:styles].where(name: "Plum velvet ribbon").get(:id)
    at_once(50) { |i| act(studio, account, [styles.first, ribbon][i % 2], boxes, Random.new(i)) }
    sums = %i[stock_lots stock_moves].map { |table| DATABASE[table].where(style_id: styles.first).sum(:quantity) }
    counts = DATABASE[:stock_quantities].where(style_id: [styles.first, ribbon]).select_hash(:style_id, :on_hand)

    assert_in_delta counts[styles.first], sums[0], 1e-6
    assert_in_delta counts[styles.first], sums[1], 1e-6
    assert_in_delta counts[ribbon], DATABASE[:stock_lots].where(style_id: ribbon).sum(:quantity), 1e-6
    assert_empty(DATABASE[:stock_lots].where { quantity < 0 })
  end

  def test_nothing_is_put_into_a_box_while_it_goes
    studio, _, account, styles = tree_with_styles
    box = Server::Store::Boxes.new(DATABASE, studio).create({})[:id]
    things = [{ "style" => styles.first, "from" => nil, "quantity" => nil }]
    DATABASE[:stock_lots].where(style_id: styles.first).update(box_id: nil)
    results = nil
    DATABASE.transaction do
      Server::Store::Boxes.new(DATABASE, studio).delete(box, by: account)
      late = Thread.new do
        told { Server::Store::Boxes.new(DATABASE, studio).carry(things, into: box, key: SecureRandom.uuid, account_id: account) }
      end

      assert somebody_waits?(late), "It was put into a box that was going."
      results = late
    end

    assert_equal 422, results.value
    assert_equal [nil], DATABASE[:stock_lots].where(style_id: styles.first).select_map(:box_id).uniq
  end

  def ordered(packs)
    studio, _, account, styles = tree_with_styles
    line = { "style" => styles.first, "pack_size" => 6, "packs" => packs, "price_cents" => 500 }
    store = Server::Store::Purchases.new(DATABASE, studio)
    bought = store.order({ "lines" => [line] }, key: SecureRandom.uuid, today: Date.new(2026, 11, 19),
                                                account_id: account)
    [studio, account, styles.first, bought]
  end

  def arrived(studio, account, bought, key)
    event = { "line" => bought[:lines].first[:id], "kind" => "arrived", "packs" => 1 }
    Server::Store::Purchases.new(DATABASE, studio).happen(bought[:id], [event], key: key, day: Date.new(2026, 11, 20),
                                                                                account_id: account)
  end

  def test_no_more_arrives_than_was_ordered_however_many_receive_it_at_once
    studio, account, style, bought = ordered(3)
    before = DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
    results = at_once(8) { arrived(studio, account, bought, SecureRandom.uuid) }

    assert_equal [3, 5], [results.count(:kept), results.count(422)]
    assert_in_delta before + 18, DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
    refute DATABASE[:purchase_lines].where(purchase_id: bought[:id]).get(:open)
  end

  def test_one_box_unpacked_by_many_at_once_is_counted_once
    studio, account, style, bought = ordered(3)
    before = DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
    key = SecureRandom.uuid
    results = at_once(8) { arrived(studio, account, bought, key) }

    assert_equal [:kept], results.uniq
    assert_in_delta before + 6, DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
  end

  def test_one_order_pressed_by_many_at_once_is_ordered_once
    studio, _, account, styles = tree_with_styles
    line = { "style" => styles.first, "pack_size" => 1, "packs" => 2, "price_cents" => 5 }
    key = SecureRandom.uuid
    before = DATABASE[:stock_quantities].where(style_id: styles.first).get(:on_hand)
    results = at_once(8) do
      Server::Store::Purchases.new(DATABASE, studio)
                              .order({ "lines" => [line], "arrived" => true }, key: key, today: Date.new(2026, 11, 19),
                                                                               account_id: account)
    end

    assert_equal [:kept], results.uniq
    assert_equal 1, DATABASE[:purchases].where(key: key).count
    assert_in_delta before + 2, DATABASE[:stock_quantities].where(style_id: styles.first).get(:on_hand)
  end

  # Counted by one, received by another and taken back by a third: all go through and the count is their sum.
  def test_what_is_received_while_it_is_counted_is_neither_lost_nor_stuck
    studio, account, style, bought = ordered(12)
    results = at_once(24) do |i|
      next Server::Store::Stock.new(DATABASE, studio).count(style, 100 + i, account_id: account) if i.odd?

      key = SecureRandom.uuid
      arrived(studio, account, bought, key)
      Server::Store::Purchases.new(DATABASE, studio).undo(bought[:id], key, account_id: account)
    end

    assert_equal [:kept], results.uniq
    assert_in_delta DATABASE[:stock_moves].where(style_id: style).sum(:quantity),
                    DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)
    assert_equal 12, Server::Store::Purchases.new(DATABASE, studio).find(bought[:id])[:lines].first[:to_come]
  end

  private

  def act(studio, account, style, boxes, chance)
    stock = Server::Store::Stock.new(DATABASE, studio)
    key = SecureRandom.uuid
    case chance.rand(4)
    when 0 then stock.enter(style, { "reason" => "found", "quantity" => 3, "box" => boxes.sample(random: chance) },
                            key: key, account_id: account)
    when 1 then stock.enter(style, { "reason" => "broken", "quantity" => 1 }, key: key, account_id: account)
    when 2 then stock.carry(style, 2, from: [nil, *boxes].sample(random: chance), into: boxes.sample(random: chance),
                                      key: key, account_id: account)
    else stock.count_in(style, 4, box: boxes.sample(random: chance), note: "", key: key, account_id: account)
    end
  end
end
