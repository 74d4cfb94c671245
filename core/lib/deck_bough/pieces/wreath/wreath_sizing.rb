# frozen_string_literal: true

module DeckBough
  # How large a wreath is: by the band of what it hangs on, by what it goes round, by what there is, or as said.
  #
  # Part of WreathReckoning.
  module WreathSizing
    # The band of sizes the host carries, and what of the stock comes nearest.
    #
    # @param stock_m [Array<Float>] sizes there are
    def band(stock_m = [])
      return { low_m: nil, high_m: nil, choice_m: nil } if lying?

      ask("wreath.size", host: place[:host], host_width_m: place[:width_m], stock_m: stock_m)
    end

    def size
      @size ||= band
    end

    # The rule's answer, where one hangs.
    def size_answers
      lying? ? [] : [size]
    end

    # Round a base, and a little free of it.
    def least_opening_m
      place[:width_m] + house["wreath.lying_clear"]
    end

    # A wreath from stock is as large as it is; else what is said, or the middle of the band.
    def ring
      @ring ||= Wreaths::Ring.new(outer_m: outer, inner_m: inner)
    end

    private

    def outer
      return ring_style.across_m if ring_style&.across_m && settings[:size][:outer_m].nil?

      return settings[:size][:outer_m] || (2 * least_opening_m).clamp(0.02, 3.0) if lying?

      settings[:size][:outer_m] || ((size[:low_m] + size[:high_m]) / 2).clamp(0.02, 3.0)
    end

    # What is said, what the wreath from stock has, or half of it.
    def inner
      said = settings[:size][:inner_m] || (settings[:size][:outer_m] ? nil : ring_style&.opening_m)
      said && said < outer ? said : outer / 2.0
    end
  end
end
