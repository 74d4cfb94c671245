# frozen_string_literal: true

module DeckBough
  module Greenery
    # The outline that layers make: bodies add by cross-section, stems lift the upper edge and drop the lower one.
    #
    #   body = { kind: "body", from_m: 0, to_m: 2, loft_m: 0.2, kg_per_m: 0.5 }
    #   Greenery::Profile.new(run_m: 2.0, items: [body, body]).at(1.0)[:thickness_m].round(3) # => 0.283
    #
    # Metres and kilograms. Items as in rule garland.profile. Source: handbook 50, Loft and fullness; Rise, Body, Trail.
    class Profile
      STEP = 0.05

      attr_reader :run, :items

      # @param unfluffed [Float] what is left of the loft when nobody opened the garland
      def initialize(run_m:, items:, unfluffed: HouseRules.default["garland.unfluffed"])
        @run = run_m.to_f
        @items = items
        @unfluffed = unfluffed
        @bodies = items.select { |item| item[:kind] == "body" }
        @rises = items.select { |item| item[:kind] == "rise" }
        @trails = items.select { |item| item[:kind] == "trail" }
      end

      # Where the outline is sampled: every 5 cm and at both ends.
      def self.places(run_m)
        steps = ((run_m / STEP) - 1e-9).floor
        [*(0..steps).map { |i| (i * STEP).round(6) }, run_m.to_f].uniq
      end

      # @return [Hash] upper_m, lower_m, thickness_m, kg_per_m
      def at(along_m)
        half = body_at(along_m) / 2
        upper = [half, reached(@rises, :rise_m, along_m)].max
        lower = [half, reached(@trails, :trail_m, along_m)].max
        { upper_m: upper, lower_m: lower, thickness_m: upper + lower, kg_per_m: kg_per_m(along_m) }
      end

      # The thickness of the bodies alone.
      def body_at(along_m)
        Math.sqrt(@bodies.sum { |body| covers?(body, along_m) ? square(body) : 0.0 })
      end

      def samples
        @samples ||= Profile.places(run).map { |place| { at_m: place, **at(place) } }
      end

      # Everything together; a stem counts whole wherever it stands.
      def kg
        @bodies.sum { |body| (body[:kg_per_m] || 0) * passes(body) * [body[:to_m] - body[:from_m], 0].max } +
          (@rises + @trails).sum { |stem| stem[:kg] || 0 }
      end

      # What lies between two places, by what each layer has there.
      def kg_between(from_m, to_m)
        @bodies.sum { |body| body_kg(body, from_m, to_m) } +
          (@rises + @trails).sum { |stem| stem_kg(stem, from_m, to_m) }
      end

      private

      def covers?(body, along_m)
        along_m.between?(body[:from_m] - 1e-9, body[:to_m] + 1e-9)
      end

      def passes(body)
        body[:passes] || 1
      end

      def square(body)
        ((body[:loft_m] * (body[:fluffed] == false ? @unfluffed : 1.0))**2) * passes(body)
      end

      def reached(stems, name, along_m)
        stems.map { |stem| stem[name] * Swell.at((along_m - stem[:at_m]) / stem[:spread_m]) }.max || 0.0
      end

      def kg_per_m(along_m)
        @bodies.sum { |body| covers?(body, along_m) ? (body[:kg_per_m] || 0) * passes(body) : 0 } +
          (@rises + @trails).sum do |stem|
            (along_m - stem[:at_m]).abs <= stem[:spread_m] / 2.0 ? (stem[:kg] || 0) / stem[:spread_m].to_f : 0
          end
      end

      # A stem at the very end leans out; its weight stays on the run.
      def body_kg(body, from_m, to_m)
        (body[:kg_per_m] || 0) * passes(body) * shared(from_m, to_m, body[:from_m], body[:to_m])
      end

      def stem_kg(stem, from_m, to_m)
        from, to = [stem[:at_m] - (stem[:spread_m] / 2.0), stem[:at_m] + (stem[:spread_m] / 2.0)].map do |edge|
          edge.clamp(0, run)
        end
        to > from ? (stem[:kg] || 0) * shared(from_m, to_m, from, to) / (to - from) : 0
      end

      def shared(from_m, to_m, low, high)
        [[to_m, high].min - [from_m, low].max, 0].max
      end
    end
  end
end
