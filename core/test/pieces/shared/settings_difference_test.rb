# frozen_string_literal: true

require_relative "../../core_test"

class SettingsDifferenceTest < CoreTest
  NAMES = { "a" => "Slate glass", "b" => "Plum velvet" }.freeze

  def says(before, after, units = "metric")
    SettingsDifference.says(TreeSettings.check(before), TreeSettings.check(after), units, names: NAMES)
  end

  def test_tells_each_change_in_words
    assert_equal "Height 2.40 m → 2.70 m; Cover balanced → full",
                 says({ measure: { height_m: 2.4 } }, { measure: { height_m: 2.7 }, ornaments: { cover: "full" } })
    assert_equal "Height — → 7 ft 6 in", says({}, { measure: { height_m: 2.286 } }, "imperial")
  end

  def test_counts_styles_and_keeps_a_long_list_short
    assert_equal "Styles + Slate glass, + Plum velvet", says({}, { ornaments: { styles: %w[a b] } })
    assert_equal "Styles + Plum velvet, − Slate glass",
                 says({ ornaments: { styles: %w[a] } }, { ornaments: { styles: %w[b] } })
    assert_equal "Style — → Plum velvet", says({}, { crown: { style: "b" } })
    assert_equal "Globe string — → a style that is gone", says({}, { lights: { globe_style: "0b1c…" } })
    many = { measure: { height_m: 2.4, shape: "slim", riser_m: 0.3 }, lights: { school: "soft" }, picks: { crown: 5 } }

    assert_match(/and 2 more\z/, says({}, many))
    assert_equal "Nothing changed", says({}, {})
  end

  def missing(*entries) = { ornaments: { missing: entries } }

  def test_an_entry_that_came_or_went_is_told_by_its_values
    slate = { style: "a", count: 3 }
    velvet = { style: "b", count: 1 }

    assert_equal "Missing + Slate glass 3", says({}, missing(slate))
    assert_equal "Missing + Plum velvet 1, − Slate glass 3", says(missing(slate), missing(velvet))
    assert_equal "Missing + Slate glass 4, − Slate glass 3", says(missing(slate), missing({ style: "a", count: 4 }))
  end

  def test_a_length_in_an_entry_is_told_in_the_persons_units
    assert_equal "Ran out + Plum velvet 3 ft 3 in",
                 says({}, { ribbon: { ran_out: [{ style: "b", there_m: 0.9906 }] } }, "imperial")
  end

  # Entries alike in all that is told of them, and the same entry more often.
  def test_a_list_that_reads_the_same_is_counted
    mend = { kind: "add", style: "a", number: 1, height_m: 1, angle_deg: 10 }

    turned = { **mend, angle_deg: 20 }

    assert_equal "Mends changed", says({ step_back: { mends: [mend] } }, { step_back: { mends: [turned] } })
    assert_equal "Missing 1 → 2", says(missing({ style: "a", count: 3 }), missing(*[{ style: "a", count: 3 }] * 2))
  end

  # One dial alone, as it is told when two people turned it.
  def told(group, field, value, units: "metric")
    input = TreeSettings::GROUPS.fetch(group).find { |one| one.name == field }
    SettingsDifference.told(value, input, units, NAMES)
  end

  def test_a_list_of_styles_is_told_by_their_names
    assert_equal "Slate glass, Plum velvet", told(:ornaments, :styles, %w[a b])
    assert_equal "a style that is gone", told(:ornaments, :styles, ["0b1c…"])
    assert_equal "—", told(:ornaments, :styles, [])
  end

  def test_a_list_of_things_is_told_by_the_first_few_values_of_each
    missing = [{ style: "a", count: 3 }, { style: "b", count: 1 }]

    assert_equal "Slate glass 3; Plum velvet 1", told(:ornaments, :missing, missing)
  end

  def test_a_length_is_told_in_the_persons_units_and_nothing_as_nothing
    assert_equal "2.40 m", told(:measure, :height_m, 2.4)
    assert_equal "12 ft", told(:measure, :height_m, 3.6576, units: "imperial")
    assert_equal "—", told(:measure, :spread_m, nil)
    assert_equal "two part", told(:crown, :kind, "two_part")
  end
end
