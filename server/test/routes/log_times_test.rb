# frozen_string_literal: true

require_relative "../server_test"

# Jobs told by people: added, corrected with history, left out, put away.
class LogTimesTest < ServerTest
  KEY = "minutes.pick"

  def setup
    sign_in
  end

  def told(**more)
    { key: SecureRandom.uuid, held_on: "2025-12-02", took: 12, parts: [{ rule: KEY, base: 20 }], **more }
  end

  def tell(status: 201, **more) = ask(:post, "/api/log-times", told(**more), status: status)

  def lesson(key = KEY) = ask(:get, "/api/lessons/#{key}")

  def correct(job, status: 200, **more)
    given = job.slice("held_on", "home", "piece", "piece_name", "who", "took", "pace", "left_out", "parts", "version")
    ask(:put, "/api/log-times/#{job['id']}", { **given, **more.transform_keys(&:to_s) }, status: status)
  end

  def test_a_job_is_told_once
    body = told(who: "  Bram Teasel ", piece_name: "Hall tree")
    2.times { ask(:post, "/api/log-times", body, status: 201) }
    jobs = lesson["jobs"].select { |job| job["piece_name"] == "Hall tree" }

    assert_equal 1, jobs.size
    assert_equal ["Bram Teasel", 2025, 10.0, 12.0], jobs.first.values_at("who", "season", "planned", "took")
  end

  def test_a_january_belongs_to_the_season_before
    assert_equal 2025, tell(held_on: "2026-01-07")["season"]
  end

  def test_of_a_home_and_a_piece_their_names_stay
    piece = DATABASE[:pieces].where(name: "Alcove tree").first
    home = DATABASE[:homes].where(name: "Number Nine, Ropewalk").get(:id)
    job = tell(home: home, piece: piece[:id], piece_name: "something else")

    assert_equal ["Number Nine, Ropewalk", "Alcove tree"], job.values_at("home_name", "piece_name")
    DATABASE[:pieces].where(id: piece[:id]).update(deleted_at: Time.now)

    assert_equal "Alcove tree", ask(:get, "/api/log-times/#{job['id']}")["piece_name"]
  end

  def test_today_and_what_is_tomorrow_elsewhere_may_be_told
    assert_equal(%w[2026-11-19 2026-11-20], %w[2026-11-19 2026-11-20].map { |day| tell(held_on: day)["held_on"] })
  end

  def test_the_fifth_plain_job_proposes
    3.times { lesson }
    tell(took: 13.5)

    assert_equal "few", lesson["state"]
    tell(took: 13)

    refute_equal "few", lesson["state"]
    assert_equal 5, lesson["count"]
  end

  def test_a_correction_keeps_what_was_said_before
    job = tell
    changed = correct(job, took: 14, left_out: "the ladder was stuck")
    history = ask(:get, "/api/log-times/#{job['id']}/history")["items"]

    assert_equal [14, true, 2], changed.values_at("took", "corrected", "version")
    assert_equal([[12, nil, "Ottoline Marsh"]], history.map { |one| one.values_at("took", "left_out", "by") })
    left = lesson["jobs"].find { |one| one["id"] == job["id"] }

    assert_equal "the ladder was stuck", left["left_out"]
    assert_equal 3, lesson["count"]
  end

  def test_two_who_correct_at_once_are_told
    job = tell
    correct(job, took: 14)
    told = correct(job, status: 409, took: 15)

    assert_equal 14, told["current"]["took"]
    assert_equal 1, ask(:get, "/api/log-times/#{job['id']}/history")["items"].size
  end

  def test_what_is_deleted_comes_back
    job = tell
    ask(:delete, "/api/log-times/#{job['id']}", status: 204)

    refute_includes lesson["jobs"].map { |one| one["id"] }, job["id"]
    ask(:get, "/api/log-times/#{job['id']}", status: 404)
    ask(:post, "/api/log-times/#{job['id']}/restore", {})

    assert_includes lesson["jobs"].map { |one| one["id"] }, job["id"]
  end

  def faults(**more) = tell(status: 422, **more)["errors"].map { |fault| fault["pointer"] }

  def test_what_cannot_be_is_refused_at_its_field
    assert_equal ["/took"], faults(took: 0)
    assert_equal ["/took"], faults(took: 1e300)
    assert_equal ["/pace"], faults(pace: 0)
    assert_equal ["/held_on"], faults(held_on: "soon")
    assert_equal ["/held_on"], faults(held_on: "2025-02-30")
    assert_equal ["/held_on"], faults(held_on: "2026-11-21")
    assert_equal ["/parts/0/base"], faults(parts: [{ rule: KEY, base: 0 }])
    assert_equal ["/parts/0/rule"], faults(parts: [{ rule: "tree.tip_gap", base: 1 }])
    assert_equal ["/parts/0/high"], faults(parts: [{ rule: KEY, base: 1, high: 2 }])
    assert_equal ["/parts"], faults(parts: [])
    assert_equal ["/parts"], faults(parts: [{ rule: KEY, base: 1 }] * 41)
    assert_equal ["/home"], faults(home: "nowhere")
    assert_equal ["/piece"], faults(piece: SecureRandom.uuid)
    assert_equal ["/who"], faults(who: "x" * 201)
    assert_equal ["/left_out"], faults(left_out: " ")
    assert_equal ["/key"], faults(key: "mine")
  end

  def test_what_is_used_is_told_by_itself
    said = [{ rule: KEY, base: 4 }, { rule: "ribbon.billow_soft", base: 3 }]

    assert_equal ["/parts/1/rule"], faults(parts: said)
  end

  def test_a_home_of_another_studio_is_none
    assert_equal ["/home"], faults(home: DATABASE[:homes].returning(:id)
                                                         .insert(studio_id: stranger, name: "Far").first[:id])
  end
end
