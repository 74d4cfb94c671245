# frozen_string_literal: true

require_relative "../../core_test"

# What is right value by value and still cannot be dressed is refused where it is dialled.
class RunLimitsTest < CoreTest
  def pointers(document)
    RUN_KIND.check(document)
    []
  rescue InputError => e
    e.faults.map(&:pointer)
  end

  def swags(length_m, spans, **more)
    { "survey" => { "kind" => "ledge", "length_m" => length_m },
      "length" => { "method" => "swags", "spans" => spans, **more.transform_keys(&:to_s) } }
  end

  def test_swags_neither_too_wide_nor_too_narrow
    assert_equal ["/length/spans"], pointers(swags(12.1, 1))
    assert_empty pointers(swags(12.0, 1))
    assert_equal ["/length/spans"], pointers(swags(3.0, 40))
    assert_empty pointers(swags(3.0, 30))
    assert_equal ["/length/spans"],
                 pointers("survey" => { "kind" => "rail", "going_m" => 11.9, "rise_m" => 6 },
                          "length" => { "method" => "swags", "spans" => 1 })
  end

  def test_the_sentence_says_what_would_do
    error = assert_raises(InputError) { RUN_KIND.check(swags(30.0, 2)) }

    assert_equal "A swag would span 15 m. Divide the run into 3 swags or more.", error.message
    assert_equal "A swag would span 49 ft 3 in. Divide the run into 3 swags or more.",
                 error.faults.first.told("imperial")
  end

  def test_a_shelf_is_no_longer_than_the_eye_takes_as_one
    assert_equal ["/survey/length_m"], pointers("survey" => { "length_m" => 55 })
    assert_empty pointers("survey" => { "kind" => "rod", "length_m" => 55 })
  end

  def test_a_garland_in_deep_swags_has_an_end
    assert_equal ["/length/sag_m"], pointers(swags(50.0, 40, sag_m: 3))
  end

  def test_no_more_layers_than_can_be_weighed
    stems = lambda { |count|
      { "survey" => { "length_m" => 3 }, "rise_and_trail" => { "stems" => [{ "style" => "s", "count" => count }] } }
    }

    assert_empty pointers(stems.call(200))
    assert_equal ["/rise_and_trail/stems"],
                 pointers(stems.call(150).tap { |document| document["rise_and_trail"]["stems"] *= 2 })
  end

  def test_nothing_begins_beyond_the_end
    bodies = { "survey" => { "length_m" => 3 },
               "body" => { "bodies" => [{ "style" => "fir" }, { "style" => "fir", "from_m" => 3.2 }] } }

    assert_equal ["/body/bodies/1/from_m"], pointers(bodies)
  end
end
