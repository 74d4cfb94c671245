# frozen_string_literal: true

module DeckBough
  module Buying
    # How much of a style is bought so that nobody lacks any: what is wanted at once at most, less what there is. Pieces
    # that stand one after the other use the same things, so it can be less than the sum of what each lacks.
    #
    #   Buying::Gathering.to_buy([Stock::Claim.new(wanted: 4, first_day: 1, last_day: 3),
    #                             Stock::Claim.new(wanted: 3, first_day: 4, last_day: 5)], on_hand: 1) # => 3
    #
    # Pieces, ribbon metres. Source: handbook 80, Buying.
    module Gathering
      PLACES = 6

      module_function

      # @param claims [Array<Stock::Claim>] what every piece wants of it, spares among it
      # @param spare [Numeric] of a favourite so many are kept beyond what is wanted
      def to_buy(claims, on_hand:, spare: 0)
        [(Stock::Busy.most(claims) + spare - on_hand).round(PLACES), 0].max
      end

      # What a purchase costs whom: cents by what each of them lacked, the sum exact.
      #
      #   Buying::Gathering.split(1000, { "snug" => 2, "hall" => 1 }) # => { "snug" => 667, "hall" => 333 }
      #
      # @param lacking [Hash{Object => Numeric}] at least one above nothing
      # @return [Hash{Object => Integer}]
      def split(cents, lacking)
        lacking.keys.zip(LargestRemainder.share(cents, lacking.values)).to_h
      end
    end
  end
end
