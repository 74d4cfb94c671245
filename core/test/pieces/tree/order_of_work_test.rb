# frozen_string_literal: true

require_relative "../../core_test"

class OrderOfWorkTest < CoreTest
  def test_every_school_keeps_every_step_and_ends_with_the_look_back
    OrderOfWork::TOPPER.product(OrderOfWork::PICKS).each do |topper, picks|
      steps = OrderOfWork.steps(topper: topper, picks: picks)

      assert_equal OrderOfWork::STEPS.sort, steps.sort
      assert_equal %w[measure step_back], [steps.first, steps.last]
      assert_equal picks == "before", steps.index("picks") < steps.index("ornaments")
      assert_equal topper == "last", steps.index("crown") > steps.index("ornaments")
    end
  end

  def test_the_pieces_own_school_goes_before_the_studios
    before = plan(dressed, picks: "before")[:steps]

    assert_operator before.index("picks"), :<, before.index("ornaments")
    own = plan(dressed(picks: { goes: "after" }), picks: "before")[:steps]

    assert_operator own.index("picks"), :>, own.index("ornaments")
  end
end
