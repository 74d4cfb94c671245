# frozen_string_literal: true

require_relative "../server_test"

# What a season came to, on the screen and on paper.
class SeasonSummaryTest < ServerTest
  def setup
    sign_in
  end

  def summary = ask(:get, "/api/season-summary")

  def style(name) = DATABASE[:styles].where(name: name).get(:id)

  def enter(name, reason, quantity)
    ask(:post, "/api/styles/#{style(name)}/moves",
        { key: SecureRandom.uuid, reason: reason, quantity: quantity }, status: 201)
  end

  def tell(took, base, home: "Tidewaiter's House", **more)
    ask(:post, "/api/log-times", { key: SecureRandom.uuid, held_on: "2026-11-18", took: took,
                                   home: DATABASE[:homes].where(name: home).get(:id),
                                   parts: [{ rule: "minutes.ornament", base: base }], **more }, status: 201)
  end

  def of(home) = summary["homes"].find { |one| one["name"] == home }

  def test_money_is_what_the_budgets_say
    told = summary
    homes = ask(:get, "/api/budgets")["items"].to_h { |one| [one["id"], one.slice("bought_cents", "stock_cents")] }

    assert_equal(homes, told["homes"].to_h { |one| [one["id"], one.slice("bought_cents", "stock_cents")] })
    assert_equal told["homes"].sum { |one| one["stock_cents"] }, told["stock_cents"]
    assert_equal told["homes"].sum { |one| one["bought_cents"] }, told["bought_cents"]
  end

  def test_minutes_are_those_of_this_season_that_count
    assert_equal({ "planned" => 0, "took" => 0 }, summary["minutes"])
    tell(74, 100)
    tell(42, 50, pace: 1.4, home: "The Signal Loft")
    tell(600, 100, left_out: "the cat")
    ask(:post, "/api/log-times", { key: SecureRandom.uuid, held_on: "2026-11-18", took: 26,
                                   parts: [{ rule: "ribbon.billow_soft", base: 20 }] }, status: 201)

    assert_equal({ "planned" => 90.0, "took" => 104.0 }, summary["minutes"].transform_values { |one| one.round(6) })
    assert_equal [60.0, 74.0], of("Tidewaiter's House").values_at("planned", "took")
    assert_equal([30.0, 30.0], of("The Signal Loft").values_at("planned", "took").map { |minutes| minutes.round(6) })
  end

  def test_what_broke_is_told_with_its_worth_and_what_was_found_again_is_not_lost
    assert_empty summary["gone"]
    enter("Slate glass, 10 cm", "broken", 2)
    enter("Slate glass, 10 cm", "lost", 3)
    enter("Slate glass, 10 cm", "found", 1)

    assert_equal([["Slate glass, 10 cm", 2, 2, 1480]],
                 summary["gone"].map { |one| one.values_at("name", "broken", "lost", "cents") })
  end

  def test_what_was_written_wrongly_did_not_break
    enter("Slate glass, 10 cm", "broken", 2)
    move = DATABASE[:stock_moves].where(reason: "broken").reverse(:id).get(:id)
    ask(:post, "/api/moves/#{move}/reverse", {}, status: 201)

    assert_empty summary["gone"]
  end

  def test_what_is_still_out
    open = summary["open"]

    assert_equal ["Number Nine, Ropewalk", "The Signal Loft", "Tidewaiter's House"],
                 open["standing"].map { |one| one["name"] }.sort
    assert_includes open["lent"].map { |one| one.values_at("name", "whom", "quantity") },
                    ["Olive felt leaf, 9 cm", "Corin Aske", 4]
    assert_equal 3, open["on_trial"].size
    DATABASE[:homes].where(name: "The Signal Loft").update(visit_on: "2026-11-01", strike_on: "2026-11-10")
    enter("Olive felt leaf, 9 cm", "returned", 4)

    refute_includes summary["open"]["standing"].map { |one| one["name"] }, "The Signal Loft"
  end

  def struck
    DATABASE[:visits].where(purpose: "strike").get(:id)
  end

  def everything_off
    told = nil
    20.times { break unless (told = ask(:get, "/api/visits/#{struck}/run-sheet"))["pending"] }
    told["steps"].flat_map do |step|
      step["turns"].map do |turn|
        { key: SecureRandom.uuid, kind: "up", step: step["id"], turn: turn["key"], at: "2026-11-19T09:30:00+01:00" }
      end
    end
  end

  def stands?
    summary["open"]["standing"].any? { |one| one["name"] == "Tidewaiter's House" }
  end

  # Who has taken a home down need not wait for the day it was to be.
  def test_a_home_stands_no_longer_when_all_of_it_was_ticked_as_down
    acts = everything_off
    acts[..-2].each_slice(100) { |some| ask(:post, "/api/visits/#{struck}/acts", { acts: some }) }

    assert_predicate self, :stands?
    ask(:post, "/api/visits/#{struck}/acts", { acts: acts.last(1) })

    refute_predicate self, :stands?
    undo = { key: SecureRandom.uuid, kind: "undo", of: acts.last[:key], at: "2026-11-19T10:30:00+01:00" }
    ask(:post, "/api/visits/#{struck}/acts", { acts: [undo] })

    assert_predicate self, :stands?
  end

  def test_things_without_a_price_are_counted_as_such
    before = summary["unpriced"]
    used = DATABASE[:piece_claims].join(:styles, id: :style_id).exclude(price_cents: nil).where { held > 0 }
                                  .select_map(Sequel[:styles][:id]).uniq.first(2)
    DATABASE[:styles].where(id: used).update(price_cents: nil)

    assert_equal before + 2, summary["unpriced"]
  end

  def test_lessons_are_what_was_taken_on_then_what_went_wrong_then_ideas
    ask(:post, "/api/lessons/minutes.ornament/decisions", { key: SecureRandom.uuid, accepted: true, was: 0.6 })
    ask(:post, "/api/lessons/minutes.fluff_slim/decisions", { key: SecureRandom.uuid, accepted: false, was: 7 })
    visit = DATABASE[:visits].get(:id)
    { "buy" => "A finer top", "leaned" => "To the window", "client" => "She likes it" }.each do |sort, says|
      ask(:post, "/api/visits/#{visit}/remarks", { key: SecureRandom.uuid, sort: sort, says: says }, status: 201)
    end

    assert_equal([["rule", "An ornament"], ["remark", "To the window"], ["remark", "A finer top"]],
                 summary["lessons"].map { |one| [one["kind"], one["title"] || one["says"]] })
  end

  def test_what_went_wrong_is_told_however_many_ideas_there_were
    visit = DATABASE[:visits].get(:id)
    [*["buy"] * 11, "dull"].each do |sort|
      ask(:post, "/api/visits/#{visit}/remarks", { key: SecureRandom.uuid, sort: sort, says: "Again" }, status: 201)
    end

    assert_equal(["dull", *["buy"] * 9], summary["lessons"].map { |one| one["sort"] })
  end

  def test_base_and_change_are_told_by_their_worth
    told = summary

    assert_operator told["base_cents"], :>, told["change_cents"]
    assert_includes told["change"], "Quince ball, 7 cm"
    kept = DATABASE[:piece_claims].join(:styles, id: :style_id).exclude(price_cents: nil)
                                  .sum(Sequel.lit("held * price_cents / pack_size"))

    assert_in_delta kept, told.values_at("base_cents", "change_cents", "unmarked_cents").sum, 3
    assert_in_delta told["stock_cents"], kept, 0.1 * kept
    DATABASE[:homes].where(name: "The Signal Loft").update(deleted_at: Time.now)
    without = summary.values_at("base_cents", "change_cents", "unmarked_cents").sum

    assert_operator without, :<, kept
  end

  def test_on_paper_on_the_papers_of_the_studio
    enter("Slate glass, 10 cm", "broken", 2)
    tell(74, 100)
    ask(:post, "/api/lessons/minutes.ornament/decisions", { key: SecureRandom.uuid, accepted: true, was: 0.6 })
    note = { key: SecureRandom.uuid, sort: "failed", says: "Came off", finish: "plaster" }
    ask(:post, "/api/visits/#{DATABASE[:visits].get(:id)}/remarks", note, status: 201)

    assert_equal "[0 0 595.28 841.89]", printed
    DATABASE[:studios].update(paper: "letter")

    assert_equal "[0 0 612 792]", printed
  end

  # How large its pages are.
  def printed
    get "/api/season-summary.pdf"

    assert_equal 200, last_response.status
    last_response.body.b[/MediaBox (\[[^\]]+\])/, 1]
  end

  def test_an_empty_studio_has_an_empty_summary
    stranger
    clear_cookies
    ask(:post, "/api/login", { email: "else@elsewhere.example", password: "another-word-1" })
    told = summary

    assert_equal [[], 0, 0, 0, [], []],
                 told.values_at("gone", "bought_cents", "base_cents", "change_cents", "change", "lessons")
    assert_empty told["open"].slice("lent", "on_trial").values.flatten
  end
end
