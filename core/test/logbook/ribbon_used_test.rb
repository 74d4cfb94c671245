# frozen_string_literal: true

require_relative "../core_test"

# Ribbon that was really used for what was laid.
class RibbonUsedTest < CoreTest
  LAID = Logbook::RibbonUsed::Laid.new(rule: "ribbon.billow_soft", base: 12.0, styles: %w[amber smoke])

  def used(turn, quantity, piece: "tree", by: "Bram", step: "ribbon")
    Days::Act.new(key: [turn, quantity], kind: "used", step: "#{piece}/#{step}", turn: turn, quantity: quantity, by: by,
                  visit: "v")
  end

  def told(*acts, laid: { "tree" => LAID }) = Logbook::RibbonUsed.told(acts, laid)

  def test_all_that_was_used_of_its_ribbons_is_one_job
    one = told(used("amber", 8.0), used("smoke", 7.5, by: "Ida")).first

    assert_equal ["tree", "v", 15.5, %w[Bram Ida]], [one.piece, one.visit, one.took, one.by]
    assert_equal ["ribbon.billow_soft", 12.0], one.parts.first.to_a.first(2)
  end

  def test_what_is_used_of_other_things_or_on_other_pieces_is_none
    assert_empty told(used("wire", 8.0))
    assert_empty told(used("amber", 8.0, piece: "mantel"))
    assert_empty told(used("amber", 0))
    assert_empty told(used("amber", 2.0, step: "crown"))
    assert_empty told
  end
end
