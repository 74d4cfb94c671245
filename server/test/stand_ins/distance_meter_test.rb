# frozen_string_literal: true

require_relative "../server_test"

class DistanceMeterTest < ServerTest
  def test_readings_come_one_after_the_other_always_the_same
    sign_in
    first = ask(:get, "/api/meter/readings?of=hall")
    second = ask(:get, "/api/meter/readings?of=hall&after=#{first['number']}")

    assert_equal([1, 2], [first, second].map { |reading| reading["number"] })
    assert_equal second, ask(:get, "/api/meter/readings?of=hall&after=1")
    refute_equal first["metres"], second["metres"]
  end

  def test_they_are_lengths_of_a_room_to_the_millimetre
    meter = Server::StandIns::DistanceMeter.new("wren")
    read = (0..80).map { |number| meter.after(number)[:metres] }

    assert(read.all? { |metres| metres.between?(0.3, 6) && (metres * 1000 % 1).zero? })
  end
end
