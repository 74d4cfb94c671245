# frozen_string_literal: true

require_relative "../../core_test"

# What is swapped in a room: cushions against their inserts, sets, mats, pictures in their frames, scents.
class SwapsPlanTest < CoreTest
  KNIT = Style.new(id: "knit", kind: "decor", name: "Cable knit cushions", colour: "#e3dccb", on_hand: 2)
  PLUM = Style.new(id: "plum", kind: "decor", name: "Plum velvet cushions", colour: "#6b2e4f", on_hand: 2)
  ROOM = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.6, right_m: 2.6, width_m: 5.0))

  def plan(swaps = [], frames: [], scents: [], units: "metric", **soft)
    SwapsPlan.new(settings: { soft: { swaps: swaps, **soft }, art: { frames: frames }, scent: { scents: scents } },
                  surroundings: ROOM, styles: [KNIT, PLUM], units: units)
  end

  def told(swaps = [], **groups) = plan(swaps, **groups).call

  def figure(told, name) = told[:figures].fetch(name)[:value]

  def codes(told) = told[:cautions].map { |one| one[:code] }

  def said(told, code) = told[:cautions].find { |one| one[:code] == code }&.fetch(:message)

  def line(told, label) = told[:ledger].find { |one| one[:label].start_with?(label) }

  def knit(count, **said) = { style: "knit", seat: "Sofa", count: count, **said }

  def plum(count, **said) = { style: "plum", seat: "sofa ", count: count, **said }

  def test_before_anything_is_said_nothing_is_told
    refute told[:chosen]
    assert_empty told[:ledger]
    assert_nil plan.portrait
    assert_nil plan([knit(1)]).outline
    assert plan([knit(1)]).portrait
  end

  def test_what_comes_in_is_taken_from_stock_and_what_goes_out_has_a_place
    told = told([knit(3, out: "Linen cushions"), { what: "throw", out: "Plaid", stored: "Chest" }])

    assert_equal [3, 2, 1], line(told, "Cable knit").values_at(:need, :have, :short)
    assert_equal 1, line(told, "Throw, none chosen")[:need]
    assert_includes said(told, "swap_lost"), "Linen cushions goes out"
    assert_equal 1, codes(told).count("swap_lost")
  end

  # As large as the cover or a little larger.
  def test_inserts_fill_their_covers
    assert_includes said(told([knit(1, across_m: 0.5, insert_m: 0.49)]), "insert_small"), "insert of 49 cm is smaller"
    assert_includes said(told([knit(1, across_m: 0.5, insert_m: 0.56)]), "insert_large"), "more than 5 cm larger"
    assert_empty(codes(told([knit(1, insert_m: 0.5), knit(1, insert_m: 0.55)])) & %w[insert_small insert_large])
    assert_nil told([{ what: "towel" }])[:drawing][:soft].first[:by_m]
  end

  def test_inserts_that_are_not_there_are_counted_by_size
    told = told([knit(2, insert_there: false), plum(1, insert_there: false), knit(1),
                 plum(1, across_m: 0.4, insert_m: 0.45, insert_there: false)])

    assert_equal 4, figure(told, :inserts)
    assert_equal [1, 3], [line(told, "Insert of 45 cm")[:need], line(told, "Insert of 50 cm")[:need]]
    assert line(told([knit(1, insert_there: false)], units: "imperial"), "Insert of 1 ft")
  end

  def test_four_on_a_seat_are_alike_or_two_and_two
    assert_includes said(told([knit(3), plum(1)]), "cushions_apart"), "(Sofa) are 3 and 1"
    refute_includes codes(told([knit(2), plum(2)])), "cushions_apart"
    refute_includes codes(told([knit(4)])), "cushions_apart"
    refute_includes codes(told([knit(2), plum(1)])), "cushions_apart"
    refute_includes codes(told([knit(3), plum(1, seat: "Window seat")])), "cushions_apart"
  end

  def test_two_and_two_are_of_like_scale
    assert_includes said(told([knit(2), plum(2, across_m: 0.4)]), "cushions_scale"), "differ by 10 cm"
    refute_includes codes(told([knit(2), plum(2, across_m: 0.42)])), "cushions_scale"
  end

  def test_where_cushions_go_when_guests_sit_is_said
    assert_includes codes(told([knit(2), plum(2)])), "cushions_guests"
    refute_includes codes(told([knit(2), plum(2)], guests: "Bedroom")), "cushions_guests"
    refute_includes codes(told([knit(3)])), "cushions_guests"
  end

  def test_a_lower_mat_shows_round_the_upper
    mats = { upper_long_m: 0.75, upper_wide_m: 0.45, lower_long_m: 0.95, lower_wide_m: 0.75 }
    told = told([knit(1)], **mats)

    assert_in_delta 0.1, figure(told, :mat_ends)
    assert_in_delta 0.15, figure(told, :mat_sides)
    assert_empty(codes(told) & %w[mat_small mat_large])
    assert_includes said(told([knit(1)], **mats, lower_long_m: 0.93), "mat_small"), "9 cm at its ends"
    assert_includes said(told([knit(1)], **mats, lower_wide_m: 0.77), "mat_large"), "16 cm along it"
    half = told([knit(1)], upper_long_m: 0.7)

    assert_includes codes(half), "mats_half"
    refute half[:figures].key?(:mat_ends)
    refute_includes codes(told([knit(1)])), "mats_half"
  end

  def test_a_heated_throw_is_told
    assert_includes codes(told([{ what: "heated_throw" }])), "throw_heated"
    refute_includes codes(told([{ what: "throw" }])), "throw_heated"
  end

  def test_paper_fills_its_opening_and_is_tried_before_the_day
    told = told(frames: [{ name: "chart", wide_m: 0.22 }, { printed: true }, { tried: true }])

    assert_includes said(told, "paper_small"), "Chart: the paper is 1 cm smaller"
    assert_equal 1, codes(told).count("paper_small")
    assert_equal 1, codes(told).count("paper_untried")
    assert_equal 2, line(told, "Paper, 21 cm × 30 cm")[:need]
    assert_equal([false, true, true], told[:drawing][:frames].map { |frame| frame[:fills] })
  end

  def test_one_scent_in_each_place
    two = [{ zone: "Hall" }, { zone: " hall", kind: "sticks" }, { zone: "Bath", kind: "flameless", scented: false }]
    told = told(scents: two)

    assert_includes said(told, "scents_meet"), "Hall has 2 scents"
    assert_equal 2, figure(told, :zones)
    quiet = told(scents: [{ zone: "Hall" }, { zone: "Hall", kind: "flameless", scented: false }])

    assert_empty(codes(quiet) & %w[scents_meet scent_flame])
    assert_includes codes(quiet), "scent_asked"
    assert_includes codes(told(scents: [{ kind: "candle", scented: false }])), "scent_flame"
    refute_includes codes(told(scents: [{ kind: "flameless", scented: false }])), "scent_asked"
  end

  def test_minutes_are_by_what_is_changed
    told = told([knit(4)], frames: [{}, {}], scents: [{}])

    assert_equal({ "soft" => 12.0, "art" => 12.0, "scent" => 2.0, "step_back" => 10.0 },
                 told[:tasks].to_h { |task| [task[:step], task[:minutes].to_f] })
  end

  def test_the_look_takes_what_comes_in_and_leaves_what_goes_out
    from = SWAPS_KIND.check({ soft: { swaps: [knit(2, out: "Linen", stored: "Loft")], guests: "Bedroom" } })
    onto = SWAPS_KIND.check({ soft: { guests: "Hall" } })
    look = SWAPS_KIND.check(SwapsLook.onto(from, onto, 1))

    assert_equal [2, "", "Hall"], [*look[:soft][:swaps].first.values_at(:count, :out), look[:soft][:guests]]
  end

  def test_in_feet_no_metres_are_told
    mats = { upper_long_m: 0.7, upper_wide_m: 0.4, lower_long_m: 0.75, lower_wide_m: 0.9 }
    swaps = [knit(3, insert_m: 0.4), plum(1, insert_there: false)]
    told = told(swaps, frames: [{ wide_m: 0.3 }], units: "imperial", **mats)
    steps = told[:sheets].values.flat_map { |sheet| sheet[:steps] }
    texts = told[:cautions].map { |one| one[:message] } + told[:ledger].map { |one| one[:label] } +
            steps.map { |step| "#{step[:says]} #{step[:sum]}" }

    assert_empty texts.grep(/\d c?m\b/)
  end
end
