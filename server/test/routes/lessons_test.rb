# frozen_string_literal: true

require_relative "../server_test"

# What the log teaches, and what is made of that.
class LessonsTest < ServerTest
  KEY = "minutes.ornament"

  def setup
    sign_in
  end

  def lesson(key = KEY) = ask(:get, "/api/lessons/#{key}")

  def row(key = KEY) = ask(:get, "/api/lessons")["items"].find { |one| one["key"] == key }

  def house(key = KEY)
    ask(:get, "/api/house-rules")["chapters"].flat_map { |chapter| chapter["constants"] }
                                             .find { |constant| constant["key"] == key }
  end

  def decide(accepted: true, was: 0.6, key: SecureRandom.uuid, rule: KEY, status: 200)
    ask(:post, "/api/lessons/#{rule}/decisions", { key: key, accepted: accepted, was: was }, status: status)
  end

  def take_back(key, why: "", status: 204)
    ask(:post, "/api/decisions/#{key}/take-back", { why: why }, status: status)
  end

  def minutes_of(name)
    homes.flat_map { |home| ask(:get, "/api/homes/#{home['id']}")["rooms"] }.flat_map { |room| room["pieces"] }
         .find { |piece| piece["name"] == name }["summary"]["minutes"]
  end

  def test_each_rule_that_has_jobs_says_what_they_come_to
    states = ask(:get, "/api/lessons")["items"].to_h { |one| one.values_at("key", "state") }

    assert_equal %w[suggests suggests suggests],
                 states.values_at(KEY, "minutes.fluff_slim", "minutes.garland_hang")
    assert_equal %w[too_wide chance few as_it_is],
                 states.values_at("minutes.foot", "minutes.clean_up", "minutes.pick", "minutes.tuck")
    assert_equal 9, row["ratios"].size
    assert_in_delta 0.74, row["suggested"]
    assert_nil row("minutes.tuck")["suggested"]
  end

  def test_a_lesson_tells_its_jobs_and_how_it_was_reckoned
    told = lesson

    assert_equal row.except("ratios"), told.slice(*row.except("ratios").keys)
    assert_equal 9, told["jobs"].size
    assert_equal({ "pace" => 2, "ladder" => 2, "solved" => 0 }, told["taken_out"])
    slow = told["jobs"].find { |job| job["who"] == "Juniper Lodd" && job["piece_name"] == "Signal tree" }

    assert_in_delta 30, slow["planned"]
    assert_in_delta 30, slow["took"]
    assert_equal "What past jobs teach", told["sheet"]["rules"].first["title"]
    assert_in_delta told["factor"], told["sheet"]["steps"].first["value"]
  end

  def test_times_of_several_kinds_of_work_are_shared_out_and_said_so
    shared = lesson("minutes.garland_layer")

    assert_equal(%w[solved solved solved], shared["jobs"].map { |job| job["how"] })
    assert_equal 3, shared["taken_out"]["solved"]
  end

  def test_what_is_proposed_changes_plans_and_ends_of_days_that_are_told_before
    changes = nil
    20.times { break unless (changes = ask(:get, "/api/lessons/#{KEY}/changes"))["pending"] }
    tree = changes["items"].find { |one| one["name"] == "Signal tree" }

    refute changes["pending"]
    assert_in_delta 0.74, changes["value"]
    assert_in_delta tree["now"] * 0.74 / 0.6, tree["would_be"], 0.01
    assert_operator tree["ends_then"], :>=, tree["ends_now"]
    assert(changes["items"].any? { |one| one["ends_then"] && one["ends_then"] > one["ends_now"] })
    assert_in_delta changes["items"].sum { |one| one["by"] }, changes["sum"]

    before = minutes_of("Signal tree")
    decide

    assert_in_delta before + tree["by"], minutes_of("Signal tree"), 0.01
  end

  def test_what_is_begun_is_not_among_what_would_change
    piece = DATABASE[:pieces].where(name: "Signal tree").get(:id)
    step = "#{piece}/measure"
    home = DATABASE[:homes].where(name: "The Signal Loft").get(:id)
    DATABASE[:done_steps].insert(studio_id: demo, home_id: home, step: step)

    refute_includes ask(:get, "/api/lessons/#{KEY}/changes")["items"].map { |one| one["name"] }, "Signal tree"
  end

  def test_quicker_work_ends_no_day_later
    changes = ask(:get, "/api/lessons/minutes.fluff_slim/changes")

    refute_empty changes["items"]
    changes["items"].each { |one| assert_operator one["ends_then"], :<=, one["ends_now"] }
    assert_operator changes["sum"], :<, 0
  end

  def test_rooms_change_by_what_is_done_in_them_as_a_whole
    names = ask(:get, "/api/lessons/minutes.clean_up/changes")["items"].map { |one| one["name"] }

    assert_includes names, "Long room"
  end

  def test_what_is_used_is_planned_anew
    tree = ask(:get, "/api/lessons/ribbon.billow_soft/changes")["items"].first

    assert_equal "Signal tree", tree["name"]
    assert_operator tree["by"], :>, 0
  end

  def test_a_day_is_gone_but_the_plan_is_not_changed_by_asking
    before = house["value"]
    ask(:get, "/api/lessons/#{KEY}/changes")

    assert_equal before, house["value"]
  end

  def test_it_is_taken_on_once_dated_and_taken_back_in_one_press
    key = SecureRandom.uuid
    2.times { decide(key: key) }
    decision = lesson["decisions"].first

    assert_in_delta 0.74, house["value"]
    assert_equal [key, 0.6, 0.74, true, 9, "2026-11-19", "Ottoline Marsh"],
                 decision.values_at("key", "was", "becomes", "accepted", "jobs", "decided_on", "by")
    assert_equal "as_it_is", row["state"]

    2.times { take_back(key, why: "it was the cat") }

    assert_equal({ "value" => 0.6, "changed" => false }, house.slice("value", "changed"))
    assert_equal ["2026-11-19", "it was the cat"],
                 lesson["decisions"].first.values_at("taken_back_on", "taken_back_why")
    assert_equal "suggests", row["state"]
  end

  def test_what_is_left_stays_and_is_told
    decide(accepted: false)

    assert_in_delta 0.6, house["value"]
    assert_equal [false, 0.6], lesson["decisions"].first.values_at("accepted", "becomes")
  end

  def test_what_somebody_set_since_is_not_taken_back
    decide(key: key = SecureRandom.uuid)
    ask(:put, "/api/house-rules/#{KEY}", { value: 0.9, was: 0.74 })

    assert_match(/changed since, to 0.9/, take_back(key, status: 422)["detail"])
    assert_in_delta 0.9, house["value"]
  end

  def test_what_is_decided_on_another_value_is_refused
    ask(:put, "/api/house-rules/#{KEY}", { value: 0.59, was: 0.6 })
    decide(was: 0.6, status: 409)

    assert_in_delta 0.59, house["value"]
  end

  def test_where_nothing_is_proposed_nothing_is_taken_on
    decide(rule: "minutes.tuck", was: 1.5, status: 422)
    decide(rule: "minutes.pick", was: 0.5, status: 422)
    decide(rule: "tree.tip_gap", was: 0.2, status: 404)

    assert_in_delta 1.5, house("minutes.tuck")["value"]
  end

  def test_an_owner_decides
    key = SecureRandom.uuid
    decide(key: key)
    as(ASSISTANT) do
      decide(status: 403)
      take_back(key, status: 403)

      assert_equal 9, lesson["jobs"].size
    end
  end

  def test_another_studio_learns_nothing_of_it
    stranger
    clear_cookies
    ask(:post, "/api/login", { email: "else@elsewhere.example", password: "another-word-1" })
    told = ask(:get, "/api/lessons")

    assert_empty told["items"]
    assert_empty told["decisions"]
    assert_equal told["rules"].size, told["without"]
    assert_empty lesson["jobs"]
    assert_equal "few", lesson["state"]
    assert_empty ask(:get, "/api/lessons/#{KEY}/changes")["items"]
  end

  def test_work_that_takes_no_time_by_the_house_teaches_nothing
    ask(:put, "/api/house-rules/minutes.foot", { value: 0, was: 15 })

    assert_empty lesson("minutes.foot")["jobs"]
    assert_empty ask(:get, "/api/lessons/minutes.foot/changes")["items"]
  end

  def test_no_rule_of_the_log
    ask(:get, "/api/lessons/minutes.crossing", status: 404)
    ask(:get, "/api/lessons/nothing/changes", status: 404)
    ask(:get, "/api/lessons/#{'x' * 300}", status: 404)
  end
end
