# frozen_string_literal: true

module DeckBough
  module Buying
    # A thing that lacks over the season: how much is to be ordered yet, what that takes where, and where it is bought.
    #
    #   Buying::Line.new(to_buy: 9, coming: 4, wanted_on: Date.new(2026, 11, 28),
    #                    days: Buying::OrderDays.new(today: Date.new(2026, 11, 19)),
    #                    own_pack: { size: 4, price_cents: 1480 }).quote.cents # => 2960
    #
    # Without offers it is bought as it was bought before: the thing's own pack and price, at nobody yet.
    class Line
      # Who may be anybody: an order goes out today and there is no way.
      ANYBODY = Supplier.new

      attr_reader :wanted_on

      # @param days [OrderDays]
      # @param coming [Numeric] what was ordered and is to come, or is tried
      # @param offers [Hash{Object => Array<Hash>}] packs by id of the supplier
      # @param suppliers [Hash{Object => Supplier}]
      # @param bought_at [Object, nil] where somebody said it is bought
      def initialize(to_buy:, wanted_on:, days:, own_pack:, coming: 0, offers: {}, suppliers: {}, bought_at: nil)
        @to_buy = to_buy
        @coming = coming
        @wanted_on = wanted_on
        @days = days
        @own_pack = own_pack
        @offers = offers
        @suppliers = suppliers
        @bought_at = bought_at && suppliers.key?(bought_at) ? bought_at : nil
      end

      def to_order
        [(@to_buy - @coming).round(6), 0.0].max
      end

      # @return [Array<Quote>] the best first
      def quotes
        @quotes ||= begin
          found = asked.map { |id, packs| quoted(@suppliers.fetch(id, ANYBODY), packs) }
          # Most things are sold by few.
          found.one? ? found : found.sort_by(&:rank)
        end
      end

      # Where it is bought: where somebody said, else the best.
      def quote
        @quote ||= quotes.find { |one| @bought_at && one.supplier.id == @bought_at } || quotes.first
      end

      private

      # Of suppliers one buys at no longer nobody asks.
      def asked
        found = @offers.select { |id, _| @suppliers.key?(id) }
        found = { @bought_at => [@own_pack] }.merge(found) if @bought_at
        found.empty? ? { nil => [@own_pack] } : found
      end

      def quoted(supplier, packs)
        Quote.new(to_order, supplier, packs, wanted_on: @wanted_on, days: @days)
      end
    end
  end
end
