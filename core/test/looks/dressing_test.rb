# frozen_string_literal: true

require_relative "../core_test"

# What every kind of piece shows, how it takes some more of a style, and what no press does any more.
class DressingTest < CoreTest
  PLACE = Surroundings.new(stance: "bay", ceiling: Ceiling.new(left_m: 2.7, right_m: 2.7, width_m: 5.0))
  QUINCE = "#d3a02a"
  PEWTER = "#8d9194"
  PALETTE = Looks::Palette.new(id: 1, name: "Frost", colours: [
                                 Looks::Colour.new(name: "Quince", srgb: QUINCE, share_percent: 60),
                                 Looks::Colour.new(name: "Pewter", srgb: PEWTER, share_percent: 40)
                               ])
  FIR = Style.new(id: "fir", kind: "garland", name: "Fir", length_m: 1.8, loft_m: 0.2, texture: "needle",
                  colour: "#2f5d4b", on_hand: 9)

  def style(id, colour, kind: "ornament", size: 60, on_hand: 900)
    Style.new(id: id, kind: kind, name: id.capitalize, colour: colour, diameter_mm: size, on_hand: on_hand)
  end

  def setup
    @quince = style("quince", QUINCE)
    @pewter = style("pewter", PEWTER)
  end

  def run_of(accents, more = [])
    RunPlan.new(settings: { "survey" => { "length_m" => 3 }, "body" => { "bodies" => [{ "style" => "fir" }] },
                            "accents" => { "accents" => accents } },
                surroundings: PLACE, styles: [FIR, @quince, @pewter, *more])
  end

  def wreath(picks, size: { "outer_m" => 0.6, "inner_m" => 0.3 })
    WreathPlan.new(settings: { "place" => { "width_m" => 0.9 }, "size" => size, "layers" => { "picks" => picks } },
                   surroundings: PLACE, styles: [@quince, @pewter])
  end

  def seen(plan) = plan.seen(PALETTE).shares.to_h { |one| [one[:name], one[:seen]] }

  def way(plan, shelf = [@quince]) = plan.colour_ways(PALETTE, shelf).first

  def test_a_run_shows_its_accents_whole_and_takes_more_of_one
    plan = run_of([{ "style" => "pewter", "count" => 20 }])

    assert_equal({ "Quince" => 0.0, "Pewter" => 1.0 }, seen(plan))
    disc = Math::PI * (0.06**2) / 4

    assert_in_delta 20 * disc, plan.seen(PALETTE).seen_m2, 1e-9
    found = way(plan)
    dressed = RunPlan.new(settings: found[:settings], surroundings: PLACE, styles: [FIR, @quince, @pewter])

    assert_equal 30, found[:pieces]
    assert_in_delta 0.6, seen(dressed)["Quince"], 1e-9
    again = run_of([{ "style" => "quince", "count" => 4 }, { "style" => "pewter", "count" => 20 }])
    counts = way(again)[:settings][:accents][:accents].to_h { |accent| [accent[:style], accent[:count]] }

    assert_equal({ "pewter" => 20, "quince" => 30 }, counts)
  end

  def test_a_wreath_shows_its_ring_and_takes_a_style_more_on_its_sites
    plan = wreath(["pewter"])
    ring = Math::PI * ((0.6**2) - (0.3**2)) / 4

    assert_in_delta ring, plan.dressed_surface.area_m2, 1e-9
    found = way(plan)

    assert_equal %w[pewter quince], found[:settings][:layers][:picks]
    assert_operator seen(WreathPlan.new(settings: found[:settings], surroundings: PLACE,
                                        styles: [@quince, @pewter]))["Quince"], :>, 0
    assert_nil way(wreath(%w[pewter pewter pewter quince]))[:settings]
  end

  def test_a_wall_shows_all_its_rings
    size = { "outer_m" => 0.3, "inner_m" => 0.15 }
    three = WallPlan.new(settings: { "wall" => { "width_m" => 3.0 },
                                     "wreaths" => { "hung" => [{ "outer_m" => 0.3 }] * 3 } },
                         surroundings: PLACE, styles: [])

    assert_in_delta 3 * wreath([], size: size).dressed_surface.area_m2, three.dressed_surface.area_m2, 1e-6
  end

  def test_a_ring_too_thin_to_be_dressed_tells_no_colours_and_stops_nothing
    thin = wreath(["pewter"], size: { "outer_m" => 0.04, "inner_m" => 0.0399 })

    assert_nil thin.seen(PALETTE)
    assert_nil thin.seen_areas
    assert_empty thin.colour_ways(PALETTE, [@quince])
    assert thin.reckoned[:chosen]
  end

  def test_what_settings_cannot_hold_is_told_without_a_press
    forty = Array.new(40) { |i| style("p#{i}", PEWTER) }
    tree = TreePlan.new(settings: { "measure" => { "height_m" => 2.1 },
                                    "ornaments" => { "styles" => forty.map(&:id) } },
                        surroundings: PLACE, styles: forty)

    assert_nil way(tree)[:settings]
    tiny = style("tiny", QUINCE, size: 12)
    large = style("large", PEWTER, size: 300)
    crowded = way(run_of([{ "style" => "large", "count" => 20 }], [tiny, large]), [tiny])

    assert_operator crowded[:pieces], :>, 500
    assert_nil crowded[:settings]
  end

  def test_many_names_are_not_all_told
    warm = Array.new(5) { |i| style("warm#{i}", format("#e9e5d%x", i)) }
    plan = TreePlan.new(settings: { "measure" => { "height_m" => 2.1 },
                                    "ornaments" => { "styles" => [*warm.map(&:id), "pewter"] } },
                        surroundings: PLACE, styles: [*warm, @pewter])
    note = plan.seen(PALETTE).notes.find { |one| one.code == "undertones_mixed" }

    assert_includes note.message, "Warm (Warm0, Warm1, Warm2 and 2 more)"
  end
end
