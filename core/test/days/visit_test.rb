# frozen_string_literal: true

require_relative "../core_test"

class VisitTest < CoreTest
  def visit(home, from, to, **said)
    Days::Visit.new(home: home, from: from, to: to, people: %w[ida bram], **said)
  end

  def test_nobody_works_while_they_eat
    assert_equal [[540, 720, "loft"], [750, 1020, "loft"]],
                 visit("loft", 540, 1020, lunch_from: 720, lunch: 30).stretches
    assert_equal [[540, 1020, "loft"]], visit("loft", 540, 1020).stretches
  end

  def test_a_meal_at_an_end_of_the_visit_leaves_one_stretch
    assert_equal [[560, 700, "loft"]], visit("loft", 540, 700, lunch_from: 540, lunch: 20).stretches
    assert_equal [[540, 700, "loft"]], visit("loft", 540, 700, lunch_from: 720, lunch: 30).stretches
  end

  def test_who_goes_on_to_another_home_crosses_over_first
    visits = [visit("quay", 780, 1020), visit("loft", 540, 770)]

    assert_equal [[540, 770, "loft"], [800, 1020, "quay"]], Days::Visit.hours(visits, "ida", 30)
    assert_empty Days::Visit.hours(visits, "juniper", 30)
  end

  # Two that came to overlap when a home was brought back.
  def test_she_comes_when_she_is_done_where_she_was
    visits = [visit("loft", 540, 770), visit("quay", 600, 1020), visit("loft", 620, 700), visit("quay", 1000, 1100)]

    assert_equal [[540, 770, "loft"], [800, 1020, "quay"], [1020, 1100, "quay"]], Days::Visit.hours(visits, "ida", 29.5)
  end

  def test_in_the_same_home_nobody_crosses
    visits = [visit("loft", 540, 770), visit("loft", 780, 1020)]

    assert_equal [[540, 770, "loft"], [780, 1020, "loft"]], Days::Visit.hours(visits, "bram", 30)
  end
end
