# frozen_string_literal: true

require_relative "../core_test"

class FigureTest < CoreTest
  def test_numbers_are_jotted_down_without_idle_zeros
    assert_equal(%w[240 2.858 0.5 100 0 -1.25],
                 [240, 2.85802, 0.5, 100.0, 0.0, -1.25].map { |number| Figure.print(number) })
    assert_equal "7.87", Figure.print(7.874, 2)
    assert_equal(%w[60 300 0 -20], [60.0, 299.6, 0.2, -20.0].map { |number| Figure.print(number, 0) })
  end
end
