# frozen_string_literal: true

module DeckBough
  module Wreaths
    # The outline that greens make round a ring: a run's profile on a closed length. What rises stands outward, what
    # trails hangs inward.
    #
    #   Wreaths::RingProfile.new(Wreaths::Ring.new(outer_m: 0.6, inner_m: 0.3), body_m: 0.1, items: []).at(3)
    #   # => { outward_m: 0.05, inward_m: 0.05, thickness_m: 0.1 }
    #
    # Metres, hours. Items as in rule wreath.profile. Source: handbook 60, Fullness round the ring.
    class RingProfile
      # Sampled every quarter of an hour.
      HOURS = Array.new(48) { |i| i / 4.0 }.freeze

      attr_reader :ring

      def initialize(ring, body_m:, items:)
        @ring = ring
        @half = body_m / 2.0
        @rises, @trails = items.partition { |item| item[:kind] == "rise" }
      end

      # @return [Hash] outward_m, inward_m, thickness_m
      def at(hour)
        outward = [@half, reached(@rises, :rise_m, hour)].max
        inward = [@half, reached(@trails, :trail_m, hour)].max
        { outward_m: outward, inward_m: inward, thickness_m: outward + inward }
      end

      def samples
        @samples ||= HOURS.map { |hour| { at_h: hour, **at(hour) } }
      end

      private

      def reached(items, name, hour)
        items.map do |item|
          item[name] * Greenery::Swell.at(ring.between(hour, item[:at_h]) / item[:spread_m])
        end.max || 0.0
      end
    end
  end
end
