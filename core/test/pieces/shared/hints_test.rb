# frozen_string_literal: true

require_relative "../../core_test"

class HintsTest < CoreTest
  def hints(changes = {}, units: "metric")
    Hints.all(HouseRules.with(changes), units)
  end

  def test_a_hint_tells_the_studios_own_house_rule_as_its_unit_is_told
    told = hints({ "ribbon.stream_arc_low" => 20, "tree.walkway" => 0.9, "balance.mirrored" => 0.15,
                   "tree.real_weeks" => 3 })

    assert_equal "20° to 45° apart reads even", told["tree/ribbon/streams"]
    assert_equal "At least 90 cm must stay to pass", told["survey/place/walkway_m"]
    assert_equal "15 % either way reads even", told["run/mantel/school/mirrored"]
    assert_equal "20 % to 50 % reads meant", told["run/mantel/school/one_sided"]
    assert_equal "About 3 weeks at most", told["tree/measure/weeks"]
  end

  def test_a_feet_studio_reads_no_metre
    told = hints(units: "imperial")

    assert_equal "1 ft 2 in to 2 ft is usual", told["tree/ribbon/pitch_m"]
    assert_empty(told.values.grep(/\d ?(c?m|mm)\b/))
  end

  def test_what_is_usual_lies_within_what_may_be
    Kinds::ALL.each_value do |kind|
      kind.groups.values.flatten.select(&:usual).each do |input|
        assert_operator input.range, :cover?, input.usual.begin, input.name
        assert_operator input.range, :cover?, input.usual.end, input.name
        assert_operator input.usual, :cover?, input.default, input.name
      end
    end
  end

  def test_every_sentence_is_said_somewhere
    declared = [*Kinds::ALL.values.flat_map { |kind| kind.groups.values.flatten }, *Survey::ROOM, *Survey::PLACE]
    said = declared.filter_map(&:hint).flat_map { |hint| hint.is_a?(Hash) ? hint.values : [hint] }

    assert_equal Messages::TEXTS["hints"].keys.sort, said.map(&:to_s).uniq.sort
  end
end
