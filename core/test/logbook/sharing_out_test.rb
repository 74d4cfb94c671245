# frozen_string_literal: true

require_relative "../core_test"

# Times told of several kinds of work at once.
class SharingOutTest < CoreTest
  KINDS = %w[tuck bow pick ornament foot].freeze

  def day(chance, factors)
    planned = KINDS.sample(2 + chance.rand(3), random: chance).to_h { |kind| [kind, 5.0 + (chance.rand * 60)] }
    [planned, planned.sum { |kind, minutes| minutes * factors[kind] }]
  end

  def test_it_finds_what_made_the_times
    30.times do |seed|
      chance = Random.new(seed)
      factors = KINDS.to_h { |kind| [kind, 0.6 + chance.rand] }
      found = Logbook::SharingOut.new(Array.new(30) { day(chance, factors) }).factors

      factors.each { |kind, factor| assert_in_delta factor, found[kind], 0.06, "seed #{seed}" }
    end
  end

  def test_none_is_beyond_what_is_likely
    found = Logbook::SharingOut.new([[{ "bow" => 1.0 }, 500.0], [{ "tuck" => 100.0 }, 0.1]]).factors

    assert_in_delta 5, found["bow"]
    assert_in_delta 0.2, found["tuck"]
  end

  def test_what_cannot_be_told_apart_stays_alike
    found = Logbook::SharingOut.new([[{ "bow" => 10.0, "tuck" => 10.0 }, 30.0]]).factors

    assert_in_delta found["bow"], found["tuck"]
    assert_in_delta 1.5, found["bow"], 0.02
  end

  def test_the_order_in_which_days_are_told_is_the_same
    chance = Random.new(7)
    days = Array.new(20) { day(chance, Hash.new(1.3)) }.map { |plan, took| [plan, took * (0.8 + (chance.rand * 0.4))] }
    one = Logbook::SharingOut.new(days).factors

    days.reverse.then { |turned| Logbook::SharingOut.new(turned).factors }
        .each { |kind, factor| assert_in_delta one[kind], factor, 1e-6 }
  end

  def test_shares_sum_to_what_was_taken
    out = Logbook::SharingOut.new([[{ "bow" => 10.0, "tuck" => 30.0 }, 50.0], [{ "bow" => 10.0 }, 20.0]])

    assert_in_delta 50, out.shared({ "bow" => 10.0, "tuck" => 30.0 }, 50.0).values.sum
  end
end
