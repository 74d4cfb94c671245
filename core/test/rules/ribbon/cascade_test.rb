# frozen_string_literal: true

require_relative "../../core_test"

class CascadeTest < CoreTest
  def length(streams, slant: 2.3)
    answer("ribbon.cascade", slant_m: slant, streams: streams, billow: "flat")[:length_m]
  end

  def test_streams_add_up
    assert_in_delta 9 * length(1), length(9)
    assert_in_delta 2 * length(4), length(4, slant: 4.6)
  end

  def test_streams_for_an_arc_lie_35_to_45_degrees_apart
    [180, 190, 200, 240, 360].each do |arc|
      assert_includes 35..46, arc.fdiv(Rules::Ribbon::Cascade.streams_for(arc, HouseRules.default))
    end
  end

  def test_even_a_sliver_of_arc_has_a_stream
    assert_equal 1, Rules::Ribbon::Cascade.streams_for(5, HouseRules.default)
  end

  def test_no_stream_is_no_cascade
    assert_equal %w[streams too_small],
                 faults_of("ribbon.cascade",
                           slant_m: 2, streams: 0, billow: "flat").first.to_h.values_at(:path, :code).flatten
  end
end
