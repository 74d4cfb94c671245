# frozen_string_literal: true

require_relative "../core_test"

class JottingTest < CoreTest
  LENGTHS = /\b\d+(?:\.\d+)? (?:m|cm|mm|kg)\b|metre|m²/

  def test_a_sum_says_in_feet_what_it_says_in_metres
    feet = Jotting.new("imperial")

    assert_equal ["10", "100", "1.858", "2.205"],
                 [feet.long(3.048), feet.long(9.290304, 2), feet.long(20, -2), feet.heavy(1)]
    assert_equal(["3.048", "9.29", "20", "1"],
                 Jotting.new("metric").then { |m| [m.long(3.048), m.long(9.290304, 2), m.long(20, -2), m.heavy(1)] })
  end

  def pine
    Style.new(id: "pine", kind: "garland", name: "Pine garland", length_m: 2.7, loft_m: 0.2, mass_g: 2_600, on_hand: 1)
  end

  def sums(units)
    tree = { measure: { height_m: 2.4, support_width_m: 0.6, riser_m: 0.1 }, ribbon: { method: "cascade" },
             crown: { streamers: 3, weight_g: 900 }, lights: { watts: 20.0, socket_way_m: 4.0, globes: "classic" },
             ornaments: { styles: styles.map(&:id) } }
    made = plan(tree, units: units)
    run = RunPlan.new(settings: { survey: { length_m: 2.0 }, length: { method: "swags", spans: 3, sag_m: 0.1 },
                                  body: { bodies: [{ style: "pine", from_m: 0.0, to_m: 2.0 }] } },
                      surroundings: surroundings, styles: [pine], units: units).call
    [made, run]
  end

  def test_no_working_finding_or_ledger_of_a_studio_in_feet_speaks_of_metres
    sums("imperial").each do |made|
      told = [*made[:sheets].values.flat_map { |sheet| sheet[:steps].flat_map { |step| [step[:says], step[:sum]] } },
              *made[:cautions].map { |caution| caution[:message] }]

      assert_empty(told.grep(LENGTHS))
    end
  end

  # What a sum says comes to what it gives, in either units.
  def test_the_arithmetic_of_the_sums_holds_in_either_units
    %w[metric imperial].each do |units|
      tree, = sums(units)
      gap = tree[:sheets]["fit"][:steps].first
      ceiling, riser, height = gap[:sum].split(" − ").map(&:to_f)
      unit = units == "imperial" ? Length::FOOT : 1

      assert_in_delta gap[:value] / unit, ceiling - riser - height, 0.002
    end
  end
end
