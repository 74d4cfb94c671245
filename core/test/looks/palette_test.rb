# frozen_string_literal: true

require_relative "../core_test"

# What may be said of a look.
class LookPaletteTest < CoreTest
  def faults(**said)
    Looks.check({ name: "Frost", colours: [{ name: "Quince", srgb: "#d3a02a", share_percent: 60 }] }.merge(said))
    []
  rescue InputError => e
    e.faults.map { |fault| [fault.pointer, fault.code] }
  end

  def test_a_look_has_a_name_and_a_colour_or_more
    assert_empty faults
    assert_equal [["/name", "missing"]], faults(name: " ")
    assert_equal [["/colours", "list_size"]], faults(colours: [])
    assert_equal [["/colours/0/srgb", "not_a_colour"]], faults(colours: [{ name: "Quince", srgb: "gold" }])
  end

  def test_shares_are_not_more_than_all_and_names_are_told_apart
    colours = [{ name: "Quince", srgb: "#d3a02a", share_percent: 60 },
               { name: "quince ", srgb: "#ece8dd", share_percent: 41 }]

    assert_equal [["/colours", "shares_over"], ["/colours/1/name", "name_twice"]], faults(colours: colours)
  end
end
