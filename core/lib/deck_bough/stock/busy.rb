# frozen_string_literal: true

module DeckBough
  module Stock
    # The most of one style that is set aside at once between two days: only then the rest is free on all of them
    # (handbook 80, Reserve). What comes down on a day is still taken on it.
    #
    #   Stock::Busy.most([Stock::Claim.new(wanted: 4, first_day: 1, last_day: 3),
    #                     Stock::Claim.new(wanted: 3, first_day: 3, last_day: 5)], from: 2, till: 4) # => 7
    module Busy
      module_function

      # @param claims [Array<Claim>] each with what is set aside for it as its wanted
      # @param from [Integer, nil] the first day, nil: no day is too early
      # @param till [Integer, nil] the last day
      # @return [Numeric] pieces, ribbon metres
      def most(claims, from: nil, till: nil)
        from ||= -Float::INFINITY
        till ||= Float::INFINITY
        there = claims.select { |claim| claim.days.begin <= till && claim.days.end >= from }
        there.map { |claim| [claim.days.begin, from].max }.uniq
             .map { |day| there.sum { |claim| claim.days.cover?(day) ? claim.wanted : 0 } }.max || 0
      end
    end
  end
end
