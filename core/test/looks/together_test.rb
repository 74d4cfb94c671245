# frozen_string_literal: true

require_relative "../core_test"

# What a room shows is what its pieces show, added up.
class TogetherTest < CoreTest
  PALETTE = Looks::Palette.new(id: 1, name: "Frost", colours: [
                                 Looks::Colour.new(name: "Quince", srgb: "#d3a02a", share_percent: 60),
                                 Looks::Colour.new(name: "Chalk", srgb: "#ece8dd", share_percent: 40)
                               ])

  def part(quince: 0, chalk: 0, surface: 2.0, ground: "#2f5d4a")
    { areas: { "#d3a02a" => quince, "#ece8dd" => chalk }.reject { |_, area| area.zero? }, surface_m2: surface,
      ground: ground }
  end

  def together(*parts) = Looks::Together.of(parts, PALETTE, HouseRules.default)

  def seen(told) = told[:shares].to_h { |one| [one[:name], one[:seen]] }

  def test_a_large_piece_counts_for_more_than_a_small_one
    told = together(part(quince: 0.6), part(chalk: 0.2))

    assert_in_delta 0.75, seen(told)["Quince"], 1e-9
    assert_equal ["Chalk"], told[:short]
    assert_in_delta 1 - (0.8 / 4.0), told[:ground][:share], 1e-9
  end

  def test_their_order_never_matters_and_one_alone_is_itself
    parts = [part(quince: 0.3, chalk: 0.1), part(chalk: 0.4), part(quince: 0.2, surface: 1.0)]

    assert_equal(together(*parts)[:shares].map { |one| one[:seen].round(9) },
                 together(*parts.reverse)[:shares].map { |one| one[:seen].round(9) })
    assert_in_delta 0.75, seen(together(parts.first))["Quince"], 1e-9
  end

  def test_where_nothing_is_seen_nothing_is_told
    assert_nil together
    assert_nil together(part)
  end

  def test_the_ground_is_that_of_which_most_is_there
    assert_equal "#111111",
                 together(part(quince: 0.1), part(chalk: 0.1, surface: 9.0, ground: "#111111"))[:ground][:colour]
  end

  def test_a_piece_says_the_same_alone_and_put_together
    style = Style.new(id: "q", kind: "ornament", name: "Q", colour: "#d3a02a", diameter_mm: 60)
    place = Surroundings.new(stance: "bay", ceiling: Ceiling.new(left_m: 2.7, right_m: 2.7, width_m: 5.0))
    plan = TreePlan.new(settings: { "measure" => { "height_m" => 2.1 }, "ornaments" => { "styles" => ["q"] } },
                        surroundings: place, styles: [style])
    alone = plan.seen(PALETTE).call

    assert_equal(alone[:shares].map { |one| one[:seen].round(9) },
                 together(plan.seen_areas)[:shares].map { |one| one[:seen].round(9) })
    assert_in_delta alone[:ground][:share], together(plan.seen_areas)[:ground][:share], 1e-9
    assert_nil TreePlan.new(settings: {}, surroundings: place, styles: []).seen_areas
  end
end
