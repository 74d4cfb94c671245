# frozen_string_literal: true

module DeckBough
  module Greenery
    # What would close a thin stretch, each way tried on the profile before it is offered.
    #
    # A second garland over it, a fold of the one that lies there, or stems of a kind: what is on hand first, then what
    # closes more, then what weighs less. Source: handbook 50, Compare made with wanted.
    class Closing
      Way = Struct.new(:kind, :style, :from_m, :to_m, :count, :on_hand, :closes, :kg, keyword_init: true)
      MOST_STEMS = 9
      LEAST_STRETCH = Building::LEAST_STRETCH
      # Worth offering when it closes at least this share of what lacks.
      WORTH = 0.25

      # So many stems of a kind, evenly along a stretch, as items of a profile.
      def self.even(stem, from, to, count)
        Closing.spread(from, to, count).flat_map do |at|
          item = { at_m: at, spread_m: stem.spread_m }
          trail = { **item, kind: "trail", trail_m: stem.trail_m, kg: stem.kg } if stem.trail_m.positive?
          rise = { **item, kind: "rise", rise_m: stem.rise_m, kg: trail ? 0 : stem.kg } if stem.rise_m.positive?
          [rise, trail].compact
        end
      end

      def self.spread(from, to, count)
        Array.new(count) { |i| from + ((to - from) * (i + 0.5) / count) }
      end

      # @param items [Array<Hash>] the profile's items as they are
      # @param supplies [Hash{String => Supply}] what is left of each garland, by style
      # @param garlands [Array<Building::Garland>], stems [Array<Building::Stem>]
      # @param bodies [Array<Hash>] style, from_m, to_m, passes and the profile item of each body there is
      def initialize(run_m:, items:, wanted:, garlands:, supplies:, stems:, bodies:, unfluffed:)
        @run = run_m
        @items = items
        @wanted = wanted
        @garlands = garlands
        @supplies = supplies
        @stems = stems
        @bodies = bodies
        @unfluffed = unfluffed
        @before = profile(items)
      end

      # @param stretch [Hash] from_m, to_m
      # @return [Array<Way>] at most three, the best first
      def ways(stretch)
        from, to = widened(stretch)
        lack = lacking(@before, from, to)
        found = [*seconds(from, to, lack), *folds(from, to, lack), *stems(from, to, lack)]
        found.select { |way| way.closes >= WORTH }
             .sort_by { |way| [way.on_hand ? 0 : 1, -way.closes.round(2), way.kg] }
             .first(3)
      end

      private

      def profile(items)
        Profile.new(run_m: @run, items: items, unfluffed: @unfluffed)
      end

      def lacking(made, from, to)
        Profile.places(@run).grep((from - 1e-9)..(to + 1e-9)).sum do |place|
          [@wanted.at(place) - made.at(place)[:thickness_m], 0].max
        end
      end

      def closes(more, from, to, lack)
        lack.zero? ? 0.0 : 1 - (lacking(profile(@items + more), from, to) / lack)
      end

      def widened(stretch)
        middle = (stretch[:from_m] + stretch[:to_m]) / 2.0
        half = [(stretch[:to_m] - stretch[:from_m]) / 2.0, LEAST_STRETCH / 2].max
        [[middle - half, 0.0].max.round(3), [middle + half, @run].min.round(3)]
      end

      def seconds(from, to, lack)
        @garlands.map do |garland|
          item = { kind: "body", from_m: from, to_m: to, loft_m: garland.loft_m, kg_per_m: garland.kg_per_m }
          Way.new(kind: "garland", style: garland.style, from_m: from, to_m: to, count: 1,
                  on_hand: there?(garland.style, to - from),
                  closes: closes([item], from, to, lack), kg: garland.kg_per_m * (to - from))
        end
      end

      # Laid back over itself: the same garland, one pass more over the stretch.
      def folds(from, to, lack)
        @bodies.select { |body| body[:from_m] <= from + 1e-9 && body[:to_m] >= to - 1e-9 }.first(1).map do |body|
          item = { **body[:item], from_m: from, to_m: to, passes: 1 }
          Way.new(kind: "fold", style: body[:style], from_m: from, to_m: to, count: 1,
                  on_hand: there?(body[:style], to - from),
                  closes: closes([item], from, to, lack), kg: (item[:kg_per_m] || 0) * (to - from))
        end
      end

      def there?(style, length)
        @supplies[style]&.enough?(length) || false
      end

      # As few of each kind as close it, spread evenly.
      def stems(from, to, lack)
        @stems.filter_map do |stem|
          tried = (1..MOST_STEMS).map { |count| [count, closes(Closing.even(stem, from, to, count), from, to, lack)] }
          count, share =
            tried.find { |_, closed| closed >= 0.9 } || tried.max_by { |number, closed| [closed.round(3), -number] }
          Way.new(kind: "stems", style: stem.style, from_m: from, to_m: to, count: count,
                  on_hand: stem.on_hand >= count, closes: share, kg: stem.kg * count)
        end
      end
    end
  end
end
