# frozen_string_literal: true

require_relative "../../core_test"

# Things that hang on lines: as far down as the rule has it, over heads, on hooks that carry them.
class DropsPlanTest < CoreTest
  STAR = Style.new(id: "star", kind: "ornament", name: "Paper star", diameter_mm: 200, mass_g: 30, on_hand: 4,
                   colour: "#f0e6d0")
  BUBBLE = Style.new(id: "bubble", kind: "ornament", name: "Bubble", diameter_mm: 60, mass_g: 20, on_hand: 40)
  BIRD = Style.new(id: "bird", kind: "decor", name: "Chalk bird", shape: "figure", colour: "#ffffff", on_hand: 9)
  ROOM = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.6, right_m: 2.6, width_m: 5.0))

  def plan(place: {}, units: "metric", surroundings: ROOM, hung: nil, **groups)
    groups[:things] = { hung: hung } if hung
    DropsPlan.new(settings: { place: { length_m: 2.1 }.merge(place), **groups }, surroundings: surroundings,
                  styles: [STAR, BUBBLE, BIRD], units: units)
  end

  def told(**groups) = plan(**groups).call

  def figure(told, name) = told[:figures].fetch(name)[:value]

  def line(told, label) = told[:ledger].find { |one| one[:label] == label }

  def codes(told) = told[:cautions].map { |one| one[:code] }

  def test_before_it_is_measured_it_says_what_is_usual
    told = plan(place: { length_m: nil }).call

    refute told[:chosen]
    assert_in_delta 2.6, told[:assumed][:hooks_m]
    assert_in_delta 0.74, told[:assumed][:below_m]
    assert_nil plan(place: { length_m: nil }).portrait
  end

  # One source for the drops: rule, drawing, line and working.
  def test_every_line_is_as_long_as_the_rule_has_it
    told = told(drops: { count: 7, shortest_m: 0.2, longest_m: 0.8, seed: 5 })
    rule = answer("hang.drops", count: 7, shortest_m: 0.2, longest_m: 0.8, seed: 5)[:drops_m]

    assert_equal(rule, told[:drawing][:lines].map { |line| line[:drop_m] })
    assert_in_delta rule.sum + (14 * 0.1), figure(told, :line)
    assert_in_delta 0.15, told[:drawing][:lines].first[:at_m]
    assert_in_delta 1.95, told[:drawing][:lines].last[:at_m]
  end

  def test_kinds_take_turns_and_are_counted
    told = told(drops: { count: 5 }, hung: [{ style: "bird" }, { style: "bubble" }])
    need = told[:ledger].to_h { |line| [line[:label], line[:need]] }

    assert_equal [3, 2, 5], need.values_at("Chalk bird", "Bubble", "Small adhesive hook")
    assert_equal "What hangs, none chosen", told(drops: { count: 5 })[:ledger].first[:label]
    assert_includes codes(told(drops: { count: 5 })), "drops_empty"
  end

  def test_what_holds_them_may_be_chosen_from_stock
    pegs = Style.new(id: "pegs", kind: "fixing", name: "Brass pegs", rated_kg: 3, on_hand: 2)
    settings = { place: { length_m: 1.8 }, hang: { style: "pegs" }, drops: { count: 4 } }
    told = DropsPlan.new(settings: settings, surroundings: ROOM, styles: [pegs]).call

    assert_equal [4, 2], line(told, "Brass pegs").values_at(:need, :short)
    assert_in_delta 3, told[:assumed][:rated_kg]
    assert_in_delta 1.5, figure(told, :may)
  end

  def test_a_strand_has_one_ball_at_its_end_and_one_every_so_often
    told = told(drops: { count: 1, shortest_m: 0.5, longest_m: 0.5 },
                hung: [{ style: "bubble", what: "strand", spacing_m: 0.12 }])

    assert_equal 5, told[:drawing][:lines].first[:balls]
    assert_equal(5, told[:ledger].find { |line| line[:style] == "bubble" }[:need])
    assert_in_delta 2.6 - 0.5 - 0.03, figure(told, :under)
  end

  def test_the_picture_measures_what_the_figures_say
    told = told(drops: { count: 7, longest_m: 0.9 }, hung: [{ style: "star" }])
    lines = told[:drawing][:lines]

    assert_equal figure(told, :under), told[:drawing][:under_m]
    assert_in_delta lines[1][:at_m] - lines[0][:at_m], told[:drawing][:apart_m]
  end

  def test_heads_stay_free_where_people_walk_and_over_a_table_they_need_not
    low = { drops: { shortest_m: 0.2, longest_m: 0.7 }, hung: [{ style: "star" }] }
    over = told(place: { over: "walkway" }, **low)
    stop = over[:cautions].first

    assert_equal %w[drops_headroom stop], stop.values_at(:code, :severity)
    assert_match(/Only 1.70 m under the lowest/, stop[:message])
    assert_in_delta 2.0, over[:drawing][:headroom_m]
    refute_includes codes(told(**low)), "drops_headroom"
    refute_includes codes(told(place: { over: "walkway" }, drops: { longest_m: 0.4 }, hung: [{ style: "star" }])),
                    "drops_headroom"
  end

  def test_what_reaches_the_table_or_the_eyes_of_those_who_sit_is_told
    assert_includes codes(told(drops: { longest_m: 2.0 }, hung: [{ style: "star" }])), "drops_touch"
    assert_includes codes(told(drops: { longest_m: 1.4 }, hung: [{ style: "star" }])), "drops_seated"
    assert_empty codes(told(drops: { longest_m: 0.7 }, hung: [{ style: "star" }])) & %w[drops_touch drops_seated]
  end

  # Of the rated load a hook carries its share.
  def test_a_hook_that_carries_too_much_is_a_stop
    heavy = { drops: { count: 1, shortest_m: 1.0, longest_m: 1.0 }, hung: [{ style: "bubble", what: "strand" }] }

    assert_in_delta 0.1, figure(told(**heavy), :may)
    assert_in_delta 0.18, figure(told(**heavy), :heaviest)
    assert_includes codes(told(**heavy)), "drops_heavy"
    refute_includes codes(told(**heavy, hang: { fixing: "medium_hook" })), "drops_heavy"
    refute_includes codes(told(**heavy, hang: { rated_kg: 0.5 })), "drops_heavy"
  end

  def test_where_nothing_may_be_nailed_or_glued_it_is_tied
    rented = Surroundings.new(**ROOM.to_h, no_nails: true)

    assert_equal "padded_tie", told(surroundings: rented)[:assumed][:fixing]
    refute_includes codes(told(surroundings: rented)), "fixing_no_nails"
    message = told(surroundings: rented, hang: { fixing: "nail" })[:cautions].find do |one|
      one[:code] == "fixing_no_nails"
    end

    assert_match(/padded wire tie or tension rod/, message[:message])
  end

  # Whatever the order, not all of the largest hang below the middle.
  def test_the_largest_do_not_all_hang_low
    (1..40).each do |seed|
      lines = told(drops: { count: 4, seed: seed }, hung: [{ style: "bubble" }, { style: "star" }])[:drawing][:lines]
      middle = lines.sum { |line| line[:drop_m] } / lines.size
      large = lines.select { |line| line[:across_m] > 0.1 }

      refute_empty large.select { |line| line[:drop_m] < middle }, "seed #{seed}"
      assert_equal 2, large.size
    end
  end

  def test_to_and_fro_over_what_is_wide
    outs = told(place: { depth_m: 0.8 })[:drawing][:lines].map { |line| line[:out_m] }

    assert_equal [-0.2, 0.2], outs.uniq
    assert_equal([0.0], told[:drawing][:lines].map { |line| line[:out_m].abs }.uniq)
  end

  def test_it_is_drawn_by_what_it_is
    told = told(drops: { count: 3 }, hung: [{ style: "star" }, { style: "bubble" }, { style: "bird" }])
    forms = told[:drawing][:lines].to_h { |line| [line[:name], line[:form]] }

    assert_equal({ "Paper star" => "star", "Bubble" => "ball", "Chalk bird" => "figure" }, forms)
  end

  def test_every_figure_and_line_opens_its_working_and_in_feet_without_metres
    told = told(units: "imperial", place: { over: "walkway" }, drops: { longest_m: 0.9 },
                hung: [{ style: "star" }, { style: "bubble", what: "strand" }])
    keys = told[:figures].values.map { |one| one[:sheet] } + told[:ledger].map { |line| line[:sheet] }
    steps = told[:sheets].values.flat_map { |sheet| sheet[:steps] }
    words = told[:cautions].map { |one| one[:message] } + steps.flat_map { |step| step.values_at(:says, :sum) }

    assert_empty keys - told[:sheets].keys
    assert_empty(words.grep(/\d c?m\b|\d k?g\b/))
  end

  def test_a_longest_shorter_than_the_shortest_is_refused
    faults = assert_raises(InputError) { DROPS_KIND.check(drops: { shortest_m: 0.9, longest_m: 0.5 }) }.faults

    assert_equal [%w[drops longest_m]], faults.map(&:path)
  end

  def test_it_is_seen_where_it_hangs_and_nothing_where_nothing_does
    seen = plan(hung: [{ style: "bird" }]).outline

    assert_in_delta 100, seen.lightness
    assert_operator seen.bottom_m, :>, 1.5
    assert_nil plan(hung: [{ style: "bird" }]).seen_areas
    assert_equal ["#f0e6d0"], plan(hung: [{ style: "star" }]).seen_areas[:areas].keys
  end

  def test_stepping_back_asks_for_hooks_until_they_were_looked_for
    way = plan(hung: [{ style: "star" }]).mends[:mechanics].first
    done = plan(hung: [{ style: "star" }], step_back: { looked: ["hooks"] })

    assert_equal %w[looks_hooks], plan(hung: [{ style: "star" }]).looked[:mechanics].map(&:code)
    assert_equal %w[hooks], DROPS_KIND.check(way[:settings])[:step_back][:looked]
    assert_equal %w[looks_hooks_done], done.looked[:mechanics].map(&:code)
    assert_empty done.mends[:mechanics]
  end

  def test_its_look_on_a_longer_place_has_more_lines
    onto = DROPS_KIND.check(DropsLook.onto(DROPS_KIND.check(drops: { count: 5 }, things: { hung: [{ style: "star" }] }),
                                           DROPS_KIND.check(place: { length_m: 4.0 }), 2.0))

    assert_equal [10, "star"], [onto[:drops][:count], onto[:things][:hung].first[:style]]
    assert_in_delta 4.0, onto[:place][:length_m]
  end

  def test_minutes_are_those_of_hooks_things_and_a_last_look
    assert_in_delta (5 * 4 * 1.15) + (5 * 0.6) + 10,
                    figure(told(drops: { count: 5 }, hung: [{ style: "star" }]), :minutes)
  end
end
