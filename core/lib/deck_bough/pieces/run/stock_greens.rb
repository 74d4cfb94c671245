# frozen_string_literal: true

module DeckBough
  # The garlands and stems of the stock as builders and closers take them; each kind as far as it goes on this run.
  #
  #   StockGreens.new(reckoning, stock).garlands.first.loft_m # => 0.22
  class StockGreens
    # How many of a kind are looked at.
    MOST_STYLES = 30

    # @param reckoning [RunReckoning]
    # @param stock [Array<Style>]
    def initialize(reckoning, stock)
      @reckoning = reckoning
      @stock = stock
    end

    # @return [Array<Greenery::Building::Garland>]
    def garlands
      of_kind("garland").select(&:loft_m).map { |style| @reckoning.garland_offer(style) }
    end

    # @return [Array<Greenery::Building::Stem>]
    def stems
      of_kind("stem").map { |style| @reckoning.stem_of(style) }
                     .select { |stem| stem.rise_m.positive? || stem.trail_m.positive? }
    end

    private

    def of_kind(kind)
      @stock.select { |style| style.kind == kind }.sort_by { |style| style.id.to_s }.first(MOST_STYLES)
    end
  end
end
