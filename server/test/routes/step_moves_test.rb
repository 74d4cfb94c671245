# frozen_string_literal: true

require_relative "../server_test"

# Steps put elsewhere by a person, what would be if, days off, rooms that are to be ready, deliveries.
class StepMovesTest < ServerTest
  def setup
    sign_in
  end

  def days
    told = nil
    20.times do
      told = ask(:get, "/api/days")
      break if told["items"].none? { |span| span["pending"] }
    end
    told
  end

  def span(name = "Number Nine, Ropewalk")
    days["items"].find { |one| one["homes"].any? { |home| home["name"] == name } }
  end

  def visit(day = "2026-12-02") = DATABASE[:visits].where(held_on: day).get(:id)

  def worker(name) = DATABASE[:workers].where(name: name).get(:id)

  def step(span, title, piece)
    id = span["pieces"].find { |one| one["name"] == piece }["id"]
    span["steps"].find { |one| one["title"] == title && one["piece"] == id }
  end

  # The lights of the alcove tree, by Ottoline.
  def lights = step(span, "Lights", "Alcove tree")

  def move(step, from_min, who = ["Ottoline Marsh"], status: 200)
    ask(:post, "/api/visits/#{visit}/moves",
        { step: step["id"], from_min: from_min, workers: who.map { |name| worker(name) } }, status: status)
  end

  def test_a_step_stands_where_it_was_put_and_the_rest_is_planned_around_it
    before = lights
    told = move(before, 840)
    after = span

    assert_nil told["before"]
    assert_equal [840, [worker("Ottoline Marsh")], true], lights.values_at("from_min", "workers", "pinned")
    assert_equal after["homes"].first["end_min"], told["homes"].first["end_min"]
    assert_operator told["homes"].first["end_min"], :>, told["homes"].first["before_min"]
    after["steps"].combination(2).each do |one, other|
      next unless one["workers"].intersect?(other["workers"])

      assert one["to_min"] <= other["from_min"] || other["to_min"] <= one["from_min"]
    end
  end

  def test_it_goes_back_where_it_was_put_before_or_where_it_may
    first = move(lights, 840)
    second = move(lights, 870)

    assert_equal 840, second["before"]["from_min"]
    move(lights, second["before"]["from_min"])

    assert_equal 840, lights["from_min"]
    free = days["items"].last["steps"].size
    move(lights, nil, [])

    refute lights["pinned"]
    assert_equal free, days["items"].last["steps"].size
    assert_equal first["homes"].first["before_min"], span["homes"].first["end_min"]
  end

  def test_a_rule_it_breaks_is_said_and_nothing_is_kept
    { [400, ["Ottoline Marsh"]] => "Ottoline Marsh is not at work there all the while. Choose another time.",
      [730, ["Ottoline Marsh"]] => "Ottoline Marsh is not at work there all the while. Choose another time.",
      [600, ["Bram Teasel", "Ottoline Marsh"]] => "It is done by one. Choose so many.",
      [545, ["Ottoline Marsh"]] => "It cannot be done then: it comes after “Fluff”." }.each do |(from, who), says|
      assert_equal says, move(lights, from, who, status: 422)["errors"].first["message"]
    end
    assert_equal 0, DATABASE[:step_pins].count
  end

  def test_who_lacks_the_skill_or_is_not_there_is_refused
    ribbon = span["steps"].find { |one| one["skill"] == "symmetry" }

    assert_equal "It takes somebody who can do ribbon and bows.",
                 move(ribbon, 780, ["Juniper Lodd"], status: 422)["errors"].first["message"]
    stranger = ask(:post, "/api/workers", { name: "Wren Sallow", pace: 1, skills: [] }, status: 201)["id"]
    told = ask(:post, "/api/visits/#{visit}/moves", { step: lights["id"], from_min: 780, workers: [stranger] },
               status: 422)

    assert_equal ["/workers"], pointers(told)
    ask(:post, "/api/visits/#{visit}/moves", { step: "#{SecureRandom.uuid}/foot", from_min: 780, workers: [] },
        status: 404)
  end

  def test_two_steps_of_one_person_do_not_stand_over_each_other
    move(lights, 840)
    other = span["steps"].find do |one|
      one["key"] == "clear"
    end

    assert_equal "“Lights” was put there already. Choose another time.",
                 move(other, 842, status: 422)["errors"].first["message"]
  end

  def test_a_pin_in_a_visit_that_fell_out_lets_its_step_go
    move(lights, 840)
    DATABASE[:visits].where(held_on: "2026-12-02").update(held_on: "2026-12-03")

    assert lights["pinned"]
    ask(:delete, "/api/visits/#{visit('2026-12-03')}", status: 204)

    assert_equal 1, DATABASE[:step_pins].count
    refute(days["items"].any? { |one| one["steps"].any? { |step| step["pinned"] } })
  end

  def what_if(**asked) = ask(:post, "/api/visits/#{visit}/what-if", asked)

  def test_somebody_ill_is_compared_and_nothing_is_kept
    now = span["homes"].first["end_min"]
    told = what_if(ill: worker("Bram Teasel"))

    assert_equal now, told["now"].first["end_min"]
    assert(told["then"].first["unplaced"].positive? || told["then"].first["end_min"] > now)
    assert_equal now, span["homes"].first["end_min"]
  end

  def test_a_visit_less_leaves_all_of_a_home_that_has_no_other
    told = what_if(without: true)

    assert_equal 0, told["now"].first["unplaced"]
    assert_equal span["steps"].size, told["then"].first["unplaced"]
    assert_nil told["then"].first["end_min"]
  end

  def test_something_that_comes_late_is_compared
    comes = lights["comes"]

    assert_equal ["Warm lights, 100 a string", "2026-11-30", false], comes.values_at("label", "on", "made")
    told = what_if(late: { style: comes["style"], on: "2026-12-05" })

    assert_operator told["then"].first["unplaced"], :>, 0
    # What was ordered with it comes late too, wherever it is wanted.
    names = told["now"].map { |home| home["name"] }

    assert_equal ["Number Nine, Ropewalk", "The Signal Loft", "Tidewaiter's House"], names.sort
    assert_operator told["then"][names.index("Tidewaiter's House")]["unplaced"], :>, 0
    assert_equal 0, told["more"]
    keep(late: { style: comes["style"], on: "2026-12-05" })
    left = days["items"].flat_map { |one| one["steps"].select { |step| step["why"] && !step["done"] } }

    assert_equal told["then"].sum { |home| home["unplaced"] }, left.size
    assert_equal ["/late/on"],
                 pointers(ask(:post, "/api/visits/#{visit}/what-if",
                              { late: { style: comes["style"], on: "soon" } }, status: 422))
  end

  def keep(status: 200, **asked) = ask(:post, "/api/visits/#{visit}/what-if/keep", asked, status: status)

  def test_somebody_ill_is_at_no_visit_of_that_day_and_can_be_put_back
    bram = worker("Bram Teasel")
    told = keep(ill: bram)
    now = days["items"].flat_map { |one| one["visits"] }.select { |one| one["held_on"] == "2026-12-02" }

    assert(now.none? { |one| one["workers"].include?(bram) })

    before = told["visits"].first
    ask(:put, "/api/visits/#{before['id']}", before.except("id"))

    assert_includes DATABASE[:visit_workers].where(visit_id: visit).select_map(:worker_id), bram
    assert_empty keep(ill: SecureRandom.uuid)["visits"]
  end

  def test_what_was_ordered_comes_on_the_day_that_is_sure_now
    comes = lights["comes"]
    wait = ->(day) { keep(late: { style: comes["style"], on: day }) }
    told = wait.call("2026-12-01")

    assert_equal "2026-12-01", lights["comes"]["on"]
    before = told["purchases"].first

    assert_equal "2026-11-30", before["expected_on"]
    ask(:put, "/api/purchases/#{before['id']}", before.except("id"))

    assert_equal "2026-11-30", lights["comes"]["on"]
  end

  def test_all_of_it_is_kept_or_nothing
    ordered = lights["comes"]["style"]

    { { style: ordered, on: "soon" } => "/late/on", { style: ordered, on: "2026-01-01" } => "/expected_on",
      { style: "not-an-id", on: "2026-12-01" } => "/late/style",
      { style: SecureRandom.uuid, on: "2026-12-01" } => "/late/style" }.each do |late, pointer|
      assert_equal [pointer], pointers(keep(late: late, without: true, status: 422))
    end

    assert_includes DATABASE[:visits].where(id: visit, deleted_at: nil).select_map(:id), visit
    fell_out = visit
    keep(without: true)

    refute_nil DATABASE[:visits].where(id: fell_out).get(:deleted_at)
    ask(:post, "/api/visits/#{fell_out}/restore", {})

    assert_nil DATABASE[:visits].where(id: fell_out).get(:deleted_at)
  end

  def test_what_comes_later_waits_for_its_day
    told = span("Tidewaiter's House")
    lights = step(told, "Lights", "Quay window tree")

    assert_equal "2026-11-30", lights["comes"]["on"]
    assert_operator lights["from_min"], :>=, 2 * 1440
    DATABASE[:purchases].update(expected_on: "2026-12-24")

    assert_equal "it waits for Warm lights, 100 a string, and no visit comes after",
                 step(span("Tidewaiter's House"), "Lights", "Quay window tree")["why"]
  end

  def test_what_is_made_by_hand_waits_until_it_is_dry
    style = DATABASE[:styles].where(name: "Brass fern picks").get(:id)
    days

    assert_nil step(span("Tidewaiter's House"), "Picks", "Quay window tree")["comes"]
    recipe = ask(:post, "/api/recipes", { name: "Fern picks", style: style, batch: 4, active_minutes: 60,
                                          drying_minutes: 16 * 1440 }, status: 201)
    told = step(span("Tidewaiter's House"), "Picks", "Quay window tree")

    assert_equal({ "style" => style, "label" => "Brass fern picks", "on" => "2026-12-06", "made" => true },
                 told["comes"])
    assert_match(/it waits for Brass fern picks/, told["why"])
    DATABASE[:recipes].where(id: recipe["id"]).update(drying_minutes: 700)

    assert_equal "2026-11-20", step(span("Tidewaiter's House"), "Picks", "Quay window tree")["comes"]["on"]
  end

  def test_what_is_optional_is_left_out_first_and_only_where_it_must
    tree = DATABASE[:pieces].where(name: "Alcove tree").get(:id)
    ask(:put, "/api/pieces/#{tree}/optional", { optional: true }, status: 204)
    told = span

    assert(told["steps"].none? { |step| step["why"] })
    assert_equal "optional", told["pieces"].find { |piece| piece["id"] == tree }["state"]
    DATABASE[:visits].where(held_on: "2026-12-02").update(to_min: 780, lunch_from_min: nil)
    told = span
    mine, others = told["steps"].partition { |step| step["piece"] == tree }

    assert_equal ["it is optional, and there is no time for it"], mine.map { |step| step["why"] }.uniq
    assert(others.none? { |step| step["why"] })
    assert(mine.all? { |step| step["optional"] })
    ask(:put, "/api/pieces/#{tree}/optional", { optional: false }, status: 204)

    assert(span["steps"].any? { |step| step["why"] && step["piece"] != tree })
  end

  def test_nobody_works_on_a_day_off
    off = ask(:post, "/api/days-off", { from_on: "2026-12-02", to_on: "2026-12-02", why: "the holiday" }, status: 201)

    assert_equal "the holiday", span["visits"].first["day_off"]
    assert(span["steps"].all? { |step| step["why"] })
    assert_equal [off], days["days_off"]
    visit = { home: DATABASE[:homes].where(name: "The Signal Loft").get(:id), held_on: "2026-12-02", from_min: 540,
              to_min: 700, lunch_from_min: nil, lunch_min: 0, workers: [] }

    assert_equal "Nobody works there on that day (the holiday). Choose another.",
                 ask(:post, "/api/visits", visit, status: 422)["errors"].first["message"]
    ask(:delete, "/api/days-off/#{off['id']}", status: 204)

    assert_nil span["visits"].first["day_off"]
    ask(:post, "/api/days-off/#{off['id']}/restore", {})

    assert_equal "the holiday", span["visits"].first["day_off"]
  end

  def test_a_day_off_of_one_home_is_none_of_another
    home = DATABASE[:homes].where(name: "The Signal Loft").get(:id)
    ask(:post, "/api/days-off", { from_on: "2026-11-29", to_on: "2026-12-03", home: home }, status: 201)

    assert_nil span["visits"].first["day_off"]
    assert_equal "a day off", span("The Signal Loft")["visits"].find { |one| one["home"] == home }["day_off"]
  end

  def test_what_no_day_off_can_be_is_said_by_field
    good = { from_on: "2026-12-02", to_on: "2026-12-03" }

    { "/from_on" => { from_on: "x" }, "/to_on" => { to_on: "2026-12-01" }, "/home" => { home: SecureRandom.uuid },
      "/why" => { why: "x" * 121 } }.each do |pointer, wrong|
      assert_equal [pointer], pointers(ask(:post, "/api/days-off", { **good, **wrong }, status: 422)), wrong
    end
  end

  def test_a_room_is_ready_by_its_time_or_says_what_is_not
    room = DATABASE[:rooms].where(name: "Kitchen").get(:id)
    ask(:put, "/api/rooms/#{room}/ready-by", { ready_on: "2026-12-02", ready_min: 760 }, status: 204)
    told = span
    mine = told["steps"].select { |step| step["room"] == room }

    assert(mine.all? { |step| step["to_min"] <= 760 })
    assert_equal 760, told["homes"].first["rooms"].find { |one| one["id"] == room }["ready_min"]
    ask(:put, "/api/rooms/#{room}/ready-by", { ready_on: "2026-12-02", ready_min: 545 }, status: 204)

    assert_includes span["steps"].map { |step| step["why"] }, "it could not be done by the time it is to be ready"
    ask(:put, "/api/rooms/#{room}/ready-by", { ready_on: nil, ready_min: nil }, status: 204)

    assert(span["steps"].none? { |step| step["why"] })
    ask(:put, "/api/rooms/#{room}/ready-by", { ready_on: "soon", ready_min: 1 }, status: 422)
  end
end
