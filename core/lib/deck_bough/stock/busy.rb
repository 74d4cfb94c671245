# frozen_string_literal: true

module DeckBough
  module Stock
    # The most of one style that is set aside at once between two days: only then the rest is free on all of them
    # (handbook 80, Reserve). What comes down on a day is still taken on it.
    #
    #   Stock::Busy.most([Stock::Claim.new(wanted: 4, first_day: 1, last_day: 3),
    #                     Stock::Claim.new(wanted: 3, first_day: 3, last_day: 5)], from: 2, till: 4) # => 7
    module Busy
      # Less than this is none: sums of ribbon metres are not exact.
      LEAST = 1e-6

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
             .map { |day| taken(there, day) }.max || 0
      end

      # The days on which nothing is left.
      #
      #   Stock::Busy.full([Stock::Claim.new(wanted: 4, first_day: 1, last_day: 3)], 4) # => [1..3]
      #
      # @param claims [Array<Claim>] as above
      # @param there [Numeric] how many there are
      # @return [Array<Range>] of days, none touching another; open ends are infinite
      def full(claims, there)
        edges = claims.flat_map { |claim| [claim.days.begin, claim.days.end + 1] }.uniq.sort
        spans = edges.each_cons(2).select { |day, _| taken(claims, day) >= there - LEAST }
        spans.slice_when { |before, after| before.last != after.first }
             .map { |row| row.first.first..(row.last.last - 1) }
      end

      def taken(claims, day)
        claims.sum { |claim| claim.days.cover?(day) ? claim.wanted : 0 }
      end
      private_class_method :taken
    end
  end
end
