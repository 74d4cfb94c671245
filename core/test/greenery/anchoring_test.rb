# frozen_string_literal: true

require_relative "../core_test"

class AnchoringTest < CoreTest
  # So many kilograms on every metre.
  Even = Struct.new(:kg_per_m) do
    def kg_between(from, to)
      kg_per_m * (to - from)
    end
  end

  def path(survey, length = {})
    settings = RunSettings.check("survey" => survey.transform_keys(&:to_s), "length" => length.transform_keys(&:to_s))
    Greenery::RunPath.of(survey: RunSurvey.of(settings[:survey]), length: settings[:length])
  end

  def anchors(way, kg_per_m: 1.0, may_kg: 1.0)
    places = Greenery::Anchoring.places(way, spacing: 0.45)
    Greenery::Anchoring.new(path: way, weight: Even.new(kg_per_m), places: places, may_kg: may_kg).anchors
  end

  def test_loads_add_up_to_the_weight_whatever_the_run
    [[{ length_m: 1.5, left_drop_m: 0.5, right_drop_m: 1.0 }],
     [{ kind: "frame", length_m: 0.9, side_m: 2.0, height_m: 0 }],
     [{ length_m: 4.4 }, { method: "swags", spans: 4 }],
     [{ kind: "rail", going_m: 3.6, rise_m: 2.6 }, { method: "swags", spans: 4 }],
     [{ kind: "rail", going_m: 3.6, rise_m: 2.6 }], [{ kind: "ring", diameter_m: 0.8 }]].each do |survey, length|
      way = path(survey, length || {})

      assert_in_delta 0.7 * way.length, anchors(way, kg_per_m: 0.7).sum { |anchor| anchor[:down_kg] }, 1e-9,
                      survey.inspect
    end
  end

  def test_a_drop_hangs_whole_on_its_upper_anchor
    told = anchors(path({ length_m: 1.35, right_drop_m: 1.0 }))

    assert_in_delta 0.225 + 1.0, told.last[:kg]
    assert_equal 2, told.last[:fixings]
    assert_equal 1, told.first[:fixings]
  end

  def test_equal_swags_pull_as_the_rule_says
    told = anchors(path({ length_m: 4.4 }, { method: "swags", spans: 4, sag_m: 0.18 }), kg_per_m: 0.8)
    rule = answer("garland.swag_pull", span_m: 1.1, sag_m: 0.18, kg_per_m: 0.8)

    assert_equal 5, told.size
    assert_in_delta rule[:end_n] / 9.81, told.first[:kg], 0.005 * told.first[:kg]
    assert_in_delta rule[:middle_n] / 9.81, told[2][:kg], 1e-6
  end

  def test_the_flatter_never_pulls_less
    pulls = [0.3, 0.2, 0.1, 0.05].map do |sag|
      anchors(path({ length_m: 4.4 }, { method: "swags", spans: 4, sag_m: sag })).first[:kg]
    end

    assert_equal pulls.sort, pulls
  end

  def test_none_further_apart_than_the_spacing_and_both_ends_are_held
    way = path({ length_m: 2.0 })
    places = Greenery::Anchoring.places(way, spacing: 0.45)

    assert_equal [0.0, 2.0], places.values_at(0, -1)
    assert(places.each_cons(2).all? { |a, b| b - a <= 0.45 + 1e-9 })
    assert_equal places.size + 3, Greenery::Anchoring.places(way, spacing: 0.45, more: 3).size
  end

  def test_a_ring_is_not_held_twice_where_it_begins
    told = anchors(path({ kind: "ring", diameter_m: 0.8 }))

    assert_equal told.size,
                 told.map { |anchor| anchor.values_at(:x_m, :floor_m).map { |value| value.round(6) } }.uniq.size
  end

  def test_says_who_follows_when_one_lets_go
    told = anchors(path({ length_m: 1.35, right_drop_m: 0.6 }), kg_per_m: 1.0, may_kg: 0.9)
    last = told.last[:if_it_fails]

    assert_equal([3], last.map { |one| one[:number] })
    refute last.first[:holds]
    assert(told[1][:if_it_fails].all? { |one| one[:holds] })
  end

  # The head of the frame has the widest steps, 45 cm against 40; there one more helps most.
  def test_more_places_go_where_they_are_furthest_apart
    way = path(kind: "frame", length_m: 0.9, side_m: 2.0, height_m: 0)
    widest = lambda { |more|
      Greenery::Anchoring.places(way, spacing: 0.45, more: more).each_cons(2).map { |one, next_one| next_one - one }.max
    }

    assert_in_delta 0.45, widest.call(0)
    assert_in_delta 0.4, widest.call(1)
  end
end
