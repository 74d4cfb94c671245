# frozen_string_literal: true

module DeckBough
  module Stock
    # Keepsakes come one a year: which years a person has, and which are missing up to this season.
    #
    #   Stock::KeepsakeYears.missing([2019, 2021, 2022], 2023) # => [2020, 2023]
    #
    # Source: handbook 80, Stock.
    module KeepsakeYears
      # Further back nobody looks for one.
      MOST = 60

      module_function

      # @param years [Array<Integer, nil>]
      # @param season [Integer] the year of this season
      # @return [Array<Integer>]
      def missing(years, season)
        known = years.compact
        return [] if known.empty?

        ([known.min, season - MOST + 1].max..season).to_a - known
      end
    end
  end
end
