# frozen_string_literal: true

require "json"
require_relative "../core_test"

class LengthTest < CoreTest
  SPELLINGS = {
    "7'6\"" => 2.286, "7.5 ft" => 2.286, "7 ft 6 in" => 2.286, "7 feet 6 inches" => 2.286, "7′ 6″" => 2.286,
    "7'6" => 2.286,
    "7 1/2 ft" => 2.286, "90 in" => 2.286, "90''" => 2.286, "228 cm" => 2.28, "2.28 m" => 2.28, "2,28 m" => 2.28,
    "2280mm" => 2.28,
    "2 m 28" => 2.28, "2 m 28 cm" => 2.28, "6 1/2\"" => 0.1651, "6½ in" => 0.1651, "3/4 in" => 0.01905,
    "5' 3 1/4\"" => 1.60655,
    "  1.5 METRES " => 1.5, ".5 m" => 0.5, "0" => 0.0, "6 in." => 0.1524
  }.freeze

  SPELLINGS.each do |text, metres|
    define_method("test_reads_#{text}") { assert_in_delta metres, Length.parse(text), 1e-6 }
  end

  NONSENSE = { "" => :length_empty, "   " => :length_empty, "tall" => :length_unreadable, "-2 m" => :length_negative,
               "1e3" => :length_unreadable, "1,234.5" => :length_unreadable, "7 6" => :length_unreadable,
               "6 in 7 ft" => :length_order,
               "2 m 3 in" => :length_order, "5 ft 14 in" => :length_carry, "2 m 280 cm" => :length_carry,
               "1/0 in" => :length_unreadable, "7 ft 6 in 3" => :length_order, "2 m; drop" => :length_unreadable,
               "1.2.3 m" => :length_unreadable }.freeze

  NONSENSE.each do |text, code|
    define_method("test_refuses_#{text.inspect}") do
      error = assert_raises(LengthError) { Length.parse(text) }

      assert_equal code, error.code
      assert_includes error.message, text.strip
    end
  end

  def test_a_bare_number_takes_the_unit_of_the_studio
    assert_in_delta 7.5, Length.parse("7.5", bare: "m")
    assert_in_delta 2.286, Length.parse("7.5", bare: "ft")
  end

  # The screens print by the same list.
  def test_prints_every_length_of_the_list_as_it_stands_there
    JSON.parse(File.read(File.join(__dir__, "lengths.json"))).each do |row|
      assert_equal(row.values_at("metric", "imperial"),
                   %w[metric imperial].map { |units| Length.print(row["metres"], units) })
    end
  end

  def test_what_was_read_off_a_tape_is_printed_as_it_was_read
    ["7 ft 6½ in", "12 ft", "3 ft 4⅛ in", "20 ft", "1⅞ in"].each do |said|
      assert_equal said, Length.print(Length.parse(said), "imperial")
    end
  end

  def test_what_no_tape_measures_is_told_as_such_in_every_system
    [1e10, 1e308, -1e308].each do |metres|
      assert_includes Length.print(metres, "metric"), "over 1000000 km"
      assert_includes Length.print(metres, "imperial"), "over 600000 mi"
    end
    assert Length.print(-1e308, "imperial").start_with?("−")
  end

  def test_prints_as_a_person_would_say_it
    metric = [2.28, 0.14, 0.999, 0.0553, 0.07, 0.007, 0].map { |metres| Length.print(metres, "metric") }

    assert_equal ["2.28 m", "14 cm", "1.00 m", "5.5 cm", "7 cm", "7 mm", "0 cm"], metric
    said = [2.286, 0.1651, 0.3048, 0, 2.0, 3.65759, -0.0254].map { |metres| Length.print(metres, "imperial") }

    assert_equal ["7 ft 6 in", "6½ in", "1 ft", "0 in", "6 ft 7 in", "12 ft", "−1 in"], said
  end

  def test_reads_back_what_it_prints
    PropCheck.forall(PropCheck::Generators.choose(1..12_000)) do |millimetres|
      metres = millimetres / 1000.0

      assert_in_delta metres, Length.parse(Length.print(metres, "metric")), 0.0051
      assert_in_delta metres, Length.parse(Length.print(metres, "imperial")), 0.0128
    end
  end
end
