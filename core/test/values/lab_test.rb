# frozen_string_literal: true

require_relative "../core_test"

# There and back: what a screen shows is what Lab says.
class LabTest < CoreTest
  def test_every_colour_of_a_screen_comes_back
    chance = Random.new(9)
    300.times do
      colour = format("#%06x", chance.rand(0x1000000))

      assert_equal colour, Lab.of(colour).hex
    end
    assert_equal %w[#000000 #ffffff], [Lab.new(0, 0, 0).hex, Lab.new(100, 0, 0).hex]
  end

  def test_what_no_screen_shows_is_cut_off
    assert_match(/\A#\h{6}\z/, Lab.new(60, 180, -180).hex)
  end
end
