# frozen_string_literal: true

module DeckBough
  # Prints money in the studio's currency; inside it is integer cents.
  #
  #   DeckBough::Money.print(87_540, "EUR")    # => "€875.40"
  #   DeckBough::Money.print(1_204_000, "USD") # => "$12,040.00"
  module Money
    SIGNS = { "EUR" => "€", "GBP" => "£", "USD" => "$", "AUD" => "$", "JPY" => "¥" }.freeze
    # What has no hundredths.
    WHOLE = %w[JPY].freeze
    THOUSANDS = /(\d)(?=(\d{3})+(?!\d))/

    module_function

    # @param cents [Integer]
    # @param currency [String] ISO 4217; one without a sign of its own is told by its letters
    def print(cents, currency)
      whole, rest = cents.abs.divmod(100)
      whole += 1 if WHOLE.include?(currency) && rest >= 50
      amount = whole.to_s.gsub(THOUSANDS, "\\1,")
      amount += format(".%02d", rest) unless WHOLE.include?(currency)
      "#{'−' if cents.negative?}#{SIGNS.fetch(currency) { "#{currency} " }}#{amount}"
    end
  end
end
