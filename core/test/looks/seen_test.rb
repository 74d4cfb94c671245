# frozen_string_literal: true

require_relative "../core_test"

# What is really seen on a piece against its look, what is short of it, and what of the shelf closes it.
class SeenTest < CoreTest
  PALETTE = Looks::Palette.new(id: "frost", name: "Orchard frost", colours: [
    ["Quince", "#d3a02a", 40], ["Chalk", "#ece8dd", 30], ["Pewter", "#8d9194", 30]
  ].map { |name, srgb, share| Looks::Colour.new(name: name, srgb: srgb, share_percent: share) })
  PLACE = Surroundings.new(stance: "bay", ceiling: Ceiling.new(left_m: 2.7, right_m: 2.7, width_m: 5.0),
                           free_width_m: 1.6, free_depth_m: 1.6, near_socket: true)

  def style(id, colour, kind: "ornament", **rest)
    Style.new(id: id, kind: kind, name: id.capitalize, colour: colour, on_hand: 400, **rest)
  end

  QUINCE = "#d3a02a"
  PEWTER = "#8d9194"

  def setup
    @quince = style("quince", QUINCE, diameter_mm: 60)
    @pewter = style("pewter", PEWTER, diameter_mm: 80)
    @chalk = style("chalk", "#ece8dd", kind: "ribbon", width_mm: 60)
    @picks = style("picks", QUINCE, kind: "pick")
    @shelf = [@quince, @pewter, @chalk, @picks]
  end

  def tree(*styles, **settings)
    TreePlan.new(settings: { "measure" => { "height_m" => 2.1 }, "ornaments" => { "styles" => styles.map(&:id) },
                             "ribbon" => { "styles" => ["chalk"] }, **settings.transform_keys(&:to_s) },
                 surroundings: PLACE, styles: @shelf)
  end

  def shares(plan, palette = PALETTE)
    plan.seen(palette).shares.to_h { |one| [one[:name], one[:seen]] }
  end

  def codes_of(plan, palette = PALETTE) = plan.seen(palette).notes.map(&:code)

  def test_it_counts_what_the_ledger_counts
    plan = tree(@quince, @pewter)
    lines = plan.lines.select { |line| line[:style] }
    area = lambda do |id|
      need = lines.select { |line| line[:style] == id }.sum { |line| line[:need] }
      need * { "quince" => 0.6 * Math::PI * (0.06**2) / 4, "pewter" => 0.6 * Math::PI * (0.08**2) / 4,
               "chalk" => 0.6 * 0.06 }.fetch(id)
    end
    all = %w[quince pewter chalk].sum { |id| area.call(id) }

    { "Quince" => "quince", "Pewter" => "pewter", "Chalk" => "chalk" }.each do |name, id|
      assert_in_delta area.call(id) / all, shares(plan)[name], 1e-9
    end
    assert_in_delta 1 - (all / plan.extent), plan.seen(PALETTE).call[:ground][:share], 1e-9
  end

  def test_its_working_tells_a_list_by_how_much_is_in_it
    sheet = WorkingSheet.of("Colour really seen", [tree(@quince).seen(PALETTE).answer], HouseRules.default)
    step = sheet[:steps].find { |one| one[:gives] == "shares" }

    assert_equal [3, "colours"], step.values_at(:value, :unit)
    assert_match(/\AQuince \d/, step[:sum])
  end

  def test_no_look_and_no_tree_have_nothing_to_tell
    assert_nil tree(@quince).seen(nil)
    assert_nil TreePlan.new(settings: {}, surroundings: PLACE, styles: []).seen(PALETTE)
  end

  def test_what_is_short_is_told_from_the_share_the_studio_says
    plan = tree(@pewter)

    assert_equal ["colour_short"], codes_of(plan) & ["colour_short"]
    assert_equal "Quince is short by 40 % of what is seen.", plan.seen(PALETTE).notes.first.message
    lenient = HouseRules.with("palette.short" => 0.45)
    patient = TreePlan.new(settings: { "measure" => { "height_m" => 2.1 }, "ornaments" => { "styles" => ["pewter"] } },
                           surroundings: PLACE, styles: @shelf, house: lenient)

    refute_includes codes_of(patient), "colour_short"
  end

  def test_what_does_not_show_what_is_off_and_what_leans_apart_is_told_and_nothing_is_refused
    moss = style("moss", "#33614d", diameter_mm: 60)
    plum = style("plum", "#6b2e4f", diameter_mm: 60)
    @shelf += [moss, plum]
    told = tree(moss, plum, @pewter).seen(PALETTE).notes.to_h { |note| [note.code, note.message] }

    assert_match(/Moss will not show against the green/, told["hidden_in_green"])
    assert_match(/\A(Moss|Plum) is off the palette \(ΔE \d+ to \w+\)/, told["off_palette"])
    assert_match(/Warm \(Chalk\) beside cool \(Pewter\)/, told["undertones_mixed"])
  end

  def test_mixed_metals_often_enough_are_meant
    others = %w[#8f9396 #8b9093].each_with_index.map { |colour, i| style("cool#{i}", colour, diameter_mm: 60) }
    warm = %w[#e9e5d9 #ede9df].each_with_index.map { |colour, i| style("warm#{i}", colour, diameter_mm: 60) }
    @shelf += [*others, *warm]

    refute_includes codes_of(tree(@pewter, *others, *warm)), "undertones_mixed"
    assert_includes codes_of(tree(@pewter, *others, warm.first)), "undertones_mixed"
  end

  def test_more_of_what_is_on_the_tree_closes_what_is_short_just_so
    plan = tree(@quince, @pewter)
    short = plan.seen(PALETTE).short.first
    way = plan.colour_ways(PALETTE, @shelf).find { |one| one[:style].id == "quince" }

    assert_equal "Quince", short[:name]
    # More than a person hangs one by one is told, and not done by a press.
    assert way[:enough]
    wall = Looks::Surface.new(area_m2: 3.0, ground: "#2f5d4a", seen: 1.0)
    line = ->(style, need) { LedgerLine.new(kind: style.kind, step: "x", style: style, need: need) }
    lines = [line.call(@quince, 10), line.call(@pewter, 20)]
    found = closing(lines, wall).find { |one| one[:style].id == "quince" }
    after = Looks::Seen.new([line.call(@quince, 10 + found[:pieces]), lines.last], wall, PALETTE, HouseRules.default)
    less = Looks::Seen.new([line.call(@quince, 9 + found[:pieces]), lines.last], wall, PALETTE, HouseRules.default)

    assert_operator after.shares.first[:seen], :>=, 0.4
    assert_operator less.shares.first[:seen], :<, 0.4
  end

  def closing(lines, surface, shelf = @shelf)
    seen = Looks::Seen.new(lines, surface, PALETTE, HouseRules.default)
    Looks::Closing.new(seen, surface, PALETTE, shelf, HouseRules.default, tuck_m: 0.5).ways
  end

  def test_only_what_is_there_and_belongs_to_the_colour_closes_it
    wall = Looks::Surface.new(area_m2: 3.0, ground: "#2f5d4a", seen: 1.0)
    lines = [LedgerLine.new(kind: "ornament", step: "x", style: @pewter, need: 20)]
    few = @quince.with(on_hand: 3)
    gone = @picks.with(on_hand: 0)
    dear = @quince.with(id: "dear", keepsake: true)
    found = closing(lines, wall, [few, gone, dear, @pewter]).select { |way| way[:colour] == "Quince" }

    assert_equal([["quince", 3, false]], found.map { |way| [way[:style].id, way[:pieces], way[:enough]] })
    ribbon = closing(lines, wall).find { |way| way[:style].id == "chalk" }

    assert_in_delta 0, ribbon[:quantity] % 0.5, 1e-9
    assert_in_delta ribbon[:pieces] * 0.5, ribbon[:quantity]
  end

  # Twenty-four in all, half of them quince: most of what hangs should be.
  def half_quince(quince, place: PLACE, step_back: {})
    @shelf = [quince, @pewter.with(diameter_mm: 60)]
    TreePlan.new(settings: { "measure" => { "height_m" => 2.1 }, "ribbon" => { "method" => "none" },
                             "ornaments" => { "styles" => %w[quince pewter], "count_by" => "own", "own_total" => 24 },
                             "crown" => { "topper" => "none" }, "step_back" => step_back },
                 surroundings: place, styles: @shelf)
  end

  MOSTLY = Looks::Palette.new(id: "q", name: "Quince", colours: { "Quince" => [QUINCE, 70], "Pewter" => [PEWTER, 30] }
    .map { |name, (srgb, share)| Looks::Colour.new(name: name, srgb: srgb, share_percent: share) })

  def test_what_the_piece_takes_already_closes_nothing
    quince = @quince.with(on_hand: 15)
    way = half_quince(quince).colour_ways(MOSTLY, [quince]).first

    assert_equal [3, false], way.values_at(:pieces, :enough)
    assert_empty half_quince(@quince.with(on_hand: 12)).colour_ways(MOSTLY, [@quince.with(on_hand: 12)])
  end

  def test_what_breaks_is_added_out_of_reach
    glass = @quince.with(breakable: true)
    house = Surroundings.new(stance: "bay", ceiling: PLACE.ceiling, free_width_m: 1.6, free_depth_m: 1.6, children: [2])
    reach = house.reach_m(HouseRules.default)
    added = lambda do |style|
      half_quince(style, place: house).colour_ways(MOSTLY, [style]).first[:settings][:step_back][:mends]
    end

    assert(added.call(glass).all? { |mend| mend[:height_m] >= reach - 1e-3 })
    assert(added.call(@quince).any? { |mend| mend[:height_m] < reach })
  end

  def test_more_than_a_person_mends_one_by_one_is_no_press
    mends = Array.new(50) { { "kind" => "tuck", "height_m" => 1.0, "angle_deg" => 0 } }
    plan = half_quince(@quince, step_back: { "mends" => mends })

    assert_equal 60, plan.dressed_with(@quince, 10)[:step_back][:mends].size
    assert_nil plan.dressed_with(@quince, 11)
  end

  def test_a_press_does_what_it_says
    colours = { "Quince" => [QUINCE, 70], "Pewter" => [PEWTER, 30] }.map do |name, (srgb, share)|
      Looks::Colour.new(name: name, srgb: srgb, share_percent: share)
    end
    wanted = Looks::Palette.new(id: "q", name: "Quince", colours: colours)
    @shelf[1] = @pewter.with(diameter_mm: 60)
    few = tree(@quince, @pewter, ornaments: { "styles" => %w[quince pewter], "count_by" => "own", "own_total" => 24 },
                                 ribbon: { "method" => "none" }, crown: { "topper" => "none" })
    way = few.colour_ways(wanted, [@quince]).first

    assert_equal ["Quince", "quince", 16, true], [way[:colour], way[:style].id, way[:pieces], way[:enough]]
    dressed = TreePlan.new(settings: way[:settings], surroundings: PLACE, styles: @shelf)
    count = ->(plan) { plan.lines.find { |line| line[:style] == "quince" }[:need] }

    assert_equal count.call(few) + 16, count.call(dressed)
    assert_in_delta 0.7, shares(dressed, wanted)["Quince"], 1e-9
    assert_equal(count.call(dressed), dressed.call[:drawing][:ornaments].count { |site| site[:style] == "quince" })
  end
end
