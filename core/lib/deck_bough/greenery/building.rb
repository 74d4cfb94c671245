# frozen_string_literal: true

require_relative "mixing"

module DeckBough
  module Greenery
    # Builds a wanted outline from what is there: a base, second garlands where it is thin, then stem by stem where one
    # closes most, within stock and weight and with several greens.
    #
    #   built = Greenery::Building.new(run_m: 2.7, wanted: outline, garlands: garlands, stems: stems, most_kg: 4.0).call
    #   built
    #   # => { bodies: [{ style: "fir", from_m: 0, to_m: 2.7, passes: 1 }], stems: [{ style: "cedar", at_m: 0.6 }],
    #   #      kg: 2.9 }
    #
    # Greedy and deterministic: the same stock gives the same layers. Of places that are as good, the one farthest from
    # what is there is taken, so that few stems are spread. It chooses no colours and no accents.
    class Building
      include Mixing

      # style, loft_m, kg_per_m (per metre of run); lengths of a piece, its join and its stem joints as metres of run
      Garland = Struct.new(:style, :loft_m, :kg_per_m, :piece_m, :pieces, :join_m, :joint_m, :texture,
                           keyword_init: true) do
        def supply
          Supply.new(piece_m: piece_m, pieces: pieces, join_m: join_m, joint_m: joint_m)
        end
      end
      # style, rise_m, trail_m, spread_m, kg, texture, on_hand
      Stem = Struct.new(:style, :rise_m, :trail_m, :spread_m, :kg, :texture, :on_hand, keyword_init: true)

      MOST_ITEMS = 80
      LEAST_STRETCH = 0.4
      # A gain smaller than this is not seen from the door.
      LEAST_GAIN = 0.004
      # A green not used yet is worth more, one that is everywhere less: the mix the handbook asks for.
      NEW_TEXTURE = 1.6
      EVERYWHERE = 0.5
      # Fuller than this share of the wanted is not liked.
      FULL = 1.1
      # Places whose gain comes this near to the best are as good.
      AS_GOOD = 0.9

      # @param allowed [#call] stem and place → whether it may sit there
      # @param mix [Hash] greens: so many of them at least, textures: so many of all
      def initialize(run_m:, wanted:, garlands:, stems:, most_kg: Float::INFINITY, allowed: ->(_, _) { true },
                     mix: { greens: 2, textures: 3 })
        @places = Profile.places(run_m)
        @run = run_m
        @wanted = @places.map { |place| wanted.at(place) }
        @garlands = garlands
        @stems = stems
        @most = most_kg
        @allowed = allowed
        @mix = mix
      end

      # @return [Hash] bodies [{ style:, from_m:, to_m:, passes: }], stems [{ style:, at_m: }], kg
      def call
        @squares = Array.new(@places.size, 0.0)
        @upper = Array.new(@places.size, 0.0)
        @lower = Array.new(@places.size, 0.0)
        @supplies = @garlands.to_h { |garland| [garland.style, garland.supply] }
        @bodies = []
        @put = []
        @kg = 0.0
        lay_base
        nil while @bodies.size < MOST_ITEMS / 4 && lay_more
        set_stems
        nil while @put.size + @bodies.size < MOST_ITEMS && add_to_mix
        { bodies: @bodies, stems: @put, kg: @kg }
      end

      private

      def thickness(index)
        half = Math.sqrt(@squares[index]) / 2
        [half, @upper[index]].max + [half, @lower[index]].max
      end

      # How far one place is from what is wanted: too thin counts, too full as well.
      def fault(index, thick)
        wanted = @wanted[index]
        return 0.0 if wanted <= 0

        lack = (wanted - thick) / wanted
        lack.positive? ? lack**2 : ([(thick / wanted) - FULL, 0].max**2)
      end

      # The garland that comes nearest over the whole run without being too full anywhere it lies.
      def lay_base
        best = options(0, @places.size - 1).max_by(&:first)
        lay(best) if best && best.first.positive?
      end

      # A second garland over the stretch that lacks most, if one helps.
      def lay_more
        best = thin_stretches.flat_map { |from, to| options(from, to) }.max_by(&:first)
        return false unless best && best.first > LEAST_GAIN * @places.size / 4

        lay(best)
      end

      # @return [Array<Array>] gain, garland, first and last place
      def options(from, to)
        @garlands.filter_map do |garland|
          to_here = reach(garland, from, to) or next
          gain = (from..to_here).sum { |i| fault(i, thickness(i)) - fault(i, with_body(i, garland)) }
          [gain, garland, from, to_here] if kg_of(garland, from, to_here) + @kg <= @most
        end
      end

      # As far as what is left of it goes; nil when that is too short to lay.
      def reach(garland, from, to)
        far = @places[from] + @supplies.fetch(garland.style).reach
        to_here = far >= @places[to] - 1e-9 ? to : @places.rindex { |place| place <= far + 1e-9 }
        to_here > from && (to_here == to || @places[to_here] - @places[from] >= LEAST_STRETCH) ? to_here : nil
      end

      def with_body(index, garland)
        half = Math.sqrt(@squares[index] + (garland.loft_m**2)) / 2
        [half, @upper[index]].max + [half, @lower[index]].max
      end

      def kg_of(garland, from, to)
        garland.kg_per_m * (@places[to] - @places[from])
      end

      def lay(option)
        _, garland, from, to = option
        (from..to).each { |i| @squares[i] += garland.loft_m**2 }
        @supplies.fetch(garland.style).take(@places[to] - @places[from])
        @kg += kg_of(garland, from, to)
        @bodies << { style: garland.style, from_m: @places[from], to_m: @places[to], passes: 1 }
        true
      end

      def thin_stretches
        lacking = @places.each_index.select { |i| thickness(i) < @wanted[i] * 0.9 }
        lacking.slice_when { |before, after| after > before + 1 }.filter_map do |part|
          from, to = widened(part.first, part.last)
          [from, to] if to > from
        end
      end

      # A piece shorter than a forearm is not worth wiring in.
      def widened(from, to)
        from -= 1 while from.positive? && @places[to] - @places[from] < LEAST_STRETCH
        to += 1 while to < @places.size - 1 && @places[to] - @places[from] < LEAST_STRETCH
        [from, to]
      end

      # Each time the stem and place that close most; only what lies near the last one is reckoned again.
      def set_stems
        @counts = Hash.new(0)
        @kernels = @stems.to_h { |stem| [stem, kernel(stem)] }
        @gains = @stems.to_h { |stem| [stem, @places.each_index.map { |i| gain(stem, i) }] }
        while @put.size + @bodies.size < MOST_ITEMS
          stem, at = best_stem || break
          set(stem, at)
          reckon_near(at, stem)
        end
      end

      # @return [Array, nil] stem and place
      def best_stem
        worth = @stems.filter_map do |stem|
          next if @counts[stem] >= stem.on_hand || @kg + stem.kg > @most

          gain = lawful(stem).map { |i| @gains[stem][i] }.max
          [gain * liking(stem), stem, gain] if gain && gain > LEAST_GAIN
        end
        _, stem, gain = worth.max_by(&:first)
        stem && [stem, farthest(stem, gain)]
      end

      # Places where a stem may sit.
      def lawful(stem)
        @lawful ||= @stems.to_h do |one|
          [one, @places.each_index.select { |i| @places[i] < @run && @allowed.call(one, @places[i]) }]
        end
        @lawful.fetch(stem)
      end

      # Of the places as good as the best, that which lies farthest from what was put already; the first in the middle.
      def farthest(stem, best)
        freest(lawful(stem).select { |i| @gains[stem][i] >= AS_GOOD * best })
      end

      def freest(places)
        return places.min_by { |i| [(@places[i] - (@run / 2)).abs, i] } if @put.empty?

        places.max_by { |i| [free_round(@places[i]).round(6), -i] }
      end

      # How far it is to the next stem; half a gap is enough at the ends.
      def free_round(place)
        [*@put.map { |one| (one[:at_m] - place).abs }, 2 * place, 2 * (@run - place)].min
      end

      def liking(stem)
        return NEW_TEXTURE unless @counts.any? { |other, count| count.positive? && other.texture == stem.texture }

        @put.size >= 4 && @stems.size > 1 && @counts[stem] > @put.size / 2 ? EVERYWHERE : 1.0
      end

      # How much a stem fills at each place from its own: offsets in places.
      def kernel(stem)
        reach = (stem.spread_m / 2 / Profile::STEP).floor
        (-reach..reach).map do |offset|
          [offset, (1 + Math.cos(2 * Math::PI * offset * Profile::STEP / stem.spread_m)) / 2]
        end
      end

      def gain(stem, index)
        @kernels[stem].sum do |offset, share|
          i = index + offset
          next 0.0 if i.negative? || i >= @places.size

          half = Math.sqrt(@squares[i]) / 2
          thick = [half, @upper[i], stem.rise_m * share].max + [half, @lower[i], stem.trail_m * share].max
          fault(i, thickness(i)) - fault(i, thick)
        end
      end

      def set(stem, index)
        @kernels[stem].each do |offset, share|
          i = index + offset
          next if i.negative? || i >= @places.size

          @upper[i] = [@upper[i], stem.rise_m * share].max
          @lower[i] = [@lower[i], stem.trail_m * share].max
        end
        @counts[stem] += 1
        @kg += stem.kg
        @put << { style: stem.style, at_m: @places[index] }
      end

      def reckon_near(index, set_stem)
        wide = @kernels[set_stem].size / 2
        @stems.each do |stem|
          far = wide + (@kernels[stem].size / 2)
          ([index - far, 0].max..[index + far, @places.size - 1].min).each { |i| @gains[stem][i] = gain(stem, i) }
        end
      end
    end
  end
end
