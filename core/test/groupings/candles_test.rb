# frozen_string_literal: true

require_relative "../core_test"

# Real flames, what burns beside them, sets that read flat.
class CandlesTest < CoreTest
  Told = Struct.new(:things, :units) do
    def named(thing)
      thing.form.name
    end
  end

  def candle(left, height: 0.2, colour: "#efe6d2", flame: false)
    standing("candle", left, height_m: height, colour: colour, flame: flame)
  end

  def standing(form, left, **said)
    known = Groupings::Form.of(form)
    Groupings::Standing.new(number: (left * 100).round, form: known, slot: known.slot, across_m: 0.08, deep_m: 0.08,
                            left_m: left, out_m: 0.2, finish: known.finish, height_m: 0.2, colour: known.colour, **said)
  end

  def codes(*things)
    Groupings::Candles.new(Told.new(things, "metric")).told.map(&:code)
  end

  def test_one_alone_says_nothing
    assert_empty codes(candle(0.1))
    assert_empty codes
  end

  def test_a_flame_keeps_off_greens_and_cloth
    assert_equal ["flame"], codes(candle(0.1, flame: true), standing("bundle", 0.49))
    assert_equal ["flame_near"], codes(candle(0.1, flame: true), standing("bundle", 0.47))
    assert_equal ["flame_near"], codes(candle(0.1, flame: true), standing("cloth", 0.3))
    assert_equal ["flame"], codes(candle(0.1, flame: true), standing("vessel", 0.3))
  end

  def test_a_set_differs_in_height_or_in_colour
    assert_equal ["tapers_alike"], codes(candle(0.1), candle(0.3))
    assert_equal ["tapers_alike"], codes(candle(0.1), candle(0.3, height: 0.22))
    assert_empty codes(candle(0.1), candle(0.3, height: 0.23))
    assert_empty codes(candle(0.1), candle(0.3, colour: "#4d6d92"))
  end

  def test_three_flames_are_named
    assert_equal(%w[flame flame flame], codes(*Array.new(5) do |i|
      candle(i / 2.0, height: 0.1 + (i / 10.0), flame: true)
    end))
  end
end
