# frozen_string_literal: true

require_relative "core_test"

class MessagesTest < CoreTest
  SOURCES = Dir[File.join(ROOT, "**", "*.rb")].map { |file| File.read(file) }.join.freeze

  def test_every_code_in_the_source_has_its_text
    found = SOURCES.scan(/\b(?:finding|of)\(:(\w+)/).flatten.uniq
    errors = SOURCES.scan(/(?:LengthError|HouseRuleError|UnknownRule)\.new\(:(\w+)/).flatten.uniq
    faults = SOURCES.scan(/\b(?:wrong|fault|refuse)\(:(\w+)/).flatten.uniq.map { |code| "input_#{code}" }

    assert_empty found - Messages::TEXTS["findings"].keys
    assert_empty (errors + faults) - Messages::TEXTS["errors"].keys
  end

  def test_every_text_is_used
    built = %w[nothing_fits_height nothing_fits_floor next_size_height next_size_floor]

    unused = (Messages::TEXTS["findings"].keys - built).reject { |code| SOURCES.match?(/[(\s]:#{code}\b/) }

    assert_empty unused
  end

  def test_a_finding_prints_its_lengths_in_the_persons_units
    assert_includes Finding.of(:bare_bands, pitch_m: 0.41).message, "41 cm"
    assert_includes Finding.of(:bare_bands, units: "imperial", pitch_m: 0.4064).message, "1 ft 4 in"
  end
end
