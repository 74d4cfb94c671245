# frozen_string_literal: true

require "date"

module DeckBough
  module Stock
    # What a thing costs for each season it is put up, and when it is time for another: a dear one that lasts beats a
    # cheap one.
    #
    #   Stock::Wear.new(price_cents: 1200, pack_size: 6, bought_on: Date.new(2023, 11, 18), expected: 6,
    #                   season: 2026).cost_cents # => 33
    #
    # Cents each, rounded. Source: handbook 80, Stock (cost per season = price / seasons used, or expected).
    class Wear
      # A season is named after the year in which it begins: what is bought in January belongs to the one before.
      FIRST_MONTH = 2

      # @param day [Date]
      # @return [Integer] the year of the season a day belongs to
      def self.season_of(day)
        day.month < FIRST_MONTH ? day.year - 1 : day.year
      end

      # @param season [Integer]
      # @return [Range<Date>] its days, without the end
      def self.days_of(season)
        Date.new(season, FIRST_MONTH, 1)...Date.new(season + 1, FIRST_MONTH, 1)
      end

      # @param bought_on [Date, nil]
      # @param expected [Integer, nil] seasons it should last
      # @param season [Integer] the year of this season
      # @param dead_percent [Numeric, nil]
      def initialize(season:, price_cents: nil, pack_size: 1, bought_on: nil, expected: nil, dead_percent: nil,
                     house: HouseRules.default)
        @price_cents = price_cents
        @pack_size = pack_size
        @first = bought_on && Wear.season_of(bought_on)
        @expected = expected
        @season = season
        @dead_percent = dead_percent
        @worn_from = house["stock.dead_percent"]
      end

      # @return [Integer, nil] seasons it was put up, this one counted
      def used
        [@season - @first + 1, 1].max if @first
      end

      # @return [Integer, nil] of one piece; by the seasons it should last until it lasted longer
      def cost_cents
        seasons = [used, @expected].compact.max or return
        (@price_cents / @pack_size.to_f / seasons).round if @price_cents
      end

      # @return [Array<Hash>] year, cents, ahead: what each season cost so far and will, to the end it is expected
      def by_season
        return [] unless @first && @price_cents

        (@first..[last, @season].max).map do |year|
          { year: year, cents: (@price_cents / @pack_size.to_f / (year - @first + 1)).round, ahead: year > @season }
        end
      end

      # @return [Integer, nil] the last season it should do, were it replaced in time
      def last
        return @season if worn?
        return unless @first

        @expected ? @first + @expected - 1 : @season
      end

      # @return [Boolean] whether another one should be looked for
      def due?
        worn? || (@first && @expected ? @season >= last : false)
      end

      private

      def worn?
        !@dead_percent.nil? && @dead_percent >= @worn_from
      end
    end
  end
end
