# frozen_string_literal: true

require_relative "../server_test"

# The log of a visit: what its ticks say, what was noted, what is for next year.
class LogbookTest < ServerTest
  START = Time.utc(2026, 12, 2, 9)

  def setup
    sign_in
  end

  def visit = @visit ||= DATABASE[:visits].where(held_on: "2026-12-02").get(:id)

  def log = ask(:get, "/api/visits/#{visit}/log")

  def sheet = ask(:get, "/api/visits/#{visit}/run-sheet")

  def step(title, piece = "Alcove tree")
    id = sheet["pieces"].find { |one| one["name"] == piece }["id"]
    sheet["steps"].find { |one| one["title"] == title && one["piece"] == id }
  end

  def up(step, minute, turns: step["turns"])
    turns.each_with_index.map do |turn, i|
      place = turn["place"] || { "height_m" => 1, "angle_deg" => 0 }
      at = (START + (minute * 60) - turns.size + i).iso8601(3)
      { key: SecureRandom.uuid, kind: "up", step: step["id"], turn: turn["key"], at: at,
        height_m: place["height_m"], angle_deg: place["angle_deg"] }
    end
  end

  def say(*acts) = ask(:post, "/api/visits/#{visit}/acts", { acts: acts.flatten })

  def piece(name = "Alcove tree") = DATABASE[:pieces].where(name: name).get(:id)

  def note(sort, says = "", status: 201, **more)
    ask(:post, "/api/visits/#{visit}/remarks",
        { key: SecureRandom.uuid, sort: sort, says: says, piece: piece, **more }, status: status)
  end

  def fluffed = log["times"].find { |time| time["rules"].map { |rule| rule["key"] } == ["minutes.fluff_slim"] }

  def test_ticks_tell_what_work_took
    assert_empty log["times"]
    say(up(step("Fluff"), 34))

    assert_equal ["Alcove tree", "Ottoline Marsh", "ticks", 2026],
                 fluffed.values_at("piece_name", "who", "source", "season")
    assert_in_delta 34, fluffed["took"], 0.1
    assert_in_delta step("Fluff")["minutes"], fluffed["planned"], 0.1
    job = ask(:get, "/api/lessons/minutes.fluff_slim")["jobs"].find { |one| one["id"] == fluffed["id"] }

    assert_in_delta 34, job["took"], 0.1
  end

  def test_they_are_told_once_and_again_by_what_comes_late
    acts = up(step("Fluff"), 34)
    say(acts)
    first = fluffed
    say(acts, up(step("Lights"), 60))

    assert_equal first.except("version"), fluffed.except("version")
    assert_equal 2, log["times"].size

    undo = { key: SecureRandom.uuid, kind: "undo", of: acts.last[:key], at: (START + 4000).iso8601 }
    say(undo)

    assert_nil fluffed
    say(up(step("Fluff"), 90))

    refute_nil fluffed
  end

  def test_the_last_tick_taken_back_takes_its_job_with_it
    acts = up(step("Fluff"), 34)
    say(acts)

    refute_nil fluffed
    say(*acts.map { |act| { key: SecureRandom.uuid, kind: "undo", of: act[:key], at: (START + 4000).iso8601 } })

    assert_empty log["times"]
  end

  def test_the_same_step_is_a_job_of_each_season
    acts = up(step("Fluff"), 34)
    say(acts)
    before = DATABASE[:visits].where(id: visit).first
    last = DATABASE[:visits].returning(:id).insert(**before.slice(:studio_id, :home_id, :from_min, :to_min),
                                                   held_on: "2025-12-03").first[:id]
    act = DATABASE[:visit_acts].where(visit_id: visit).first
    DATABASE[:visit_acts].insert(**act, key: SecureRandom.uuid, visit_id: last, on_day: "2025-12-03", at_min: 580,
                                        told: Sequel.pg_jsonb({}), happened_at: Time.utc(2025, 12, 3, 9, 40))

    assert_in_delta 34, fluffed["took"], 0.1
    jobs = DATABASE[:log_times].where(source: "ticks").order(:season)

    assert_equal [2025, 2026], jobs.select_map(:season)
    assert_in_delta 40, jobs.first[:took], 0.1
  end

  def test_what_was_used_in_a_visit_that_was_deleted_tells_nothing
    @visit = DATABASE[:visits].where(held_on: "2026-12-01").get(:id)
    ribbon = step("Ribbon", "Signal tree")
    style = ribbon["things"].find { |thing| thing["kind"] == "ribbon" }["style"]
    say({ key: SecureRandom.uuid, kind: "used", step: ribbon["id"], turn: style, quantity: 3, at: START.iso8601 })
    DATABASE[:visits].where(id: visit).update(deleted_at: Time.now)

    assert_equal 5, ask(:get, "/api/lessons/ribbon.billow_soft")["jobs"].size
    refute ask(:get, "/api/lessons")["pending"]
  end

  def test_what_was_ticked_in_one_go_is_told_together
    say(up(step("Fluff"), 60), up(step("Lights"), 60.5, turns: step("Lights")["turns"]))
    together = log["times"].find { |time| time["rules"].size > 1 }

    assert_equal(%w[minutes.fluff_slim minutes.lights_per_100], together["rules"].map { |rule| rule["key"] })
    assert_in_delta 60.5, together["took"], 0.2
    jobs = ask(:get, "/api/lessons/minutes.lights_per_100")["jobs"]

    assert_equal "solved", jobs.find { |job| job["id"] == together["id"] }["how"]
  end

  def test_what_a_person_corrected_no_tick_changes
    say(up(step("Fluff"), 34))
    given = fluffed.slice("version", "held_on", "home", "piece", "who", "pace", "parts")
    ask(:put, "/api/log-times/#{fluffed['id']}", { **given, took: 41 })
    say(up(step("Lights"), 60))

    assert_in_delta 41, fluffed["took"]
    ask(:delete, "/api/log-times/#{fluffed['id']}", status: 204)
    say(up(step("Crown"), 70))

    assert_nil fluffed
  end

  def test_how_much_of_it_there_was_stays_as_it_was_done
    say(up(step("Fluff"), 34))
    before = fluffed["parts"]
    tree = ask(:get, "/api/pieces/#{piece}")
    ask(:put, "/api/pieces/#{piece}", { version: tree["version"], name: tree["name"], place_id: tree["place_id"],
                                        settings: tree["settings"].merge("measure" => { **tree["settings"]["measure"],
                                                                           "height_m" => 1.5 }) })
    say(up(step("Lights"), 60))

    assert_equal before, fluffed["parts"]
  end

  def test_a_helper_is_told_at_her_pace
    DATABASE[:workers].where(name: "Ottoline Marsh").update(pace: 1.4)
    say(up(step("Fluff"), 42))

    assert_in_delta 30, fluffed["took"], 0.1
  end

  def test_ribbon_that_was_used_is_a_job_of_its_billow
    @visit = DATABASE[:visits].where(held_on: "2026-12-01").get(:id)
    ribbon = step("Ribbon", "Signal tree")
    styles = ribbon["things"].select { |thing| thing["kind"] == "ribbon" }
    used = styles.map do |thing|
      { key: SecureRandom.uuid, kind: "used", step: ribbon["id"], turn: thing["style"], quantity: 9,
        at: (START + 60).iso8601 }
    end
    say(used)

    assert_empty log["times"]
    say(up(ribbon, 30))
    told = log["times"].find { |time| time["rules"].first["key"] == "ribbon.billow_soft" }

    assert_in_delta 9 * styles.size, told["took"]
    assert_in_delta styles.sum { |thing| thing["need"] }, told["planned"], 0.01
    assert_in_delta told["plain"], told["took"]
    # It is no work.
    assert_in_delta log["times"].select { |time| time["rules"].first["quantity"] == "minutes" }
                                .sum { |time| time["plain"] }, log["minutes"]["plain"]
  end

  def test_all_together_is_the_sum_of_its_work
    say(up(step("Fluff"), 34), up(step("Lights"), 60))
    told = log

    assert_in_delta told["times"].sum { |time| time["plain"] }, told["minutes"]["plain"]
    assert_in_delta told["times"].sum { |time| time["planned"] }, told["minutes"]["planned"]
  end

  def test_what_was_said_on_the_run_sheet_stands_beside_it
    say({ key: SecureRandom.uuid, kind: "note", says: "The key hangs behind the shutter", at: START.iso8601 })

    assert_equal([["note", "The key hangs behind the shutter", 540]],
                 log["said"].map { |one| one.values_at("kind", "says", "minute") })
  end

  def test_remarks_are_noted_once_changed_put_away_and_brought_back
    body = { key: SecureRandom.uuid, sort: "leaned", says: " To the left ", piece: piece }
    2.times { ask(:post, "/api/visits/#{visit}/remarks", body, status: 201) }
    remark = log["remarks"].first

    assert_equal 1, log["remarks"].size
    assert_equal ["leaned", "To the left", "Alcove tree", "Ottoline Marsh"],
                 remark.values_at("sort", "says", "piece_name", "by")
    ask(:put, "/api/remarks/#{remark['id']}", { version: 1, sort: "dull", says: "In the evening" })
    ask(:put, "/api/remarks/#{remark['id']}", { version: 1, sort: "dull", says: "late" }, status: 409)
    ask(:delete, "/api/remarks/#{remark['id']}", status: 204)

    assert_empty log["remarks"]
    ask(:post, "/api/remarks/#{remark['id']}/restore", {})

    assert_equal "In the evening", log["remarks"].first["says"]
  end

  def refused(sort, says = "", **more) = note(sort, says, status: 422, **more)["errors"].map { |one| one["pointer"] }

  def test_what_a_remark_said_before_it_was_corrected_is_told
    noted = note("buy", "a second lantern")
    given = { sort: "move", says: "the lantern to the hall", finish: "", price_cents: nil }
    first = ask(:put, "/api/remarks/#{noted['id']}", { **given, version: 1 })
    # Nothing is said anew.
    ask(:put, "/api/remarks/#{noted['id']}", { **given, version: first["version"] })
    history = ask(:get, "/api/remarks/#{noted['id']}/history")["items"]

    assert_equal([["buy", "a second lantern", "Ottoline Marsh"]],
                 history.map { |one| one.values_at("sort", "says", "by") })
    ask(:get, "/api/remarks/#{SecureRandom.uuid}/history", status: 404)
  end

  def test_a_remark_says_what_it_must
    assert_equal ["/says"], refused("buy", " ")
    assert_equal ["/finish"], refused("failed", "Came off")
    assert_equal ["/price_cents"], refused("price")
    assert_equal ["/price_cents"], refused("price", price_cents: -1)
    assert_equal ["/says"], refused("client", "x" * 501)
    assert_equal ["/piece"], refused("dull", piece: piece("Signal tree"))
    assert_equal ["/piece"], refused("dull", piece: "no id")
    assert_equal "painted plaster", note("failed", "Came off", finish: " painted plaster ")["finish"]
    assert_equal 4200, note("price", price_cents: 4200)["price_cents"]
    assert_equal "", note("before", piece: nil)["piece_name"]
  end

  def test_ideas_of_all_homes_come_together_what_is_open_first
    idea = note("make", "A line of paper boats")
    ask(:post, "/api/remarks/#{idea['id']}/settled", { settled: true })
    told = ask(:get, "/api/ideas")

    assert_equal 5, told["total"]
    assert_equal idea["id"], told["items"].last["id"]
    assert_equal({ "buy" => 1, "move" => 1, "make" => 1, "retire" => 1 }, told["open"])
    assert_equal(%w[make make], ask(:get, "/api/ideas?sort=make")["items"].map { |one| one["sort"] })
    ask(:post, "/api/remarks/#{idea['id']}/settled", { settled: false })

    assert_equal 2, ask(:get, "/api/ideas")["open"]["make"]
  end

  def test_what_is_to_be_bought_goes_to_the_wishes_once
    idea = note("buy", "Another string for the top")
    wishes = -> { ask(:get, "/api/sightings")["items"].select { |one| one["name"] == "Another string for the top" } }
    2.times { ask(:post, "/api/remarks/#{idea['id']}/wish", {}) }

    assert_equal([["wish", "Alcove tree, Number Nine, Ropewalk"]],
                 wishes.call.map { |one| one.values_at("list", "note") })
    assert_equal "2026-11-19", log["remarks"].last["settled_on"]
    ask(:post, "/api/remarks/#{note('move', 'To the hall')['id']}/wish", {}, status: 422)
  end

  def test_a_long_wish_is_said_in_full
    idea = note("buy", "word " * 60)
    ask(:post, "/api/remarks/#{idea['id']}/wish", {})
    wish = ask(:get, "/api/sightings")["items"].find { |one| one["name"].start_with?("word") }

    assert_operator wish["note"].size, :>, 290
  end

  def test_a_remark_of_a_home_that_is_gone_keeps_its_names
    note("retire", "The chalk balls")
    DATABASE[:homes].where(name: "Number Nine, Ropewalk").update(deleted_at: Time.now)

    assert_includes ask(:get, "/api/ideas")["items"].map { |one| one["home_name"] }, "Number Nine, Ropewalk"
  end
end
