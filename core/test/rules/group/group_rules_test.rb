# frozen_string_literal: true

require_relative "../../core_test"

class GroupRulesTest < CoreTest
  def hides(**given)
    usual = { eye_m: 1.6, distance_m: 2.0, object_m: 0.3, away_m: 0.3, socket_top_m: 0.25 }
    Catalogue.answer("group.hides", usual.merge(given).transform_keys(&:to_s))
  end

  def test_with_its_riser_it_just_hides_the_socket
    seen = hides
    raised = hides(object_m: 0.3 + seen[:riser_m])

    refute seen[:hides]
    assert_in_delta 0.25, raised[:hidden_to_m], 1e-9
    assert_in_delta 0, raised[:riser_m], 1e-9
    assert_match(/A riser of/, seen.findings.first.message)
  end

  def test_at_the_wall_it_hides_as_far_as_it_is_high
    assert_in_delta 0.3, hides(away_m: 0)[:hidden_to_m]
    assert hides(away_m: 0)[:hides]
  end

  def test_farther_from_the_wall_it_hides_less
    hidden = [0, 0.1, 0.2, 0.4, 0.8].map { |away| hides(away_m: away)[:hidden_to_m] }

    assert_equal hidden.sort.reverse, hidden
  end

  def test_what_stands_behind_the_eye_hides_nothing
    error = assert_raises(InputError) { hides(away_m: 2.0) }

    assert_match(/the wall is 2.00 m away/, error.message)
  end

  def sites(length, sockets = [], *free)
    stretches = free.map { |from, to| { "from_m" => from, "to_m" => to } }
    Catalogue.answer("group.sites", { "length_m" => length, "sockets_m" => sockets, "keep_free" => stretches })
  end

  def test_one_before_each_socket_two_that_are_near_behind_one
    assert_equal [0.6, 2.0], sites(3.0, [0.6, 2.0])[:sites_m]
    assert_in_delta 0.75, sites(3.0, [0.6, 0.9])[:sites_m].first
    assert_in_delta 0.225, sites(3.0, [0.05])[:sites_m].first, 1e-9, "it stands on the counter as a whole"
  end

  def test_without_sockets_one_every_so_often
    told = sites(4.0)

    assert_equal 3, told[:sites_m].size
    told[:sites_m].each_cons(2) { |one, other| assert_in_delta 4.0 / 3, other - one }
    assert_in_delta 1 - (3 * 0.45 / 4.0), told[:free_share]
  end

  def test_none_stands_where_something_stays_free
    chance = Random.new(8)
    60.times do
      from = chance.rand(0.0..2.0)
      to = from + chance.rand(0.0..1.5)
      told = sites(4.0, chance.rand < 0.5 ? [] : [chance.rand(0.0..4.0), chance.rand(0.0..4.0)], [from, to])

      told[:sites_m].each do |at|
        assert at - 0.225 >= to - 1e-9 || at + 0.225 <= from + 1e-9, "#{at} in #{from} to #{to}"
        assert_includes (0.225 - 1e-9)..(3.775 + 1e-9), at
      end
    end
  end

  def test_a_socket_that_nothing_may_hide_and_a_full_counter_are_told
    assert_match(/1 socket lies in a stretch/, sites(3.0, [1.0], [0.8, 2.0]).findings.first.message)
    assert_match(/Only 40 % of the counter/, sites(1.5, [0.3, 1.2]).findings.first.message)
    assert_raises(InputError) { sites(2.0, [2.5]) }
    assert_raises(InputError) { sites(2.0, [], [1.5, 1.0]) }
  end

  def heights(tallest, count)
    Catalogue.answer("group.heights", { "tallest_m" => tallest, "count" => count })
  end

  def test_heights_go_down_and_scale_with_the_tallest
    low = heights(0.4, 9)[:heights_m]

    assert_equal low.sort.reverse.uniq, low
    assert_equal [0.4], heights(0.4, 1)[:heights_m]
    heights(0.8, 9)[:heights_m].zip(low) { |high, one| assert_in_delta 2 * one, high }
  end

  def test_even_numbers_are_told
    assert_empty heights(0.4, 3).findings
    assert_match(/4 is even/, heights(0.4, 4).findings.first.message)
  end
end
