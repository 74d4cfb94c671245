# frozen_string_literal: true

module DeckBough
  module Greenery
    # What was made against what is wanted, sample by sample.
    #
    # `fullness` is the mean of how much of the wanted thickness is there, 1 at most. Source: handbook 50, Wanted
    # outline.
    class Comparison
      # What is said of a stretch, and of a single place.
      AT_ONE_PLACE = { thin: :thin_at, too_thick: :too_thick_at }.freeze

      # What tells a place in a sample.
      AT = :at_m

      attr_reader :samples

      # @return [Array(Symbol, Hash)] code and values of the finding about a stretch
      def self.told(code, stretch)
        return [code, stretch] if stretch[:to_m] > stretch[:from_m]

        [AT_ONE_PLACE.fetch(code), { at_m: stretch[:from_m], by_m: stretch[:by_m] }]
      end

      # @param wanted [#at] thickness wanted by place
      # @param low, high [Float] shares of the wanted thickness under and above which a stretch is told
      def initialize(profile, wanted, low:, high:)
        @low = low
        @high = high
        @samples = profile.samples.map { |sample| { **sample, wanted_m: wanted.at(sample[self.class::AT]) } }
      end

      def fullness
        there = samples.sum do |sample|
          sample[:wanted_m].positive? ? [sample[:thickness_m] / sample[:wanted_m], 1.0].min : 1.0
        end
        there / samples.size
      end

      # @return [Array<Hash>] from_m, to_m, by_m (the most that lacks)
      def short
        stretches do |sample|
          sample[:thickness_m] < (@low * sample[:wanted_m]) - 1e-9 && (sample[:wanted_m] - sample[:thickness_m])
        end
      end

      # @return [Array<Hash>] from_m, to_m, by_m (the most that is too much)
      def over
        stretches do |sample|
          sample[:thickness_m] > (@high * sample[:wanted_m]) + 1e-9 && (sample[:thickness_m] - sample[:wanted_m])
        end
      end

      private

      def stretches
        told = samples.map { |sample| [sample[self.class::AT], yield(sample) || nil] }
        parts = told.slice_when { |(_, before), (_, after)| before.nil? != after.nil? }.to_a
        joined(parts).reject { |part| part.first.last.nil? }
                     .map { |part| named(part.first.first, part.last.first, part.map(&:last).max) }
      end

      # A run has two ends.
      def joined(parts)
        parts
      end

      def named(from, to, most)
        { from_m: from, to_m: to, by_m: most }
      end
    end
  end
end
