# frozen_string_literal: true

require_relative "../../core_test"

class WorkingSheetTest < CoreTest
  def test_tells_rules_steps_other_schools_and_the_house_rules_behind_it
    house = HouseRules.with("ornaments.per_m2_full" => 33)
    answer = Catalogue.answer("ornaments.by_cover", { area_m2: 2.94, cover: "full" }, house: house)
    sheet = WorkingSheet.of("Ornaments", [answer], house,
                            others: [{ says: "By the foot it would be", value: 64, unit: "pieces" }])

    assert_equal [{ id: "ornaments.by_cover", title: "Ornaments by cover", handbook: "30 How many" }], sheet[:rules]
    assert_equal "33 × 2.94", sheet[:steps].first[:sum]
    assert_equal [{ key: "ornaments.per_m2_full", title: "Full cover", value: 33, unit: "per m²" }], sheet[:house_rules]
    assert_equal 64, sheet[:other_schools].first[:value]
  end

  def test_the_sheet_of_the_total_shows_the_school_that_is_not_used
    by_cover = plan(dressed)[:sheets]["ornaments_total"]
    by_foot = plan(dressed(ornaments: { styles: styles.map(&:id), count_by: "foot" }))[:sheets]["ornaments_total"]

    assert_equal([["By the foot it would be", 40]],
                 by_cover[:other_schools].map { |school| school.values_at(:says, :value) })
    assert_equal([["By cover it would be", 100]],
                 by_foot[:other_schools].map { |school| school.values_at(:says, :value) })
  end

  def test_findings_are_told_once_however_many_rules_tell_them
    answer = Catalogue.answer("lights.pitch", { area_m2: 4, slant_m: 2, lit_length_m: 5 })

    assert_equal 1, WorkingSheet.of("Twice", [answer, answer], HouseRules.default)[:findings].size
  end
end
