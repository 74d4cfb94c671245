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

  # Keepsakes hang where they hang: of a colour nothing else has no more is asked than that it has two sides.
  def test_a_colour_that_keepsakes_alone_have_lacks_no_third
    fixed = Array.new(8) do |i|
      [Hanging::Balance::Site.new(i.odd?, 0, false), Hanging::Balance::Kind.new("amber", 1.0, false)]
    end
    sites = Array.new(6) { |i| Hanging::Balance::Site.new(i.odd?, i / 2, i > 3) }
    told = Hanging::Balance.new(sites, KINDS, house: HouseRules.default, fixed: fixed, weighed: false)

    assert_equal 0, told.count([0] * 6) { true }.faults
  end

  def test_more_than_are_dealt_with_care_hang_in_twos_too
    ball = style("ball", "Slate ball", 30, "felt", colour: "#5b7083", on_hand: 2000)
    star = style("star", "Plum star", 30, "felt", colour: "#6d2f45", on_hand: 2000)
    made = TreePlan.new(settings: { measure: { height_m: 2.9, shape: "full" },
                                    ornaments: { styles: %w[ball star], pattern: "twos", seed: 3, count_by: "own",
                                                 own_total: 900 } },
                        surroundings: surroundings, styles: [ball, star])

    assert_operator made.places[:drawing][:ornaments].size, :>, 700
  end

  def test_groups_hang_beside_keepsakes_of_a_colour_of_their_own
    kept = style("kept", "Amber bird", 80, "glass", colour: "#c98a2b", keepsake: true, on_hand: 7)
    ball = style("ball", "Slate ball", 60, "felt", colour: "#5b7083", on_hand: 60)
    made = TreePlan.new(settings: { measure: { height_m: 2.1, shape: "classic" },
                                    ornaments: { styles: %w[kept ball], pattern: "twos", seed: 3 } },
                        surroundings: surroundings, styles: [kept, ball])

    assert_operator made.places[:drawing][:ornaments].count { |one| one[:style] == "kept" }, :>=, 6
  end
end
