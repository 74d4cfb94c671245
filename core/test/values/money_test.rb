# frozen_string_literal: true

require_relative "../core_test"

class MoneyTest < CoreTest
  def test_cents_are_told_in_the_currency
    assert_equal ["€0.00", "€875.40", "£0.05", "$12,040.00", "$1,234,567.89", "CHF 3.20"],
                 [Money.print(0, "EUR"), Money.print(87_540, "EUR"), Money.print(5, "GBP"),
                  Money.print(1_204_000, "USD"), Money.print(123_456_789, "USD"), Money.print(320, "CHF")]
  end

  def test_less_than_nothing_and_what_has_no_hundredths
    assert_equal ["−€41.20", "¥1,235", "¥12"],
                 [Money.print(-4120, "EUR"), Money.print(123_450, "JPY"), Money.print(1249, "JPY")]
  end

  def test_tells_how_a_currency_is_written
    assert_equal([{ sign: "€", whole: false }, { sign: "¥", whole: true }, { sign: "SEK ", whole: false }],
                 %w[EUR JPY SEK].map { |currency| Money.written(currency) })
  end
end
