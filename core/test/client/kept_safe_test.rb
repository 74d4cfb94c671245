# frozen_string_literal: true

require_relative "../core_test"

class KeptSafeTest < CoreTest
  QUIET = { children_ages: [], pets: [], conifer_allergy: false, rented: false, fire: false, lit: false, flame: false,
            real: false, high: false }.freeze

  def keys(**here) = Client::KeptSafe.of(**QUIET, **here).map { |one| one[:key] }

  def test_each_caution_is_told_where_it_applies
    assert_empty keys
    assert_equal %w[lights sockets defer], keys(lit: true)
    assert_equal %w[fire defer], keys(fire: true)
    assert_equal %w[flame defer], keys(flame: true)
    assert_equal %w[real defer], keys(real: true)
    assert_equal %w[conifer defer], keys(conifer_allergy: true)
    assert_equal %w[high defer], keys(high: true)
    assert_equal %w[rented defer], keys(rented: true)
    assert_equal %w[pets defer], keys(pets: ["cat"])
  end

  def test_children_are_small_until_three
    assert_equal %w[children defer], keys(children_ages: [9, 2])
    assert_empty keys(children_ages: [3])
  end
end
