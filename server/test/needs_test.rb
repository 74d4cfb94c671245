# frozen_string_literal: true

require_relative "server_test"

# What pieces need is kept as rows, read as long as nothing it was computed from has changed, and computed again when it
# has.
class NeedsTest < ServerTest
  def setup
    sign_in
    desk
  end

  # Read until nothing is left to do, however slow the machine.
  def desk
    told = ask(:get, "/api/season")
    told = ask(:get, "/api/season") until told["items"].sum { |home| home["totals"]["pending"] }.zero?
    told
  end

  # How many pieces are computed anew while the desk is read.
  def computed
    counted { desk }
  end

  # Likewise while something else is done.
  def counted(&)
    count = 0
    original = Server::Planning.instance_method(:needs)
    counting = proc do |*given|
      count += 1
      original.bind_call(self, *given)
    end
    with_method(Server::Planning, :needs, counting, &)
    count
  end

  def pieces
    DATABASE[:pieces].where(deleted_at: nil)
  end

  def test_nothing_is_computed_twice
    assert_equal pieces.count, DATABASE[:piece_needs].count
    assert_equal 0, computed
  end

  def test_a_changed_piece_alone_is_computed_anew
    tree = quay_tree
    said = { name: "Bay tree", place_id: tree["place_id"], settings: tree["settings"] }
    count = counted { ask(:put, "/api/pieces/#{tree['id']}", { version: 1, **said }) }

    assert_equal [1, 0], [count, computed]
  end

  # A smaller tree takes fewer picks; the wreath that came after it may have them.
  def test_who_is_left_something_else_is_computed_anew_too
    tree = quay_tree
    settings = tree["settings"].merge("measure" => { "height_m" => 1.5 })
    ask(:put, "/api/pieces/#{tree['id']}", { version: 1, name: tree["name"], place_id: tree["place_id"],
                                             settings: settings })

    assert_operator computed, :>=, 1
  end

  def test_counting_a_style_computes_just_the_pieces_that_use_it
    style = ask(:get, "/api/styles")["items"].find { |one| one["name"] == "Slate glass, 10 cm" }
    users = pieces.where(Sequel.lit("settings::text like ?", "%#{style['id']}%")).count
    ask(:put, "/api/styles/#{style['id']}", style.except("id").merge("on_hand" => 500))

    assert_operator users, :<, pieces.count
    assert_equal users, computed
  end

  def test_a_room_a_home_a_house_rule_and_the_studio_each_reach_their_pieces
    room = DATABASE[:rooms].where(name: "Snug").first
    inside = pieces.where(room_id: room[:id]).count
    DATABASE[:rooms].where(id: room[:id]).update(ceiling_left_m: 2.0, version: room[:version] + 1)

    assert_equal inside, computed
    home = DATABASE[:homes].first
    DATABASE[:homes].where(id: home[:id]).update(version: home[:version] + 1)

    assert_equal pieces.where(room_id: DATABASE[:rooms].where(home_id: home[:id]).select(:id)).count, computed
    ask(:put, "/api/house-rules/minutes.tuck", { value: 3, was: DeckBough::HouseRules.default["minutes.tuck"] })

    assert_equal pieces.count, computed
    ask(:patch, "/api/studio", { version: 1, units: "imperial" })

    assert_equal pieces.count, computed
  end

  def test_what_the_card_tells_is_what_the_bench_tells
    desk
    home_named("Tidewaiter's House")["rooms"].flat_map { |room| room["pieces"] }.each do |piece|
      plan = ask(:post, "/api/pieces/#{piece['id']}/plan", {})
      summary = piece["summary"]

      assert_equal plan["totals"]["buy_cents"], summary["buy_cents"], piece["name"]
      assert_equal plan["ledger"].count { |line| line["short"].positive? }, summary["short_lines"], piece["name"]
      assert_in_delta plan["figures"]["minutes"]["value"], summary["minutes"], 1e-6
      assert_equal plan["cautions"].count { |caution| caution["severity"] == "caution" }, summary["cautions"],
                   piece["name"]
    end
  end

  def test_what_does_not_fit_into_a_request_is_told_as_still_to_do
    DATABASE[:piece_needs].delete
    studio = Server::Store::Studios.new(DATABASE).find(demo)
    hasty = Server::Season.new(DATABASE, studio, budget: -1).desk(today: TODAY.to_date, page: 1)

    # One is done however short the time, so that it comes to an end.
    assert_equal(pieces.count - 1, hasty[:items].sum { |home| home[:totals][:pending] })
    patient = Server::Season.new(DATABASE, studio, budget: 600).desk(today: TODAY.to_date, page: 1)

    assert_equal(0, patient[:items].sum { |home| home[:totals][:pending] })
  end

  # First come keeps it: it is no matter which screen is opened first.
  def test_the_desk_and_a_bench_come_to_the_same_shares
    shares = lambda do |&look|
      DATABASE[:piece_needs].delete
      DATABASE[:piece_claims].delete
      look.call
      DATABASE[:piece_claims].exclude(held: 0).select_hash(%i[piece_id style_id], :held)
    end
    by_desk = shares.call { desk }
    by_bench = shares.call { ask(:post, "/api/pieces/#{quay_tree['id']}/plan", {}) }
    by_home = shares.call { home_named("Number Nine, Ropewalk") }

    refute_empty by_desk
    assert_equal by_desk, by_bench
    assert_equal by_desk, by_home
  end

  # However many homes there are.
  def test_the_desk_takes_few_statements_and_no_more_for_more_homes
    # What the demo's pieces need is reckoned first, in however many goes a busy machine takes.
    10.times { break if desk["items"].none? { |home| home["totals"]["pending"].positive? } }
    few = statements { desk }
    room = { name: "Hall", width_m: 4, depth_m: 4, ceiling_left_m: 2.6, ceiling_right_m: 2.6 }
    12.times do |i|
      home = ask(:post, "/api/homes", { name: "Cottage #{i}" }, status: 201)
      made = ask(:post, "/api/homes/#{home['id']}/rooms", room, status: 201)
      2.times do |n|
        ask(:post, "/api/rooms/#{made['id']}/pieces", { name: "Tree #{n}", settings: { measure: { height_m: 1.8 } } },
            status: 201)
      end
    end
    desk

    assert_equal(few, statements { desk })
    assert_operator few, :<=, 20
    home = DATABASE[:homes].where(name: "Cottage 3").get(:id)

    assert_operator statements { ask(:get, "/api/homes/#{home}") }, :<=, 20
    # What its rooms show against a look takes three more, however many rooms and looks there are.
    dressed = home_named("Tidewaiter's House")
    other = DATABASE[:looks].where(name: "Lamp oil").get(:id)
    DATABASE[:rooms].where(id: dressed["rooms"].first["id"]).update(look_id: other)

    assert_operator statements { ask(:get, "/api/homes/#{dressed['id']}") }, :<=, 23
  end

  def statements
    log = StringIO.new
    logger = Logger.new(log)
    DATABASE.loggers << logger
    yield
    # One a line of the log; what is asked within a statement is a part of it.
    log.string.scan(/\ds\) (?:SELECT|INSERT|UPDATE|DELETE|WITH) /).size
  ensure
    DATABASE.loggers.delete(logger)
  end
end
