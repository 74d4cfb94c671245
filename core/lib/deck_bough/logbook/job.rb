# frozen_string_literal: true

module DeckBough
  module Logbook
    # What of one kind of work there was in one time that was told, against what the house would plan for it today.
    #
    #   Logbook::Job.new(timed: "t", rule: "minutes.ornament", planned: 60.0, took: 74.0, how: "told").ratio.round(2)
    #   # => 1.23
    #
    # planned, took: minutes from the floor at the usual pace, or so much of a thing; how: told, or solved where a time
    # was told of several kinds of work at once; left_out: why it does not count. Source: handbook 90, Log.
    Job = Struct.new(:timed, :rule, :planned, :took, :how, :left_out, keyword_init: true) do
      # All jobs of some times, each time shared out among its kinds of work.
      #
      # @param times [Array<Timed>]
      # @return [Array<Job>]
      def self.all(times, house)
        times = times.filter_map { |timed| with_rates(timed, house) }
        shares = sharing_out(times, house)
        times.flat_map do |timed|
          kinds = timed.parts.group_by(&:rule)
          planned = planned(timed, house)
          taken = kinds.size > 1 ? shares.shared(planned, timed.plain) : { kinds.keys.first => timed.plain }
          kinds.map { |rule, parts| of(timed, rule, parts, taken[rule] / planned[rule], house, kinds.size) }
        end
      end

      # Against what takes no time by this house's rules nothing can be compared.
      def self.with_rates(timed, house)
        parts = timed.parts.select { |part| part.flat(house).positive? }
        Timed.new(**timed.to_h, parts: parts) if parts.any?
      end

      # What does not count shares out nothing either.
      def self.sharing_out(times, house)
        counting = times.reject(&:left_out)
        several = times.select { |timed| timed.parts.map(&:rule).uniq.size > 1 }
        SharingOut.new([*counting, *(several - counting)].map { |timed| [planned(timed, house), timed.plain] })
      end

      def self.planned(timed, house)
        timed.parts.group_by(&:rule).transform_values { |parts| parts.sum { |part| part.planned(house) } }
      end

      def self.of(timed, rule, parts, factor, house, kinds)
        flat = parts.sum { |part| part.flat(house) }
        new(timed: timed.id, rule: rule, planned: flat, took: flat * factor, how: kinds > 1 ? "solved" : "told",
            left_out: timed.left_out)
      end
      private_class_method :with_rates, :sharing_out, :planned, :of

      def initialize(left_out: nil, **)
        super
        freeze
      end

      def ratio
        took / planned
      end
    end
  end
end
