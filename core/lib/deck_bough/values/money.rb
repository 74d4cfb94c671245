# frozen_string_literal: true

module DeckBough
  # Prints money in the studio's currency; inside it is integer cents.
  #
  #   DeckBough::Money.print(87_540, "EUR")    # => "€875.40"
  #   DeckBough::Money.print(1_204_000, "USD") # => "$12,040.00"
  module Money
    SIGNS = { "EUR" => "€", "GBP" => "£", "USD" => "$", "AUD" => "$", "CAD" => "$", "NZD" => "$", "JPY" => "¥" }.freeze
    # What has no hundredths.
    WHOLE = %w[JPY].freeze
    THOUSANDS = /(\d)(?=(\d{3})+(?!\d))/

    module_function

    # How amounts of a currency are written, for whoever prints them elsewhere.
    #
    # @return [Hash] :sign, with the space that letters want after them, and :whole, whether it has no hundredths
    def written(currency)
      { sign: SIGNS.fetch(currency) { "#{currency} " }, whole: WHOLE.include?(currency) }
    end

    # @param cents [Integer]
    # @param currency [String] ISO 4217; one without a sign of its own is told by its letters
    def print(cents, currency)
      form = written(currency)
      units, rest = cents.abs.divmod(100)
      units += 1 if form[:whole] && rest >= 50
      amount = units.to_s.gsub(THOUSANDS, "\\1,")
      amount += format(".%02d", rest) unless form[:whole]
      "#{'−' if cents.negative?}#{form[:sign]}#{amount}"
    end
  end
end
