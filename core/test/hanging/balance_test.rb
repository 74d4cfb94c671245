# frozen_string_literal: true

require_relative "../core_test"

class BalanceTest < CoreTest
  KINDS = [["plum", 1.0, false], ["plum", 3.0, true], ["slate", 2.0, false], [nil, 0.5, false],
           ["brass", 4.0, true]].map { |told| Hanging::Balance::Kind.new(*told) }

  def sites(chance, count)
    Array.new(count) do
      height = chance.rand
      Hanging::Balance::Site.new(chance.rand < 0.5, (height * 3).floor, height > 0.5)
    end
  end

  def balance(sites, dealt, weighed)
    Hanging::Balance.new(sites, KINDS, house: HouseRules.default, weighed: weighed).count(dealt) { true }
  end

  # What is judged by kinds and zones is what counting all over again would tell.
  def test_a_swap_gains_the_faults_that_are_fewer_after_it
    chance = Random.new(5)
    gained = Array.new(200) do |i|
      sites = sites(chance, 8 + (i % 30))
      dealt = Array.new(sites.size) { chance.rand(KINDS.size) }
      deal = balance(sites, dealt, i.even?)
      one, other = Array.new(2) { chance.rand(sites.size) }
      told = deal.gain_between(dealt[one], sites[one].zone, dealt[other], sites[other].zone)
      before = deal.faults
      deal.swap(one, other)

      assert_in_delta before - deal.faults, told, 1e-9, "deal #{i}"
      assert_in_delta balance(sites, dealt, i.even?).faults, deal.faults, 1e-9
      told
    end

    assert_operator gained.count(&:positive?), :>, 20
    assert_operator gained.count(&:negative?), :>, 20
  end

  # Of two kinds of one colour either may be what hangs wrong.
  def test_only_kinds_with_a_fault_are_wrong
    sites = Array.new(8) { |i| Hanging::Balance::Site.new(i < 4, i % 3, i.odd?) }
    deal = balance(sites, [0, 0, 0, 0, 2, 3, 3, 3], false)

    assert_equal([true, true, false, false, false], deal.wrong.map { |wrong| wrong ? true : false })
  end
end
