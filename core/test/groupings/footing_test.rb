# frozen_string_literal: true

require_relative "../core_test"

# What stands over an edge or in another thing.
class FootingTest < CoreTest
  Told = Struct.new(:things, :units) do
    def named(thing)
      "thing #{thing.number}"
    end
  end

  def standing(number, left, out, slot: "middle", form: "candle", across: 0.1)
    Groupings::Standing.new(number: number, form: Groupings::Form.of(form), slot: slot, across_m: across,
                            deep_m: across, height_m: 0.2, left_m: left, out_m: out)
  end

  def told(*things, **measures)
    Groupings::Footing.new(Told.new(things, "metric"), length_m: 1.0, depth_m: 0.5, **measures).told
  end

  def test_what_stands_whole_on_it_is_not_told
    assert_empty told(standing(1, 0.05, 0.05), standing(2, 0.95, 0.45))
  end

  def test_each_edge_counts
    [[0.04, 0.25], [0.96, 0.25], [0.5, 0.04], [0.5, 0.46]].each do |left, out|
      assert_equal(["thing_over_edge"], told(standing(1, left, out)).map(&:code))
    end
  end

  def test_a_round_edge_cuts_corners_off
    corner = standing(1, 0.13, 0.13)

    assert_equal(["thing_over_edge"], told(corner, depth_m: 1.0, round: true).map(&:code))
    assert_empty told(corner, depth_m: 1.0)
    # What is round itself reaches less far into the corner than what is square.
    edge = [0.19, 0.19]

    assert_empty told(standing(1, *edge), depth_m: 1.0, round: true)
    refute_empty told(standing(1, *edge, form: "block"), depth_m: 1.0, round: true)
  end

  def test_only_solid_things_stand_in_each_other
    assert_equal(["things_meet"], told(standing(1, 0.5, 0.25), standing(2, 0.55, 0.25)).map(&:code))
    assert_empty told(standing(1, 0.5, 0.25), standing(2, 0.55, 0.25, slot: "softener"))
    assert_empty told(standing(1, 0.5, 0.25), standing(2, 0.5, 0.25, slot: "ground"))
  end

  def test_a_few_are_named
    things = Array.new(8) { |i| standing(i + 1, -0.2 * (i + 1), 0.25) }

    assert_equal 3, told(*things).size
    assert_match(/\AThing 1/, told(*things).first.message)
  end
end
