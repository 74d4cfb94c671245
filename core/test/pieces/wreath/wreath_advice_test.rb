# frozen_string_literal: true

require_relative "../../core_test"

# What a wreath could be instead: built from what is free, made another way, mended, helped against its ground.
class WreathAdviceTest < CoreTest
  STEMS = [["cedar", "scale", 24, 0.11], ["leaf", "broadleaf", 12, 0.12], ["pine", "needle", 12, 0.16],
           ["fern", "fern", 8, 0.14]].map do |id, texture, on_hand, rise|
    Style.new(id: id, kind: "stem", name: id.capitalize, texture: texture, rise_m: rise, trail_m: 0.03, spread_m: 0.16,
              mass_g: 9, on_hand: on_hand, price_cents: 700)
  end
  SPRUCE = Style.new(id: "spruce", kind: "wreath", name: "Spruce", colour: "#2c5646", texture: "needle", across_m: 0.62,
                     opening_m: 0.34, mass_g: 620, on_hand: 2, price_cents: 2_950)
  BARE = Style.new(id: "hoop", kind: "wreath", name: "Hoop", across_m: 0.6, opening_m: 0.5, on_hand: 1,
                   price_cents: 500)
  PALE = Style.new(id: "pale", kind: "ribbon", name: "Pale linen", colour: "#efe3cc", on_hand: 9, price_cents: 900)
  DARK = Style.new(id: "dark", kind: "ribbon", name: "Dark moss", colour: "#2a5040", on_hand: 20)
  GOLD = Style.new(id: "gold", kind: "pick", name: "Gold sprays", colour: "#d9a520", on_hand: 9)
  STOCK = [*STEMS, SPRUCE, BARE, PALE, DARK, GOLD].freeze
  ROOM = Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.7, right_m: 2.7, width_m: 5))
  DOOR = { host: "door", width_m: 0.9 }.freeze

  def plan(place: DOOR, stock: STOCK, around: ROOM, units: "metric", **groups)
    WreathPlan.new(settings: { place: place, size: { style: "spruce" }, **groups }, surroundings: around, styles: STOCK,
                   stock: stock, units: units)
  end

  def ways(about, stock: STOCK, **groups)
    plan(**groups).advice(about, stock: stock)[:ways]
  end

  # The plan with a change followed.
  def after(changes, **groups)
    settings = WREATH_KIND.check({ place: DOOR, size: { style: "spruce" }, **groups })
    plan(**settings, **changes)
  end

  def codes(told)
    told.reckoned[:cautions].map { |caution| caution[:code].to_s }
  end

  def test_a_start_reaches_what_it_says
    greens = { making: "enriched", high_m: 0.2 }
    start = plan(greens: greens).advice("start", stock: STOCK)[:start]
    made = plan(greens: { **greens, stems: start[:stems] }).reckoned

    assert_in_delta start[:fullness], made[:figures][:fullness][:value]
    assert_in_delta start[:kg], made[:figures][:weight][:value]
    assert_operator start[:fullness], :>, plan(greens: greens).reckoned[:figures][:fullness][:value] + 0.1
    assert_empty made[:drawing][:thin]
  end

  def test_a_start_takes_no_more_than_is_free
    start = plan(greens: { high_m: 0.3 }).advice("start", stock: STOCK)[:start]
    taken = start[:stems].group_by { |entry| entry[:style] }.transform_values do |those|
      those.sum do |one|
        one[:count]
      end
    end

    taken.each { |id, count| assert_operator count, :<=, STEMS.find { |one| one.id == id }.on_hand, id }
    assert_operator start[:wishes].size, :>, 0
    assert_match(/thin/, start[:wishes].last)
  end

  def test_a_start_stays_within_what_holds_it
    start = plan(greens: { high_m: 0.2 }, hang: { hanger: "false", rated_kg: 1.3 }).advice("start",
                                                                                           stock: STOCK)[:start]

    assert_in_delta 0.65, start[:most_kg]
    assert_operator start[:kg], :<=, 0.65 + 1e-9
    assert_operator start[:stems].sum { |entry| entry[:count] }, :>, 0
    assert_match(/carry no more/, start[:wishes].last)
  end

  def test_a_start_brings_several_greens_where_nothing_is_thin
    start = plan(greens: { making: "enriched", high_m: 0.16 }).advice("start", stock: STOCK)[:start]
    textures = start[:stems].map { |entry| STEMS.find { |one| one.id == entry[:style] }.texture }

    assert_equal 2, textures.uniq.size
    assert_empty start[:wishes]
  end

  def test_a_start_with_nothing_on_hand_says_so
    start = plan(greens: { high_m: 0.3 }).advice("start", stock: [])[:start]

    assert_empty start[:stems]
    assert_equal ["Nothing that is on hand may be used here."], start[:wishes]
  end

  def test_ways_of_making_are_what_each_would_come_to
    made = plan(greens: { making: "enriched" }).advice("makings", stock: STOCK)[:makings]
    house = HouseRules.default

    assert_equal(WreathSettings::MAKING, made.map { |one| one[:making] })
    assert_equal(["enriched"], made.select { |one| one[:chosen] }.map { |one| one[:making] })
    made.each do |one|
      told = after(one[:changes]).reckoned

      assert_in_delta told[:figures][:minutes][:value], one[:minutes], 1e-9, one[:making]
      assert_equal told[:totals][:buy_cents], one[:buy_cents], one[:making]
      assert_in_delta told[:figures][:weight][:value], one[:kg], 1e-9, one[:making]
    end
    by_name = made.to_h { |one| [one[:making], one] }

    assert_equal 2, by_name["hoop"][:people]
    # A bought wreath is none to tie a frame on.
    assert_nil by_name["frame"][:changes][:size][:style]
    assert_in_delta house["minutes.wreath_make"], by_name["frame"][:minutes] - by_name["bought"][:minutes], 25
  end

  def test_a_bare_hoop_gives_way_to_a_wreath_that_can_be_bought
    made = plan(size: { style: "hoop" }, greens: { making: "hoop" }).advice("makings", stock: STOCK)[:makings]
    bought = made.find { |one| one[:making] == "bought" }

    assert_equal "spruce", bought[:changes][:size][:style]
    assert_equal "hoop", made.find { |one| one[:making] == "hoop" }[:changes][:size][:style]
  end

  def test_every_mend_takes_its_caution_away
    groups = { place: { **DOOR, knocker_m: 1.35, slot_m: 0.9 }, hang: { hanger: "false", rated_kg: 0.5 },
               star: { kind: "bow", tail_m: 0.9 },
               layers: { layout: "one_cluster", picks: ["gold"] },
               greens: { stems: [{ style: "pine", count: 30, from_h: 7, to_h: 9 }] } }
    mends = ways("mends", **groups)

    assert_operator mends.size, :>=, 4
    mends.each do |mend|
      before = codes(after({}, **groups))

      assert_includes before, mend[:code]
      refute_includes codes(after(mend[:changes], **groups)), mend[:code], mend[:says]
    end
  end

  def test_no_mend_goes_past_what_a_dial_takes
    wide = { place: { host: "window", width_m: 6.0 }, size: { outer_m: 0.5 } }
    base = { place: { host: "lying", width_m: 2.0 }, size: { outer_m: 0.5 } }

    assert_includes codes(plan(**wide)), "wreath_small"
    [wide, base].each do |groups|
      ways("mends", stock: [], **groups).each { |mend| assert after(mend[:changes], **groups) }
      refute_includes ways("mends", stock: [], **groups).map { |mend| mend[:code] }, "wreath_lying_narrow"
    end
  end

  def test_a_mend_keeps_what_else_was_said
    mend = ways("mends", star: { kind: "bow", tail_m: 0.9, style: "pale", at_h: 7 }).find do |one|
      one[:code] == "wreath_tails"
    end

    assert_equal ["bow", 7, "pale", 0.31], mend[:changes][:star].values_at(:kind, :at_h, :style, :tail_m)
  end

  def test_what_leads_is_lost_in_greens_that_stand_higher
    groups = { greens: { stems: [{ style: "pine", count: 12, from_h: 5.5, to_h: 6.5 }], high_m: 0.3 },
               size: { outer_m: 0.5, inner_m: 0.25 }, star: { kind: "bow", at_h: 6 } }

    assert_includes codes(plan(**groups)), "wreath_star_hidden"
    mend = ways("mends", **groups).find { |one| one[:code] == "wreath_star_hidden" }

    refute_equal 6, mend[:changes][:star][:at_h]
    refute_includes codes(plan(**groups, star: mend[:changes][:star])), "wreath_star_hidden"
  end

  def test_wires_are_told_until_they_are_looked_at
    assert_includes codes(plan(layers: { picks: ["gold"] })), "wreath_wires"
    refute_includes codes(plan(layers: { picks: ["gold"] }, step_back: { looked: ["wires"] })), "wreath_wires"
    refute_includes codes(plan), "wreath_wires"
  end

  def test_what_helps_differs_from_ground_and_greens_and_stock_comes_first
    helps = ways("helps", place: { **DOOR, colour: "#2a5040" })

    assert_equal(["A bow of Pale linen (9.00 m free)", "A word across it", "Gold sprays on the sites (9 free)"],
                 helps.first(3).map { |one| one[:says] })
    assert_match(/\AA backing/, helps.last[:says])
    assert_empty ways("helps", place: { **DOOR, colour: "#f4f2ec" })
  end

  def test_what_differs_from_the_ground_alone_is_lost_in_the_greens
    place = { **DOOR, colour: "#20302a" }
    greys = (0..15).map { |i| format("#%02x%02x%02x", 0x30 + (i * 6), 0x48 + (i * 6), 0x40 + (i * 6)) }
    reads = lambda do |one, other|
      Catalogue.answer("wreath.ground", { greens: one, ground: other })[:reads] == "well"
    end
    lost = greys.select { |grey| reads.call(grey, place[:colour]) && !reads.call(grey, SPRUCE.colour) }
    stock = lost.map { |grey| Style.new(id: grey, kind: "ribbon", name: grey, colour: grey, on_hand: 9) }

    refute_empty lost
    assert_empty(ways("helps", stock: stock, place: place).select { |one| one[:says].start_with?("A bow") })
  end

  def test_what_helps_really_reads
    place = { **DOOR, colour: "#2a5040" }

    assert_includes codes(plan(place: place)), "wreath_dull"
    ways("helps", place: place).reject { |one| one[:says].include?("word") }.each do |help|
      refute_includes codes(after(help[:changes], place: place)), "wreath_dull", help[:says]
    end
  end

  def test_a_backing_frames_it_by_its_share
    low, high = HouseRules.default.then { |house| [house["wreath.backing_low"], house["wreath.backing_high"]] }

    assert_equal [1.3, 1.6], [low, high]
    assert_includes codes(plan(place: { **DOOR, backing_m: 0.7 })), "wreath_backing_small"
    assert_includes codes(plan(place: { **DOOR, backing_m: 1.1 })), "wreath_backing_large"
    assert_empty codes(plan(place: { **DOOR, backing_m: 0.9 })).grep(/backing/)
  end

  def test_nothing_is_advised_before_it_is_measured
    assert_nil plan(place: { host: "door" }).advice("start", stock: STOCK)
  end

  def test_a_studio_in_feet_is_advised_in_feet
    groups = { place: { **DOOR, colour: "#2a5040", knocker_m: 1.35 }, star: { kind: "bow", tail_m: 0.9 },
               units: "imperial" }
    said = (ways("helps", **groups) + ways("mends", **groups)).map { |one| one[:says] }

    assert_operator said.size, :>, 4
    said.each { |text| refute_match(/\d c?m\b/, text) }
  end

  LYING = { host: "lying", width_m: 0.1 }.freeze

  def test_a_wreath_round_a_candle_goes_round_its_base_and_hangs_on_nothing
    told = plan(place: LYING, size: {}).reckoned

    assert_in_delta 0.11, told[:figures][:opening][:value]
    assert_operator told[:figures][:inner][:value], :>=, 0.11 - 1e-9
    refute_includes told[:steps], "hang"
    assert_nil told[:figures][:may]
    assert_empty(told[:ledger].select { |line| line[:kind] == "fixing" })
    assert_includes codes(plan(place: LYING, size: {})), "wreath_lying_flame"
    assert_empty plan(place: LYING, size: {}).hooks
  end

  def test_an_opening_too_narrow_for_its_candle_is_told_and_mended
    groups = { place: LYING, size: { outer_m: 0.2, inner_m: 0.09 } }

    assert_includes codes(plan(**groups)), "wreath_lying_narrow"
    mend = ways("mends", **groups).find { |one| one[:code] == "wreath_lying_narrow" }

    refute_includes codes(plan(**groups, size: mend[:changes][:size])), "wreath_lying_narrow"
  end

  def test_of_the_stock_the_smallest_that_goes_round_is_offered
    assert_equal "hoop", plan(place: LYING, size: {}).reckoned[:choice][:style]
    assert_nil plan(place: { host: "lying", width_m: 0.6 }, size: {}).reckoned[:choice]
  end

  def test_what_lies_is_made_and_started_like_any_other
    made = plan(place: LYING, size: { outer_m: 0.3 }, greens: { high_m: 0.12 })

    assert_equal 4, made.advice("makings", stock: STOCK)[:makings].size
    assert_nil made.advice("start", stock: STOCK)[:start][:most_kg]
  end
end
