# frozen_string_literal: true

require_relative "../../core_test"

class OrnamentSharesTest < CoreTest
  def shares(total, chosen = styles, even: false)
    OrnamentShares.new(total: total, mix: Catalogue.answer("ornaments.mix", { height_m: 2.4, total: total }),
                       styles: chosen, house: HouseRules.default,
                       even: even)
  end

  def test_each_size_class_gets_its_share
    assert_equal({ "slate" => 25, "velvet" => 20, "bell" => 20, "star" => 10, "berry" => 25 }, shares(100).counts)
  end

  def test_a_class_without_a_style_gives_its_share_to_the_others
    without_heroes = styles.reject { |style| style.id == "star" }

    assert_equal [:hero], shares(100, without_heroes).missing
    assert_equal 100, shares(100, without_heroes).counts.values.sum
    assert_empty shares(100).missing
  end

  def test_where_a_cat_lives_what_breaks_is_few_unless_all_of_it_does
    cat = plan(dressed, place: surroundings(pets: ["cat"]))
    glass = ->(told) { told[:ledger].find { |line| line[:style] == "slate" }[:need] }

    assert_operator glass.call(cat), :<, 0.6 * glass.call(plan(dressed))
    assert_equal plan(dressed)[:figures][:ornaments][:value], cat[:figures][:ornaments][:value]
    only = dressed(ornaments: { styles: ["slate"] })

    assert_equal plan(only)[:figures][:ornaments][:value],
                 plan(only, place: surroundings(pets: ["cat"]))[:figures][:ornaments][:value]
  end

  def test_even_shares_ignore_size
    assert_equal [8] * 5, shares(40, even: true).counts.values
    assert_empty shares(40, even: true).missing
  end

  def test_nothing_chosen_nothing_shared
    assert_empty shares(40, []).counts
  end

  def test_counts_sum_to_any_total
    PropCheck.forall(PropCheck::Generators.choose(0..400)) do |total|
      assert_equal total, shares(total).counts.values.sum
    end
  end
end
