# frozen_string_literal: true

require_relative "../server_test"

# A home is taken down: the schedule knows it, things go back into their boxes, and what broke leaves the stock once.
class StrikeTest < ServerTest
  TIME = "2027-01-05T10:20:00+01:00"

  def setup
    sign_in
    @home = DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)
    @visit = DATABASE[:visits].where(home_id: @home, purpose: "strike").get(:id)
  end

  def struck(day, status: 201)
    workers = ask(:get, "/api/days")["workers"].map { |one| one["id"] }
    ask(:post, "/api/visits", { home: @home, purpose: "strike", held_on: day, from_min: 540, to_min: 1080,
                                lunch_from_min: nil, lunch_min: 0, workers: workers }, status: status)
  end

  def sheet
    told = nil
    20.times do
      told = ask(:get, "/api/visits/#{@visit}/run-sheet")
      break unless told["pending"]
    end
    told
  end

  def act(kind, **told) = { key: SecureRandom.uuid, kind: kind, at: TIME, **told }

  def say(*acts, status: 200) = ask(:post, "/api/visits/#{@visit}/acts", { acts: acts }, status: status)

  def refusals(*acts) = say(*acts)["refused"].map { |one| one["message"] }

  def step(sheet, key, piece = nil)
    id = piece && sheet["pieces"].find { |one| one["name"] == piece }["id"]
    sheet["steps"].find { |one| one["key"] == key && (id.nil? || one["piece"] == id) }
  end

  def thing(told, label) = told["things"].find { |one| one["label"] == label }

  def into(sheet, style) = sheet["strike"]["into"].find { |one| one["style"] == style }

  def lots(style) = DATABASE[:stock_lots].where(style_id: style).select_hash_groups(:box_id, :quantity)

  def inside(style, box) = lots(style).fetch(box, []).sum

  def on_hand(style) = DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)

  def glass
    told = sheet
    step = step(told, "off_ornaments", "Quay window tree")
    style = thing(step, "Slate glass, 10 cm")["style"]
    [step["id"], style, into(told, style)["box"]]
  end

  def test_its_kit_is_for_packing_and_not_for_hanging
    kit = sheet["kit"].map { |one| one["key"] }

    assert_empty %w[tissue reels power_meter labels] - kit
    assert_empty kit & %w[hooks bulbs ties]
  end

  def test_it_has_days_of_its_own_and_what_goes_comes_down_backwards
    spans = ask(:get, "/api/days")["items"]
    span = spans.find { |one| one["visits"].any? { |held| held["id"] == @visit } }
    told = sheet
    keys = told["steps"].map { |one| one["key"] }

    assert_equal 1, span["visits"].size
    assert_equal(%w[strike], span["visits"].map { |one| one["purpose"] })
    assert(span["steps"].none? { |one| one["key"] == "ornaments" })
    assert_empty(span["steps"].filter_map { |one| one["why"] })
    assert_equal span["steps"].map { |one| one["id"] }.sort, told["steps"].map { |one| one["id"] }.sort
    assert_operator keys.rindex("off_ornaments"), :>, keys.index("boxes_in")
    assert_includes keys, "off_clean_up"
  end

  def test_the_home_is_struck_when_its_last_visit_for_it_is_over_and_not_dressed_by_it
    strike_on = -> { DATABASE[:homes].where(id: @home).get(:strike_on).iso8601 }
    visit_on = DATABASE[:homes].where(id: @home).get(:visit_on)

    assert_equal "2027-01-05", strike_on.call
    struck("2027-01-09")

    assert_equal "2027-01-09", strike_on.call
    assert_equal visit_on, DATABASE[:homes].where(id: @home).get(:visit_on)
    error = struck("2026-11-20", status: 422)["errors"].first

    assert_equal "/held_on", error["pointer"]
  end

  def test_what_was_to_be_taken_down_stays_so_when_its_hours_change
    held = ask(:get, "/api/days")["items"].flat_map { |span| span["visits"] }.find { |one| one["id"] == @visit }
    given = held.slice("version", "home", "held_on", "from_min", "lunch_from_min", "lunch_min", "workers")
    changed = ask(:put, "/api/visits/#{@visit}", { **given, to_min: 900 })

    assert_equal ["strike", 900], changed.values_at("purpose", "to_min")
  end

  def test_minutes_of_the_steps_are_those_of_the_seasons_end
    ends = ask(:get, "/api/homes/#{@home}/season-end")["pieces"].to_h { |one| one.values_at("id", "minutes") }
    by_piece = sheet["steps"].select { |one| one["piece"] }.group_by { |one| one["piece"] }

    by_piece.each { |piece, steps| assert_in_delta ends[piece], steps.sum { |one| one["minutes"] }, 0.3 }
    assert_equal(ends.select { |_, minutes| minutes.positive? }.keys.sort, by_piece.keys.sort)
  end

  def test_what_stays_is_no_step_and_what_is_said_to_stay_is_none_any_more
    told = sheet
    step = step(told, "off_ornaments", "Quay window tree")
    ask(:put, "/api/pieces/#{step['piece']}/strip", { style: thing(step, "Slate glass, 10 cm")["style"], stays: true },
        status: 204)
    after = step(sheet, "off_ornaments", "Quay window tree")

    assert_nil thing(after, "Slate glass, 10 cm")
    assert_equal(["Slate glass, 10 cm"], sheet["pieces"].find { |one| one["id"] == step["piece"] }["stays"])
    assert_operator after["minutes"], :<, step["minutes"]
  end

  def test_things_go_into_the_box_they_came_from
    told = sheet
    step = step(told, "off_ornaments", "Quay window tree")
    glass = thing(step, "Slate glass, 10 cm")

    assert_equal 12, glass["need"]
    assert_equal [1, false], into(told, glass["style"]).values_at("number", "proposed")
    assert_equal(ask(:get, "/api/boxes")["items"].map { |box| box["number"] }.sort,
                 told["strike"]["boxes"].map { |box| box["number"] })
  end

  def test_what_lay_in_no_box_is_packed_into_an_empty_one
    _, style, box = glass
    ask(:post, "/api/boxes/carry", { things: [{ style: style, from: box, quantity: nil }], into: nil,
                                     key: SecureRandom.uuid })
    empty = ask(:post, "/api/boxes", { place: "Loft" }, status: 201)
    proposed = into(sheet, style)

    assert_equal [empty["number"], true], proposed.values_at("number", "proposed")
  end

  def test_what_broke_leaves_its_box_once_and_comes_back_when_it_is_taken_back
    step, style, box = glass
    before = [on_hand(style), inside(style, box)]
    broke = act("broken", step: step, turn: style, quantity: 2, box: box)
    2.times { say(broke) }

    assert_equal(before.map { |count| count - 2 }, [on_hand(style), inside(style, box)])
    assert_equal "broken", DATABASE[:stock_moves].where(key: broke[:key]).get(:reason)
    2.times { say(act("undo", of: broke[:key])) }

    assert_equal before, [on_hand(style), inside(style, box)]
  end

  def test_what_is_lost_goes_and_what_is_found_comes
    step, style, box = glass
    before = inside(style, box)
    say(act("lost", step: step, turn: style, quantity: 3, box: box))
    say(act("found", step: step, turn: style, quantity: 1, box: box))

    assert_in_delta before - 2, inside(style, box)
  end

  def test_more_than_there_is_cannot_break_and_nothing_of_it_is_kept
    step, style, box = glass
    before = inside(style, box)
    broke = act("broken", step: step, turn: style, quantity: 90_000, box: box)
    good = act("up", step: step, turn: style)
    told = say(broke, good)

    assert_equal([broke[:key]], told["refused"].map { |one| one["key"] })
    assert_equal([good[:key]], told["acts"].map { |one| one["key"] })
    assert_in_delta before, inside(style, box)
  end

  def test_it_goes_into_another_box_once_and_back
    step, style, box = glass
    other = ask(:post, "/api/boxes", { place: "Loft" }, status: 201)["id"]
    before = inside(style, box)
    boxed = act("boxed", step: step, turn: style, quantity: 5, box: other, from_box: box)
    2.times { say(boxed) }

    assert_equal [before - 5, 5], [inside(style, box), inside(style, other)]
    say(act("undo", of: boxed[:key]))

    assert_equal [before, 0], [inside(style, box), inside(style, other)]
    assert_equal ["None of it lay there. Look again in which box it is."],
                 refusals(act("boxed", step: step, turn: style, quantity: 5, box: box, from_box: other))
    gone = act("boxed", step: step, turn: style, quantity: 1, box: SecureRandom.uuid, from_box: box)

    assert_match(/box is not there/, refusals(gone).first)
  end

  def test_a_string_is_written_down_as_tested_once_and_only_a_string
    told = sheet
    step = told["steps"].find { |one| one["things"].any? { |thing| thing["kind"] == "light" } }
    light = step["things"].find { |thing| thing["kind"] == "light" }
    tested = act("tested", step: step["id"], turn: light["style"], quantity: 3, says: "String 2")
    2.times { say(tested) }
    kept = ask(:get, "/api/styles/#{light['style']}/tests")["items"].first

    assert_equal ["String 2", nil, 3, false], kept.values_at("label", "watts", "dead_bulbs", "sound")
    say(act("undo", of: tested[:key]))

    refute_equal "String 2", ask(:get, "/api/styles/#{light['style']}/tests")["items"].first&.fetch("label")
    other, style, = glass

    assert_match(/no string of lights/, refusals(act("tested", step: other, turn: style, quantity: 0)).first)
  end

  def all_goes
    ask(:get, "/api/homes/#{@home}/season-end")["pieces"].each do |piece|
      piece["things"].select { |thing| thing["stays"] }.each do |thing|
        ask(:put, "/api/pieces/#{piece['id']}/strip", { style: thing["style"], stays: false }, status: 204)
      end
    end
  end

  def ribbon
    told = sheet
    step = told["steps"].find { |one| one["things"].any? { |thing| thing["kind"] == "ribbon" } }
    thing = step["things"].find { |one| one["kind"] == "ribbon" }
    [step["id"], thing["style"], thing["need"]]
  end

  def test_ribbon_that_was_cut_for_it_comes_back_as_far_as_it_can_be_kept
    step, style, need = ribbon
    # Of one ribbon for hanger and bow, or crown and tree, both parts.
    sheet["steps"].select { |one| one["id"].split("/").first == step.split("/").first }.each do |one|
      one["things"].select { |thing| thing["style"] == style }.each do |thing|
        say(act("used", step: one["id"], turn: style, quantity: thing["need"]))
      end
    end
    before = on_hand(style)
    box = sheet["strike"]["boxes"].first["id"]
    measured = act("measured", step: step, turn: style, quantity: half = (need / 2).round(3), box: box)
    2.times { say(measured) }

    assert_in_delta before + half, on_hand(style)
    assert_includes lots(style).fetch(box).map { |length| length.round(3) }, half
    assert_match(/has measured it already/, refusals(act("measured", step: step, turn: style, quantity: 1)).first)
    say(act("undo", of: measured[:key]))

    assert_in_delta before, on_hand(style)
  end

  def test_ribbon_nobody_said_was_cut_is_gone_as_far_as_it_cannot_be_kept
    step, style, need = ribbon
    before = on_hand(style)

    assert_match(/more than was put up/, refusals(act("measured", step: step, turn: style, quantity: need + 1)).first)
    say(act("measured", step: step, turn: style, quantity: need - 0.25))

    assert_in_delta before - 0.25, on_hand(style)
  end

  # The ribbon of the crown goes round the tree as well.
  def test_one_ribbon_in_two_steps_is_measured_step_by_step
    tree = DATABASE[:pieces].where(name: "Quay window tree").get(:id)
    kept = DATABASE[:piece_needs].where(piece_id: tree)
    lines = kept.get(:lines).to_a
    crown = lines.find { |line| line["step"] == "crown" && line["kind"] == "ribbon" }
    gauze = crown["style"]
    kept.update(lines: Sequel.pg_jsonb([*lines, { **crown, "step" => "ribbon", "need" => 5.0 }]))
    steps = sheet["steps"].select { |one| one["piece"] == tree && %w[off_ribbon off_crown].include?(one["key"]) }
    needs = steps.to_h { |one| [one["id"], one["things"].find { |thing| thing["style"] == gauze }["need"]] }
    before = on_hand(gauze)
    id, need = needs.first

    assert_match(/more than was put up/, refusals(act("measured", step: id, turn: gauze, quantity: need + 0.1)).first)
    say(*needs.map { |one, metres| act("measured", step: one, turn: gauze, quantity: metres - 0.25) })

    assert_equal 2, needs.size
    assert_in_delta before - 0.5, on_hand(gauze)
  end

  def test_as_much_as_was_carried_comes_back
    step, style, box = glass
    other = ask(:post, "/api/boxes", { place: "Loft" }, status: 201)["id"]
    before = inside(style, box)
    say(act("boxed", step: step, turn: style, quantity: 1, box: other, from_box: box))
    all = act("boxed", step: step, turn: style, quantity: 900, box: other, from_box: box)
    say(all)

    assert_equal [0, before], [inside(style, box), inside(style, other)]
    2.times { say(act("undo", of: all[:key])) }

    assert_equal [before - 1, 1], [inside(style, box), inside(style, other)]
    assert_equal ["Say how many go into it."],
                 refusals(act("boxed", step: step, turn: style, box: other, from_box: box))
  end

  def fixings
    told = ask(:get, "/api/visits/#{@visit}/log")["remarks"]
    told.reject { |one| one["finish"].empty? }.map { |one| one.values_at("sort", "piece_name", "finish", "says") }
  end

  def test_how_the_wall_is_when_hooks_came_off_is_told_by_the_log_of_fixings
    all_goes
    id = step(sheet, "off_anchors", "Stair rail")["id"]
    clean, marked = ["the wall is clean", "the wall is marked"].map do |says|
      act("hooks_off", step: id, turn: "hooks", says: says)
    end
    2.times { say(clean) }

    assert_equal [["held", "Stair rail", "painted", "Came off: the wall is clean"]], fixings
    say(act("undo", of: clean[:key]))

    assert_empty fixings
    say(marked)

    assert_equal [["marked", "Stair rail", "painted", "Came off: the wall is marked"]], fixings
    say(act("undo", of: marked[:key]), act("hooks_off", step: id, turn: "hooks"))

    assert_empty fixings
    assert_empty refusals(act("hooks_off", step: id, turn: "hooks", says: "plaster " * 62))
    assert_equal 500, fixings.last.last.size
  end

  def test_hooks_stay_in_the_register_or_leave_it
    # Where the greens stay, so do their hooks.
    assert_nil step(sheet, "off_anchors", "Stair rail")
    all_goes
    step = step(sheet, "off_anchors", "Stair rail")
    hooks = step["turns"].map { |turn| turn["key"] }

    assert_includes hooks, "hooks"
    mine = -> { ask(:get, "/api/homes/#{@home}/anchors")["items"].count { |one| one["piece_id"] == step["piece"] } }
    before = mine.call
    stay = act("hooks_stay", step: step["id"], turn: "hooks")
    2.times { say(stay) }

    assert_operator mine.call, :>, before
    kept = mine.call
    off = act("hooks_off", step: step["id"], turn: "hooks", says: "the wall is clean")
    say(off)

    assert_equal 0, mine.call
    say(act("undo", of: off[:key]))

    assert_equal kept, mine.call
    say(act("undo", of: stay[:key]))

    assert_equal before, mine.call
  end

  def test_what_cannot_be_is_told_in_words
    tree, style, = glass
    told = sheet
    light = told["steps"].flat_map { |one| one["things"] }.find { |thing| thing["kind"] == "light" }["style"]

    assert_match(/No hook or nail holds this piece/, refusals(act("hooks_stay", step: tree)).first)
    assert_match(/counted whole/, refusals(act("tested", step: tree, turn: light, quantity: 1.5)).first)
    assert_match(/no such ribbon/, refusals(act("measured", step: tree, turn: style, quantity: 1)).first)
    assert_match(/Say how many/, refusals(act("broken", step: tree, turn: style, quantity: 0)).first)
  end

  def test_a_step_is_done_when_all_of_it_is_in_its_box_and_the_piece_is_down
    told = sheet
    acts = told["steps"].select { |one| one["piece"] == step(told, "off_ornaments", "Quay window tree")["piece"] }
                        .flat_map { |one| one["turns"].map { |turn| act("up", step: one["id"], turn: turn["key"]) } }
    acts.each_slice(100) { |some| say(*some) }
    piece = sheet["pieces"].find { |one| one["name"] == "Quay window tree" }

    assert_equal "done", piece["state"]
    refute_equal "done", sheet["pieces"].find { |one| one["name"] == "Stair rail" }["state"]
  end

  def test_what_taking_down_took_is_told_to_the_house_rule
    told = sheet
    DATABASE[:visits].where(home_id: @home, purpose: "dress").update(held_on: "2026-11-10")
    DATABASE[:visits].where(id: @visit).update(held_on: "2026-11-18")
    piece = step(told, "off_ornaments", "Quay window tree")["piece"]
    acts = told["steps"].select { |one| one["piece"] == piece }.each_with_index.flat_map do |one, i|
      at = format("2026-11-18T10:%02d:00+01:00", i * 7)
      one["turns"].map { |turn| act("up", step: one["id"], turn: turn["key"], at: at) }
    end
    acts.each_slice(100) { |some| say(*some) }
    ask(:get, "/api/lessons")
    jobs = ask(:get, "/api/lessons/minutes.take_down")["jobs"]
    ornaments = step(told, "off_ornaments", "Quay window tree")

    assert_equal 8, jobs.size
    assert_equal(["Quay window tree"], jobs.map { |job| job["piece_name"] }.uniq)
    assert(jobs.any? { |job| job["took"] == 7 && (job["planned"] - ornaments["minutes"]).abs < 0.1 })
  end

  def changes(key, value)
    studio = Server::Store::Studios.new(DATABASE).find(DATABASE[:studios].get(:id))
    changes = Server::LessonChanges.new(DATABASE, studio, kept: Server::KeptAnswers.new(20))
    told = nil
    20.times { break unless (told = changes.of(key, value, today: TODAY.to_date))[:pending] }
    told[:items]
  end

  def test_what_dressing_takes_longer_takes_longer_to_take_down
    tree = changes("minutes.ornament", 0.9).select { |one| one[:name].start_with?("Quay window tree") }

    assert_equal(["Quay window tree", "Quay window tree, taken down"], tree.map { |one| one[:name] })
    assert_in_delta 0.4 * tree.first[:by], tree.last[:by], 0.01
    down = changes("minutes.take_down", 0.5)

    assert(down.all? { |one| one[:name].end_with?(", taken down") })
    assert_in_delta 0.25 * down.first[:now], down.first[:by], 0.01
  end

  def test_what_burns_on_cells_is_emptied_of_them
    told = sheet
    wanted = told["steps"].select { |one| one["turns"].any? { |turn| turn["key"] == "cells" } }

    assert_empty wanted
    DATABASE[:styles].where(name: "Paper houses").update(shape: "lantern")
    # Lanterns stay, unless somebody says so.
    all_goes
    emptied = sheet["steps"].select { |one| one["turns"].any? { |turn| turn["key"] == "cells" } }

    assert_equal(["off_step_back"], emptied.map { |one| one["key"] }.uniq)
    names = told["pieces"].to_h { |one| one.values_at("id", "name") }

    assert_includes(emptied.map { |one| names[one["piece"]] }, "Book shelves")
    refute_includes(emptied.map { |one| names[one["piece"]] }, "Stair rail")
  end

  def test_keepsakes_are_looked_for_by_name
    told = sheet
    step = step(told, "off_step_back", "Quay window tree")
    looked = step["turns"].select { |turn| turn["check"] }.map { |turn| turn["thing"] }
    names = step["things"].select { |one| looked.include?(one["key"]) }.map { |one| one["label"] }

    assert_includes names, "Tin boat, a keepsake"
  end

  # The same in the house's steps, on the run sheet and at the season's end.
  def test_what_stands_empty_is_dressed_in_the_same_visit
    surfaces = ask(:get, "/api/homes/#{@home}/season-end")["bridge"]["surfaces"].select { |one| one["things"].any? }
    bridges = sheet["steps"].select { |one| one["key"] == "bridge" }
    rooms = DATABASE[:pieces].where(id: surfaces.map { |one| one["piece"] }).select_map(:room_id)

    assert_equal rooms.uniq.sort, bridges.map { |one| one["room"] }.sort
    assert_equal(surfaces.sum { |one| one["things"].size }, bridges.sum { |one| one["turns"].size })
    assert_in_delta(5.0 * surfaces.size, bridges.sum { |one| one["minutes"] })
    thing = bridges.first["things"].first

    assert_match(/, where .+ was\z/, thing["label"])
    assert(sheet["places"].any? { |lot| lot["style"] == thing["style"] })
    say(*bridges.first["turns"].map { |turn| act("up", step: bridges.first["id"], turn: turn["key"]) })

    assert(sheet["steps"].find { |one| one["id"] == bridges.first["id"] }["done"])
  end

  def test_what_is_said_of_a_thing_says_of_which
    step, = glass

    assert_equal ["What it is about is not there any more."] * 3,
                 refusals(act("broken", step: step), act("lost", step: step, turn: "x"),
                          act("measured", step: step, turn: SecureRandom.uuid))
  end
end
