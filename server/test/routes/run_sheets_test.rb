# frozen_string_literal: true

require_relative "../piece_requests"
require_relative "../server_test"

# A visit as it is worked from: what is said of it counts once, comes in any order, and moves plans and days.
class RunSheetsTest < ServerTest
  include PieceRequests

  TIME = "2026-11-30T15:20:00+01:00"

  def setup
    sign_in
    20.times { break if ask(:get, "/api/days")["items"].none? { |span| span["pending"] } }
  end

  # The second one to Tidewaiter's House: the tree is hung in it.
  def visit(day = "2026-11-30", home = "Tidewaiter's House")
    DATABASE[:visits].where(held_on: day, home_id: DATABASE[:homes].where(name: home).get(:id)).get(:id)
  end

  def sheet(visit = self.visit) = ask(:get, "/api/visits/#{visit}/run-sheet")

  def state(visit = self.visit) = ask(:get, "/api/visits/#{visit}/acts")

  def act(kind, **told) = { key: SecureRandom.uuid, kind: kind, at: TIME, **told }

  def say(*acts, visit: self.visit, status: 200)
    ask(:post, "/api/visits/#{visit}/acts", { acts: acts }, status: status)
  end

  def ornaments = sheet["steps"].find { |step| step["key"] == "ornaments" }

  def up(step, turn, **told)
    place = turn["place"]&.slice("height_m", "angle_deg").to_h.transform_keys(&:to_sym)
    act("up", step: step["id"], turn: turn["key"], **place, **told)
  end

  def hung(tree) = ask(:get, "/api/pieces/#{tree}/hung")["items"]

  def day_step(id)
    ask(:get, "/api/days")["items"].flat_map { |span| span["steps"] }.find { |step| step["id"] == id }
  end

  def test_it_has_the_steps_of_its_hours_as_the_days_have_them
    told = sheet
    days = ask(:get, "/api/days")["items"].first
    held = days["visits"].find { |one| one["id"] == visit }
    within = (held["starts_min"] + held["from_min"])...(held["starts_min"] + held["to_min"])
    wanted = days["steps"].select { |step| step["home"] == held["home"] && within.cover?(step["from_min"]) }

    assert_equal wanted.map { |step| step["id"] }.sort, told["steps"].map { |step| step["id"] }.sort
    assert_equal told["steps"].map { |step| step["from_min"] }, told["steps"].map { |step| step["from_min"] }.sort
  end

  def test_each_ornament_has_its_place_and_its_box
    step = ornaments
    map = ask(:get, "/api/pieces/#{step['piece']}/hanging")["map"]
    hung = step["turns"].select { |turn| turn["place"] }
    parts = sheet["steps"].select { |one| one["key"] == "ornaments" && one["piece"] == step["piece"] }

    assert_equal(map["sites"].size, parts.sum { |part| part["turns"].size })
    parts.each { |part| assert_equal part["count"], part["turns"].size }
    site = map["sites"].find { |one| "#{one['style']} #{one['number']}" == hung.first["key"] }

    assert_equal site.slice("height_m", "angle_deg", "tier"), hung.first["place"].slice("height_m", "angle_deg", "tier")
    assert_includes sheet["places"].map { |one| one["style"] }, hung.first["thing"]
    cautions = step["things"].to_h { |thing| [thing["label"], thing["caution"]] }

    assert_nil cautions["Rope knot, 6 cm"]
    assert_match(/\AIt breaks: never below 1\.\d+ m here\.\z/, cautions["Slate glass, 10 cm"])
  end

  def test_what_is_up_is_up_on_the_map_once_however_often_it_is_sent
    step = ornaments
    acts = step["turns"].first(3).map { |turn| up(step, turn) }
    3.times { say(*acts) }

    assert_equal(acts.map { |one| one[:turn] }.sort,
                 hung(step["piece"]).map { |one| one.values_at("style", "number").join(" ") }.sort)
    assert_equal 3, state["acts"].size
    assert_equal(acts.map { |one| one[:turn] }.sort, state["hung"].map { |one| one["turn"] }.sort)
  end

  def test_what_is_taken_back_comes_down_and_what_was_ticked_on_the_map_stays
    step = ornaments
    one, other = step["turns"].first(2)
    style, number = other["key"].split
    ask(:put, "/api/pieces/#{step['piece']}/hanging",
        { up: true, ornaments: [{ style: style, number: number.to_i }] })
    ups = [up(step, one), up(step, other)]
    say(*ups)
    say(*ups.map { |up| act("undo", of: up[:key]) })

    assert_equal([number.to_i], hung(step["piece"]).map { |hung| hung["number"] })
    assert_empty state["acts"]
  end

  def test_taken_back_before_it_came_it_never_hangs
    step = ornaments
    up = up(step, step["turns"].first)
    say(act("undo", of: up[:key]))
    say(up)

    assert_empty hung(step["piece"])
  end

  def test_a_step_is_done_when_all_of_it_is_and_leaves_the_days
    told = sheet(visit("2026-11-28"))
    step = told["steps"].find { |one| one["key"] == "clear" }
    up = up(step, step["turns"].first, at: "2026-11-28T09:05:00+01:00")
    after = say(up, visit: visit("2026-11-28"))

    assert_equal [step["id"]], after["done"]
    assert day_step(step["id"])["done"]
    assert_nil day_step(step["id"])["from_min"]
    assert_equal [{ "by" => "Ottoline Marsh", "worker" => worker("Ottoline Marsh"), "from_min" => 540,
                    "to_min" => 545 }], day_step(step["id"])["worked"]
    refute_nil day_step(step["id"].sub("clear", "lay_out"))["from_min"]
    assert_equal step["id"], sheet(visit("2026-11-28"))["steps"].first["id"]
    say(act("undo", of: up[:key]), visit: visit("2026-11-28"))

    refute day_step(step["id"])["done"]
    say(up(step, step["turns"].first, at: "2026-11-27T19:05:00+01:00"), visit: visit("2026-11-28"))

    assert_equal [true, []], day_step(step["id"]).values_at("done", "worked")
  end

  def worker(name) = DATABASE[:workers].where(name: name).get(:id)

  # Stars are folded and varnished in the Loft on its first day: [the step, of what].
  def making
    made = sheet(visit("2026-11-30", "The Signal Loft"))["steps"].find { |one| one["key"].start_with?("make ") }
    [made, made["key"].delete_prefix("make ")]
  end

  def test_what_is_made_in_the_home_is_a_step_and_what_it_goes_onto_waits_until_it_is_dry
    made, = making
    hang = ask(:get, "/api/days")["items"].flat_map { |span| span["steps"] }
                                          .find { |one| one["after"].any? { |before| before["id"] == made["id"] } }

    assert_equal 600, hang["after"].find { |before| before["id"] == made["id"] }["wait_min"]
    assert_operator hang["from_min"], :>=, day_step(made["id"])["to_min"] + 600
    assert_nil hang["comes"]
    assert_equal [7, 7, ""], [made["count"], *made["turns"].first.values_at("need", "key")]
    assert_match(/two coats of varnish/, made["how"])
    assert_equal 48, made["minutes"]
  end

  # So many come of it at once that nothing lacks once they are made.
  def test_what_was_made_is_told_as_done_also_when_nothing_lacks_any_more
    DATABASE[:recipes].update(batch: 40)
    made, star = making
    at = visit("2026-11-30", "The Signal Loft")
    up = up(made, made["turns"].first, at: "2026-11-30T13:00:00+01:00")
    say(up, visit: at)

    assert_in_delta 50, on_hand(star)
    assert day_step(made["id"])["done"]
    DATABASE[:recipes].update(deleted_at: Time.now)

    assert_empty say(act("undo", of: up[:key]), visit: at)["refused"]
    assert_in_delta 10, on_hand(star)
  end

  def test_what_two_say_was_made_was_made_once_and_stays_made_while_one_says_so
    made, star = making
    at = visit("2026-11-30", "The Signal Loft")
    turn = made["turns"].first
    one, other = Array.new(2) { up(made, turn, at: "2026-11-30T13:00:00+01:00") }
    say(one, other, up(made, turn, at: "2026-11-30T12:00:00+01:00"), visit: at)

    assert_in_delta 18, on_hand(star)
    2.times { say(act("undo", of: one[:key]), visit: at) }

    assert_in_delta 18, on_hand(star)
    left = state(at)["acts"].select { |told| told["kind"] == "up" }
    say(*left.map { |told| act("undo", of: told["key"]) }, visit: at)

    assert_in_delta 10, on_hand(star)
  end

  def test_what_was_made_comes_into_stock_dries_on_and_is_taken_back
    made, star = making
    at = visit("2026-11-30", "The Signal Loft")
    hang = day_step(made["id"]) && ask(:get, "/api/days")["items"].flat_map { |span| span["steps"] }
                                                                  .find do |one|
      one["after"].any? do |before|
        before["id"] == made["id"]
      end
    end
    before = on_hand(star)
    up = up(made, made["turns"].first, at: "2026-11-30T13:00:00+01:00")
    2.times { say(up, visit: at) }

    assert_in_delta before + 8, on_hand(star)
    assert day_step(made["id"])["done"]
    # At eleven in the evening they are dry; the next visit is the day after.
    DATABASE[:visits].where(id: at).update(to_min: 1439)

    assert_operator day_step(hang["id"])["from_min"], :>=, (2 * 1440) + (13 * 60) + 600
    say(act("undo", of: up[:key]), visit: at)

    assert_in_delta before, on_hand(star)
    refute day_step(made["id"])["done"]
  end

  # Glue wants its hour also when somebody has ticked that the hooks are up.
  def test_hooks_that_were_put_up_still_set
    DATABASE[:homes].update(rented: true)
    days = ask(:get, "/api/days")["items"]
    after = days.flat_map { |span| span["steps"] }.find do |one|
      one["after"].any? do |before|
        before["wait_min"] == 60
      end
    end
    hooks = day_step(after["after"].find { |before| before["wait_min"] == 60 }["id"])
    visit = days.flat_map { |span| span["visits"] }.find do |one|
      one["home"] == hooks["home"] && hooks["from_min"].between?(*one.values_at("from_min", "to_min").map do |minute|
        one["starts_min"] + minute
      end)
    end
    said = format("%02d:%02d", *(hooks["to_min"] % 1440).divmod(60))
    turns = sheet(visit["id"])["steps"].find { |one| one["id"] == hooks["id"] }["turns"]
    say(*turns.map do |turn|
      act("up", step: hooks["id"], turn: turn["key"], at: "#{visit['held_on']}T#{said}:00+01:00")
    end,
        visit: visit["id"])

    assert day_step(hooks["id"])["done"]
    assert_operator day_step(after["id"])["from_min"], :>=, hooks["to_min"] + 60
  end

  def test_where_things_go_is_told_of_pieces_without_a_map
    told = sheet(visit("2026-11-28"))
    shelves = told["pieces"].find { |piece| piece["kind"] == "shelves" }
    step = told["steps"].find { |one| one["piece"] == shelves["id"] && one["key"] == "dress" } ||
           told["steps"].find { |one| one["piece"] == shelves["id"] }
    houses = step["things"].find { |thing| thing["label"] == "Paper houses" }
    sites = shelves["sites"].select { |site| site["style"] == houses["style"] }

    assert_equal [houses["need"], houses["need"]], [sites.size, sites.uniq.size]
  end

  def test_half_of_it_is_not_done
    step = ornaments
    say(*step["turns"][0..-2].each_slice(100).first.map { |turn| up(step, turn) })

    assert_empty state["done"]
  end

  def test_what_is_left_is_planned_from_where_the_work_is
    first = visit("2026-11-28")
    step = sheet(first)["steps"].find { |one| one["key"] == "clear" }
    say(up(step, step["turns"].first, at: "2026-11-28T11:40:00+01:00"), visit: first)

    assert_operator sheet(first)["steps"].reject { |one| one["done"] }.map { |one| one["from_min"] }.min, :>=, 700
  end

  def test_what_waits_fills_the_next_visit_and_is_told_of_its_piece
    first = visit("2026-11-28")
    step = sheet(first)["steps"].find { |one| one["key"] == "lights" && one["piece"] }
    say(act("wait_for", step: step["id"], says: "the new strings"), visit: first)
    told = ask(:get, "/api/days")["items"].first

    assert_equal "the new strings", day_step(step["id"])["waits_for"]
    assert_operator day_step(step["id"])["from_min"], :>, told["visits"].first["to_min"]
    assert_equal({ "state" => "waiting", "waits_for" => "the new strings" },
                 told["pieces"].find { |piece| piece["id"] == step["piece"] }.slice("state", "waits_for"))
    assert_equal("the new strings", sheet(first)["steps"].find { |one| one["id"] == step["id"] }["waits_for"])
    say(act("carry_on", step: step["id"], at: "2026-11-30T15:21:00+01:00"), visit: first)

    assert_nil day_step(step["id"])["waits_for"]
  end

  # One phone shows three hours more than there are on the wall.
  def test_a_phone_whose_clock_is_wrong_is_put_right_by_what_it_shows_when_it_sends
    first = visit("2026-11-28")
    step = sheet(first)["steps"].find { |one| one["key"] == "lights" && one["piece"] }
    wrong = Time.now + (3 * 3600)
    waits = act("wait_for", step: step["id"], says: "the strings", at: (wrong - 60).iso8601(3))
    ask(:post, "/api/visits/#{first}/acts", { sent_at: wrong.iso8601(3), acts: [waits, act("note", at: "noon")] })

    assert_equal "the strings", day_step(step["id"])["waits_for"]
    assert_in_delta Time.now - 60, DATABASE[:visit_acts].where(key: waits[:key]).get(:happened_at), 30
    ask(:post, "/api/visits/#{first}/acts",
        { sent_at: Time.now.iso8601(3), acts: [act("carry_on", step: step["id"], at: Time.now.iso8601(3))] })

    assert_nil day_step(step["id"])["waits_for"]
  end

  def test_a_clock_that_is_nearly_right_is_believed
    first = visit("2026-11-28")
    said = act("note", says: "x", at: "2026-11-28T10:00:00.000+01:00")
    ask(:post, "/api/visits/#{first}/acts", { sent_at: (Time.now + 40).iso8601(3), acts: [said] })

    assert_equal Time.iso8601(said[:at]), DATABASE[:visit_acts].where(key: said[:key]).get(:happened_at)
    assert_equal ["/sent_at"],
                 pointers(ask(:post, "/api/visits/#{first}/acts", { sent_at: "noon", acts: [said] }, status: 422))
    ask(:post, "/api/visits/#{SecureRandom.uuid}/acts", { sent_at: "noon", acts: [said] }, status: 404)
  end

  def test_what_waits_after_the_last_visit_finds_no_place_and_says_why
    last = visit("2026-12-02", "Number Nine, Ropewalk")
    step = sheet(last)["steps"].find { |one| one["piece"] }
    say(act("wait_for", step: step["id"], says: "the berries"), visit: last)

    assert_equal "it waits for the berries, and no visit comes after", day_step(step["id"])["why"]
  end

  def on_hand(style) = DATABASE[:stock_moves].where(style_id: style).sum(:quantity)

  def test_ribbon_that_was_used_leaves_the_stock_once_and_comes_back
    step = sheet(visit("2026-11-28"))["steps"].find { |one| one["things"].any? { |thing| thing["unit"] == "m" } }
    ribbon = step["things"].find { |thing| thing["unit"] == "m" }
    before = on_hand(ribbon["style"])
    used = act("used", step: step["id"], turn: ribbon["style"], quantity: 1.5)
    2.times { say(used, visit: visit("2026-11-28")) }
    say(act("used", step: step["id"], turn: ribbon["style"], quantity: 1.5), visit: visit("2026-11-28"))

    assert_in_delta before - 1.5, on_hand(ribbon["style"])
    assert_in_delta 1.5, DATABASE[:piece_cuts].where(style_id: ribbon["style"]).sum(:quantity)
    say(act("undo", of: used[:key]), visit: visit("2026-11-28"))

    assert_in_delta before, on_hand(ribbon["style"])
  end

  # A phone that opens the sheet again takes off once more what the acts say was used.
  def test_a_box_is_told_as_it_was_before_the_visit_used_of_it
    at = visit("2026-11-28")
    step = sheet(at)["steps"].find { |one| one["things"].any? { |thing| thing["unit"] == "m" } }
    ribbon = step["things"].find { |thing| thing["unit"] == "m" }["style"]
    lies = -> { sheet(at)["places"].select { |one| one["style"] == ribbon }.sum { |one| one["quantity"] } }
    before = lies.call
    say(act("used", step: step["id"], turn: ribbon, quantity: 1.5), visit: at)

    assert_in_delta before, lies.call
    assert_in_delta before - 1.5, on_hand(ribbon)
  end

  # The same ribbon goes into the crown and round the tree.
  def test_what_is_used_in_two_steps_of_a_piece_counts_each_time
    at = visit("2026-11-28")
    step = sheet(at)["steps"].find { |one| one["things"].any? { |thing| thing["unit"] == "m" } }
    ribbon = step["things"].find { |thing| thing["unit"] == "m" }["style"]
    before = on_hand(ribbon)
    crown = "#{step['piece']}/crown"
    [[step["id"], 1.5], [crown, 0.5], [crown, 0.5]].each do |id, metres|
      say(act("used", step: id, turn: ribbon, quantity: metres), visit: at)
    end

    assert_in_delta before - 2, on_hand(ribbon)
  end

  # Whoever makes the bow is told the bow's part, whoever tucks the rest.
  def test_one_ribbon_for_crown_and_tree_is_laid_out_for_each
    @piece = piece_called("Quay window tree")
    ribbon = @piece["settings"]["ribbon"]["styles"].first
    save(crown: { kind: "bow", style: ribbon })
    line = plan["ledger"].find { |one| one["style"] == ribbon }
    steps = sheet(visit("2026-11-28"))["steps"] + sheet["steps"]
    told = steps.select { |step| step["piece"] == @piece["id"] && line["uses"].key?(step["key"]) }
    needs = told.to_h { |step| [step["key"], step["things"].find { |one| one["style"] == ribbon }["need"]] }

    assert_equal line["uses"].transform_values { |metres| metres.round(6) }, needs
    assert_in_delta line["need"], needs.values.sum
    assert(told.all? { |step| step["turns"].any? { |turn| turn["thing"] == ribbon } })
  end

  def test_what_ran_out_is_planned_again_without_it_and_what_hangs_stays
    step = ornaments
    style = step["turns"].first["thing"]
    mine = step["turns"].select { |turn| turn["thing"] == style }
    stamp = state["stamp"]
    before = ask(:get, "/api/pieces/#{step['piece']}/hanging")["map"]["sites"].count { |one| one["style"] == style }
    say(*mine.first(2).map { |turn| up(step, turn) })
    ran_out = act("ran_out", step: step["id"], turn: style)
    after = say(ran_out, act("ran_out", step: step["id"], turn: style))
    sites = ask(:get, "/api/pieces/#{step['piece']}/hanging")["map"]["sites"].select { |one| one["style"] == style }

    assert_equal [2, 2], [sites.size, sites.count { |site| site["up"] }]
    refute_equal stamp, after["stamp"]
    say(act("undo", of: ran_out[:key]))

    assert_equal(before, ask(:get, "/api/pieces/#{step['piece']}/hanging")["map"]["sites"].count do |one|
      one["style"] == style
    end)
  end

  def over(tree, kind)
    sheet["pieces"].find { |piece| piece["id"] == tree }["over"].select { |one| one["kind"] == kind }
  end

  def sites(tree) = ask(:get, "/api/pieces/#{tree}/hanging")["map"]["sites"].map { |site| site["style"] }.tally

  def test_what_lies_over_hangs_in_the_places_of_what_ran_out
    step = ornaments
    tree = step["piece"]
    gone = step["turns"].first["thing"]
    other = over(tree, "ornament").find { |one| one["style"] != gone }
    before = sites(tree)
    missing = before.fetch(gone)
    ran_out = act("ran_out", step: step["id"], turn: gone, instead: other["style"])
    say(ran_out)
    after = sites(tree)

    refute after.key?(gone)
    assert_equal [missing, other["count"]].min, after.fetch(other["style"]) - before.fetch(other["style"], 0)
    refute_includes over(tree, "ornament").map { |one| one["style"] }, gone
    say(act("undo", of: ran_out[:key]))

    assert_equal before, sites(tree)
  end

  # A tree before its ribbon is on: visit, step, the ribbon's turn.
  def with_ribbon
    at = visit("2026-12-01", "The Signal Loft")
    step = sheet(at)["steps"].find { |one| one["key"] == "ribbon" }
    [at, step, step["turns"].find { |turn| turn["need"] }]
  end

  def ribbon_turns(at, step)
    sheet(at)["steps"].select { |one| one["piece"] == step["piece"] }.flat_map { |one| one["turns"] }
                      .to_h { |turn| [turn["key"], turn] }
  end

  def test_ribbon_that_ran_out_is_shared_again_and_what_goes_on_instead_is_a_turn_of_its_own
    at, step, turn = with_ribbon
    gone = turn["thing"]
    before = ribbon_turns(at, step)
    ran_out = act("ran_out", step: step["id"], turn: gone, quantity: turn["need"] / 2)
    say(act("up", step: step["id"], turn: gone), ran_out, visit: at)
    after = ribbon_turns(at, step)
    instead = after.values.select { |one| one["instead_of"] }

    assert_operator after.fetch(gone)["need"], :<, before.fetch(gone)["need"]
    assert_operator instead.sum { |one| one["need"] }, :>, 0
    instead.each { |one| assert_equal before.fetch(one["thing"])["need"], after.fetch(one["thing"])["need"] }
    refute sheet(at)["steps"].find { |one| one["id"] == step["id"] }["done"]
    over = sheet(at)["pieces"].find { |one| one["id"] == step["piece"] }["over"]

    refute_includes over.map { |one| one["style"] }, gone
    get "/api/visits/#{at}/run-sheet.pdf"

    assert_equal 200, last_response.status
    say(*instead.map { |one| act("up", step: step["id"], turn: one["key"]) }, act("undo", of: ran_out[:key]), visit: at)

    assert_equal before, ribbon_turns(at, step)
  end

  def test_a_ribbon_of_which_nobody_says_how_far_it_went_is_well_as_it_is
    at, step, turn = with_ribbon
    before = ribbon_turns(at, step)
    say(act("ran_out", step: step["id"], turn: turn["thing"]), visit: at)

    assert_equal before, ribbon_turns(at, step)
  end

  def test_a_ribbon_that_lies_over_goes_on_where_it_is_named
    at, step, turn = with_ribbon
    gone = turn["thing"]
    tree = DATABASE[:pieces].where(id: step["piece"])
    tree.update(settings: Sequel.lit("jsonb_set(settings, '{ribbon,styles}', ?::jsonb)", [gone].to_json))
    other = sheet(at)["pieces"].find { |one| one["id"] == step["piece"] }["over"]
                               .find { |one| one["kind"] == "ribbon" && one["style"] != gone }
    said = { step: step["id"], turn: gone, quantity: 1.0 }
    say(act("ran_out", **said, instead: other["style"]), visit: at)

    assert_equal gone, DATABASE[:pieces].where(id: step["piece"]).get(:settings)["ribbon"]["ran_out"].first["style"]
    assert_operator ribbon_turns(at, step).fetch("#{other['style']} for #{gone}")["need"], :>, 0
    ornament = DATABASE[:styles].where(kind: "ornament").get(:id)
    bad = [act("ran_out", **said, instead: SecureRandom.uuid), act("ran_out", **said, instead: ornament)]

    assert_equal(bad.map { |one| one[:key] }, say(*bad, visit: at)["refused"].map { |one| one["key"] })
  end

  def test_what_cannot_be_is_refused_by_itself_and_holds_up_nothing
    step = ornaments
    good = up(step, step["turns"].first)
    bad = [act("up", step: "#{SecureRandom.uuid}/foot"), act("undo"), act("note", says: "x", at: "noon"),
           act("up", step: step["id"], turn: "#{SecureRandom.uuid} 1"), act("undo", of: "x"),
           act("used", step: step["id"], turn: SecureRandom.uuid, quantity: 1), act("note", of: SecureRandom.uuid)]
    answer = say(bad.first, good, *bad.drop(1))

    assert_equal bad.map { |one| one[:key] }.sort, answer["refused"].map { |one| one["key"] }.sort
    assert_equal([good[:key]], answer["acts"].map { |one| one["key"] })
    assert_includes answer["refused"].map { |one| one["message"] }, "“noon” is no time of a day."
  end

  def test_what_hangs_in_no_tree_of_the_home_is_refused
    style = ornaments["turns"].first["thing"]
    room = DATABASE[:rooms].where(name: "Long room").get(:id)
    other = DATABASE[:pieces].where(name: "Signal tree").get(:id)
    answer = say(act("up", step: "#{room}/clear", turn: "#{style} 1"), act("up", step: "#{other}/foot"),
                 act("used", step: "#{room}/clear", turn: style, quantity: 1))

    assert_equal 3, answer["refused"].size
    assert_empty answer["acts"]
  end

  def test_an_act_of_one_home_takes_back_none_of_another
    step = ornaments
    up = up(step, step["turns"].first)
    say(up)
    say(act("undo", of: up[:key]), visit: visit("2026-12-02", "Number Nine, Ropewalk"))

    assert_equal 1, hung(step["piece"]).size
    assert_equal([up[:key]], state["acts"].map { |one| one["key"] })
  end

  def test_a_place_that_is_none_hangs_nothing
    step = ornaments
    style = step["turns"].first["thing"]
    say(act("up", step: step["id"], turn: "#{style} 0"), act("up", step: step["id"], turn: "#{style} 99999"))

    assert_empty hung(step["piece"])
  end

  def test_where_no_plan_can_be_made_without_what_ran_out_it_stays_said
    step = ornaments
    missing = Array.new(60) { { style: step["turns"].last["thing"] || step["turns"].first["thing"], count: 0 } }
    DATABASE[:pieces].where(id: step["piece"])
                     .update(settings: Sequel.lit("jsonb_set(settings, '{ornaments,missing}', ?::jsonb)",
                                                  missing.to_json))
    answer = say(act("ran_out", step: step["id"], turn: step["turns"].first["thing"]))

    assert_equal(["ran_out"], answer["acts"].map { |one| one["kind"] })
  end

  def test_a_key_that_is_none_is_refused
    say({ kind: "note", says: "x", at: TIME, key: "once" }, status: 422)
    say(*Array.new(101) { act("note", says: "x") }, status: 422)
  end

  def test_keepsakes_are_looked_for_before_a_tree_is_closed
    told = sheet
    tree = told["pieces"].find { |piece| piece["id"] == ornaments["piece"] }
    last = told["steps"].select { |step| step["piece"] == tree["id"] }.last
    checked = last["turns"].filter_map { |turn| turn["thing"] if turn["check"] }
    kept = DATABASE[:styles].where(id: checked).select_map(:keepsake)

    refute_empty kept
    assert_predicate kept, :all?
  end

  def test_two_people_say_the_same_and_it_hangs_once
    step = ornaments
    turn = step["turns"].first
    say(up(step, turn))
    as(ASSISTANT) { say(up(step, turn)) }

    assert_equal 1, hung(step["piece"]).size
    assert_equal(["Ottoline Marsh"], hung(step["piece"]).map { |one| one["by"] })
    assert_equal ["Bram Teasel", "Ottoline Marsh"], state["acts"].map { |one| one["by"] }.sort
  end

  def test_it_is_printed_on_the_paper_of_the_studio
    step = ornaments
    say(up(step, step["turns"].first))

    assert_equal "[0 0 595.28 841.89]", printed
    DATABASE[:studios].update(paper: "letter")

    assert_equal "[0 0 612 792]", printed
  end

  # How large its pages are.
  def printed
    get "/api/visits/#{visit}/run-sheet.pdf"

    assert_equal 200, last_response.status
    last_response.body.b[/MediaBox (\[[^\]]+\])/, 1]
  end

  def test_spares_that_stay_are_offered_to_what_lacks_them
    style = sheet(visit("2026-11-28"))["surplus"].first

    assert_operator style["count"], :>, 0
    assert_operator style["rooms"].size, :>, 0
  end
end
