# frozen_string_literal: true

require_relative "../server_test"

class PowerMeterTest < ServerTest
  def readings
    meter = Server::StandIns::PowerMeter.new
    (1..60).map { |number| meter.read("String #{number}", watts: 12.0, bulbs: 100) }
  end

  def test_most_strings_are_sound_some_have_dead_bulbs_some_are_dead
    assert_operator readings.count { |reading| reading[:dead_bulbs].zero? }, :>, 30
    assert(readings.any? { |reading| reading[:dead_bulbs].between?(1, 99) })
    assert(readings.any? { |reading| reading[:dead_bulbs] == 100 && reading[:watts].zero? })
  end

  def test_dead_bulbs_draw_nothing
    readings.each { |reading| assert_operator reading[:watts], :<=, 12.0 * 1.04 * (100 - reading[:dead_bulbs]) / 100 }
  end
end
