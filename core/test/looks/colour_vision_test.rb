# frozen_string_literal: true

require_relative "../core_test"

# A look as people see it who see red, green or blue differently.
class ColourVisionTest < CoreTest
  def palette(*colours)
    Looks::Palette.new(id: 1, name: "x", colours: colours.map.with_index do |srgb, i|
      Looks::Colour.new(name: "c#{i}", srgb: srgb)
    end)
  end

  def alike(*colours)
    Looks::ColourVision.of(palette(*colours), HouseRules.default).to_h { |told| [told[:kind], told[:alike]] }
  end

  def test_greys_stay_what_they_are
    Looks::ColourVision::KINDS.each_key do |kind|
      %w[#000000 #808080 #ffffff].each do |grey|
        assert_operator ColourDifference.of(grey, Looks::ColourVision.seen(grey, kind)), :<, 1.5, "#{kind} #{grey}"
      end
    end
  end

  def test_a_red_and_a_green_are_one_to_who_sees_no_green
    # A brick red and an olive green as light as each other.
    told = alike("#9c5a36", "#6f6b1f")

    assert_equal [%w[c0 c1]], told["deutan"]
    assert_empty told["tritan"]
  end

  def test_a_light_and_a_dark_one_are_told_apart_by_everyone
    alike("#ece8dd", "#24524a").each_value { |pairs| assert_empty pairs }
  end

  def test_what_nobody_tells_apart_is_not_told_here
    alike("#d3a02a", "#d2a02b").each_value { |pairs| assert_empty pairs }
  end
end
