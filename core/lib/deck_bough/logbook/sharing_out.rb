# frozen_string_literal: true

module DeckBough
  module Logbook
    # Times that were told of several kinds of work at once, shared out among them: the factors with which all that was
    # told fits best, none of them beyond what is likely.
    #
    #   Logbook::SharingOut.new([[{ "bow" => 10.0 }, 15.0]]).factors["bow"].round(2) # => 1.5
    #
    # Bounded least squares of what each time differs by as a share of its plan, so that a long day says no more than a
    # short one; what the times cannot tell apart stays as near to the book as they let it. Solved factor by factor
    # until none moves: the sum of squares is convex, so that ends at its least. Source: handbook 90, Log.
    class SharingOut
      BOUNDS = (0.2..5.0)
      # What the book is worth beside one time.
      BOOK = 0.01
      SWEEPS = 400
      STILL = 1e-10
      private_constant :SWEEPS, :STILL

      # @param told [Array<Array(Hash{String => Float}, Float)>] minutes planned by kind of work, and minutes taken
      def initialize(told)
        @told = told.map do |planned, took|
          whole = planned.values.sum.to_f
          [planned.transform_values { |minutes| minutes / whole }, took / whole]
        end
      end

      # @return [Hash{String => Float}] by kind of work: times the plan
      def factors
        @factors ||= begin
          found = @told.flat_map { |shares, _| shares.keys }.uniq.sort.to_h { |kind| [kind, 1.0] }
          rest = @told.map { |shares, took| took - shares.values.sum }
          SWEEPS.times { break if swept(found, rest) < STILL }
          found
        end
      end

      # What of a time each kind of work took.
      #
      # @return [Hash{String => Float}] minutes; they sum to what was taken
      def shared(planned, took)
        weights = planned.to_h { |kind, minutes| [kind, minutes * factors.fetch(kind)] }
        whole = weights.values.sum
        weights.transform_values { |weight| took * weight / whole }
      end

      private

      # @return [Float] how far the factor that moved most did
      def swept(found, rest)
        where.map do |kind, times|
          now = best(found[kind], times, rest)
          moved = now - found[kind]
          times.each { |i, share| rest[i] -= share * moved }
          found[kind] = now
          moved.abs
        end.max || 0
      end

      def best(factor, times, rest)
        weight = BOOK + times.sum { |_, share| share * share }
        pull = times.sum { |i, share| share * (rest[i] + (share * factor)) } + BOOK
        (pull / weight).clamp(BOUNDS)
      end

      # @return [Hash{String => Array}] by kind: which times it is in, with its share of each
      def where
        @where ||= @told.each_with_index.with_object({}) do |((shares, _), i), all|
          shares.each { |kind, share| (all[kind] ||= []) << [i, share] }
        end
      end
    end
  end
end
