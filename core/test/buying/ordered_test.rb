# frozen_string_literal: true

require_relative "../core_test"

class OrderedTest < CoreTest
  def line(*events, **more)
    Buying::Ordered.new(packs: 5, price_cents: 999, **more,
                        events: events.map { |kind, packs| { kind: kind, packs: packs } })
  end

  def test_in_two_parts_and_the_rest_is_on_its_way
    part = line(["arrived", 2])

    assert_equal [3, 2, 4995], [part.to_come, part.stocked, part.cents]
    assert_equal 0, line(["arrived", 2], ["arrived", 3]).to_come
  end

  def test_what_came_wrong_is_claimed_and_still_to_come_until_the_money_is_back
    wrong = line(["arrived", 3], ["wrong_colour", 2])

    assert_equal [2, 2, 3, 0], [wrong.claimed, wrong.to_come, wrong.stocked, wrong.room_for("faulty")]
    assert_equal 2, wrong.room_for("arrived")
    back = line(["arrived", 3], ["wrong_colour", 2], ["refunded", 2])

    assert_equal [0, 0, 2997], [back.claimed, back.to_come, back.cents]
  end

  def test_on_trial_it_is_stock_once_it_was_kept
    trial = line(["arrived", 5], ["kept", 2], ["taken_back", 1], trial: true)

    assert_equal [2, 2, 3996], [trial.undecided, trial.stocked, trial.cents]
    assert_equal([2, 2, 0], %w[kept taken_back arrived].map { |kind| trial.room_for(kind) })
  end

  def test_what_is_called_off_costs_nothing
    assert_equal [2997, 3], [line(["cancelled", 2]).cents, line(["cancelled", 2]).to_come]
  end

  # In whatever order things happen, what was paid less what came back is what it costs.
  def test_money_adds_up_under_every_order_of_events
    chance = Random.new(3)
    100.times do
      told = []
      whole = line(off_cents: 7, trial: chance.rand < 0.5).cents
      trial = chance.rand < 0.5
      back = 0
      12.times do
        kind = Buying::Ordered::KINDS.sample(random: chance)
        now = line(*told, off_cents: 7, trial: trial)
        count = [now.room_for(kind), chance.rand(1..2)].min
        next unless count.positive?

        back += now.back_for(count) if Buying::Ordered::PAID_BACK.include?(kind)
        told << [kind, count]
      end
      after = line(*told.shuffle(random: chance), off_cents: 7, trial: trial)

      assert_equal whole - back, after.cents, told.inspect
      assert_operator after.stocked + after.to_come + after.undecided, :<=, 5
      assert([after.claimed, after.undecided, after.stocked].none?(&:negative?))
    end
  end
end
