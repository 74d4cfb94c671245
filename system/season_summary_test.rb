# frozen_string_literal: true

require_relative "system_test"

# What a season came to, as a person reads it in January.
class SeasonSummaryTest < SystemTest
  def setup
    super
    enter
    DATABASE[:log_remarks].where(sort: "fell_off").update(season: 2026)
    visit "/"
    click_on "What it came to"
    find("h2", text: "Home by home")
  end

  def part(name) = find("section[aria-label='#{name}']")

  def test_it_says_what_is_still_out_what_it_cost_and_what_it_taught
    within(part("Still open")) do
      assert_text(/Tidewaiter's House\s+stands until 5 Jan 2027/)
      assert_text(/Olive felt leaf, 9 cm\s+lent to Corin Aske\s+4/)
      assert_text(/Plum velvet bows, tied\s+may go back until 5 Dec 2026/)
    end
    within(part("Home by home")) do
      assert_text(/Number Nine, Ropewalk\s+no minutes in the log · €\d+\.\d\d from stock/)
    end
    within(part("What it taught")) { assert_text "Fell off Two quince balls, the morning after" }
    within(part("Broken and lost")) { assert_text "Nothing is written down as broken or lost." }
    assert_link "On paper"
    within(part("Home by home")) { click_link "Tidewaiter's House" }

    assert_text "Into which boxes"
  end
end
