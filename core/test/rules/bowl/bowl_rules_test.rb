# frozen_string_literal: true

require_relative "../../core_test"

class BowlRulesTest < CoreTest
  def fill(ball, vessel, litres)
    Catalogue.answer("bowl.fill", { "ball_mm" => ball, "vessel_mm" => vessel, "litres" => litres })
  end

  def mix(litres, *balls, vessel: 250)
    Catalogue.answer("bowl.mix", { "vessel_mm" => vessel, "litres" => litres,
                                   "balls" => balls.map { |mm, there| { "mm" => mm, "on_hand" => there } } })
  end

  def test_small_balls_leave_less_void_and_are_more
    filled = [100, 60, 40, 20].map { |ball| fill(ball, 250, 8) }

    assert_equal(filled.map { |one| one[:void_share] }.sort.reverse, filled.map { |one| one[:void_share] })
    assert_equal(filled.map { |one| one[:count] }.sort, filled.map { |one| one[:count] })
    assert_operator filled.last[:void_share], :>, 0.39
  end

  def test_a_ball_wider_than_the_vessel_does_not_go_in
    told = fill(120, 100, 5)

    assert_equal 0, told[:count]
    assert_match(/wider than the vessel/, told.findings.first.message)
    assert_equal [0, 10], mix(5, [120, 9], [20, 10], vessel: 100)[:counts]
  end

  def test_of_one_size_a_mix_is_a_fill
    [[30, 8], [60, 12], [90, 20]].each do |ball, litres|
      assert_equal [fill(ball, 250, litres)[:count]], mix(litres, [ball, 9_999])[:counts]
    end
  end

  def test_never_more_than_is_on_hand_nor_than_it_holds
    chance = Random.new(4)
    80.times do
      balls = Array.new(chance.rand(1..4)) { [chance.rand(15..140), chance.rand(0..60)] }.sort.reverse.uniq(&:first)
      told = mix(chance.rand(1..25), *balls)

      told[:counts].zip(balls) { |count, (_, there)| assert_includes 0..there, count }
      assert_includes 0.0..(1.0 + 1e-9), told[:fill_share]
    end
  end

  def test_the_largest_come_first
    error = assert_raises(InputError) { mix(5, [20, 10], [60, 10]) }

    assert_match(/from large to small/, error.message)
  end
end
