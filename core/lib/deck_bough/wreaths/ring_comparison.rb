# frozen_string_literal: true

module DeckBough
  module Wreaths
    # What was made round a ring against what is wanted: as along a run, and the ring closes, so that what is thin from
    # before twelve to after it is one arc.
    #
    # Source: handbook 60, Fullness round the ring.
    class RingComparison
      attr_reader :samples

      # @param low, high [Float] shares of the wanted thickness under and above which an arc is told
      def initialize(profile, wanted, low:, high:)
        @low = low
        @high = high
        @samples = profile.samples.map { |sample| { **sample, wanted_m: wanted.at(sample[:at_h]) } }
      end

      # The mean of how much of the wanted thickness is there, 1 at most.
      def fullness
        there = samples.sum do |sample|
          sample[:wanted_m].positive? ? [sample[:thickness_m] / sample[:wanted_m], 1.0].min : 1.0
        end
        there / samples.size
      end

      # @return [Array<Hash>] from_h, to_h, by_m (the most that lacks), clockwise
      def short
        arcs do |sample|
          sample[:thickness_m] < (@low * sample[:wanted_m]) - 1e-9 && (sample[:wanted_m] - sample[:thickness_m])
        end
      end

      # @return [Array<Hash>] from_h, to_h, by_m (the most that is too much), clockwise
      def over
        arcs do |sample|
          sample[:thickness_m] > (@high * sample[:wanted_m]) + 1e-9 && (sample[:thickness_m] - sample[:wanted_m])
        end
      end

      private

      def arcs
        told = samples.map { |sample| [sample[:at_h], yield(sample) || nil] }
        parts = told.slice_when { |(_, before), (_, after)| before.nil? != after.nil? }.to_a
        # The last arc and the first one meet at twelve.
        parts[0] = parts.pop + parts[0] if parts.size > 1 && parts.first.first.last && parts.last.first.last
        parts.reject { |part| part.first.last.nil? }
             .map { |part| { from_h: part.first.first, to_h: part.last.first, by_m: part.map(&:last).max } }
      end
    end
  end
end
