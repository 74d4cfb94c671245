# frozen_string_literal: true

require_relative "../core_test"

class PieceMixTest < CoreTest
  def kind(id, length, on_hand: 0, price: nil)
    Greenery::PieceMix::Kind.new(id: id, length_m: length, on_hand: on_hand, price_cents: price)
  end

  def best(run, *kinds)
    Greenery::PieceMix.best(run, kinds, join_m: 0.1)
  end

  def test_one_length_is_as_the_rule_says
    [0.4, 1.8, 3.5, 3.6, 9.2].each do |run|
      rule = answer("garland.pieces", run_m: run, piece_m: 1.8)
      told = best(run, kind("short", 1.8))

      assert_equal rule[:pieces], told[:counts]["short"]
      assert_in_delta rule[:surplus_m], told[:surplus_m], 1e-9
    end
  end

  def test_what_is_on_hand_goes_first
    assert_equal({ "long" => 0, "short" => 3 },
                 best(4.4, kind("long", 2.7, price: 100), kind("short", 1.8, on_hand: 3, price: 5_000))[:counts])
  end

  def test_the_cheapest_mix_of_all_mixes
    random = Random.new(11)
    60.times do
      run = random.rand(0.5..14.0)
      long = kind("long", 2.7, on_hand: random.rand(0..2), price: random.rand(500..3_000))
      short = kind("short", 1.8, on_hand: random.rand(0..2), price: random.rand(500..2_000))
      cost = lambda { |counts|
        counts.zip([long, short]).sum { |count, one| [count - one.on_hand, 0].max * one.price_cents }
      }
      reaches = lambda { |counts|
        counts.sum.positive? && (counts[0] * 2.7) + (counts[1] * 1.8) - ((counts.sum - 1) * 0.1) >= run - 1e-9
      }
      cheapest = (0..9).to_a.product((0..12).to_a).select(&reaches).map(&cost).min
      told = best(run, long, short)

      assert_equal cheapest, cost.call(told[:counts].values), "#{run} #{long} #{short}"
      assert reaches.call(told[:counts].values)
    end
  end
end
