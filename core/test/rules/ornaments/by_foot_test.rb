# frozen_string_literal: true

require_relative "../../core_test"

class ByFootTest < CoreTest
  def by_foot(height, breakable: [false])
    answer("ornaments.by_foot", height_m: height, styles: breakable.map { |yes| { breakable: yes } })
  end

  def test_a_whole_number_of_feet_takes_no_extra_one
    (2..12).each { |feet| assert_equal feet, by_foot(feet * 0.3048)[:per_style] }
    assert_equal 8, by_foot(2.1337)[:per_style]
  end

  def test_spares_only_of_what_breaks
    assert_equal([0, 2, 4], [[false], [true], [true, false, true]].map { |yes| by_foot(2.4, breakable: yes)[:spares] })
  end

  def test_wants_a_style
    assert_equal "list_size", faults_of("ornaments.by_foot", height_m: 2.4, styles: []).first.code
  end
end
