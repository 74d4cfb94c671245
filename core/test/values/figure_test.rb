# frozen_string_literal: true

require_relative "../core_test"

class FigureTest < CoreTest
  def test_numbers_are_jotted_down_without_idle_zeros
    assert_equal(%w[240 2.858 0.5 100 0 -1.25],
                 [240, 2.85802, 0.5, 100.0, 0.0, -1.25].map { |number| Figure.print(number) })
    assert_equal "7.87", Figure.print(7.874, 2)
  end
end
