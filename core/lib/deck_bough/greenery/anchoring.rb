# frozen_string_literal: true

module DeckBough
  module Greenery
    # Where a run is held and what each anchor carries: the actual weight along the run, drops whole on their upper end,
    # swags by their pull.
    #
    #   anchors = Greenery::Anchoring.new(path: path, weight: profile, places: [0, 0.45, 0.9], may_kg: 1.15).anchors
    #   anchors.first # => { number: 1, at_m: 0, x_m: 0.0, floor_m: 1.2, kg: 0.3, … }
    #
    # Loads are kilograms an anchor must be able to carry, sideways pull included. Source: handbook 50, Anchors and
    # loads.
    class Anchoring
      NEAR = 1e-6

      # @param weight [#kg_between] kilograms between two places of the run
      # @param places [Array<Float>] along the run; swag peaks and the upper ends of drops are among them
      # @param may_kg [Float] what one fixing may carry: its share of the rated load
      def initialize(path:, weight:, places:, may_kg:)
        @path = path
        @weight = weight
        @places = places
        @may = may_kg
      end

      # @return [Array<Hash>] number, at_m, x_m (from the left end of the main part), y_m (above the floor the run
      #   begins at), floor_m (above what one stands on there), down_kg, side_kg, kg,
      #   fixings, fails
      def anchors
        @anchors ||= with_failures(carried.each_with_index.map { |load, i| anchor(i, *load) })
      end

      # Even places for a way: both ends of every fixed part, none further apart than `spacing`, every swag peak.
      #
      # @param more [Integer] so many more than the spacing asks for, put where the fixed parts are longest
      def self.places(path, spacing:, more: 0)
        fixed = path.parts.select { |part| part.holds == "fixed" }
        steps = fixed.map { |part| [(part.length / spacing).round(9).ceil, 1].max }
        more.times { longest(fixed, steps).then { |i| steps[i] += 1 } } if fixed.any?
        inner = fixed.zip(steps).flat_map do |part, count|
          (0..count).map { |i| part.from_m + (part.length * i / count) }
        end
        peaks = path.swags.flat_map { |part| [part.from_m, part.to_m] }
        found = (inner + peaks).sort.slice_when { |before, after| after - before > NEAR }.map(&:first)
        # A ring ends where it begins.
        path.closed? ? found[0..-2] : found
      end

      def self.longest(parts, steps)
        parts.each_index.max_by { |i| parts[i].length / steps[i] }
      end
      private_class_method :longest

      private

      def anchor(index, down, side)
        x, y = @path.at(@places[index])
        kg = Math.hypot(down, side)
        { number: index + 1, at_m: @places[index], x_m: x, y_m: y, floor_m: @path.above_standing(@places[index]),
          down_kg: down, side_kg: side, kg: kg, fixings: [(kg / @may).round(9).ceil, 1].max }
      end

      # Down and sideways load of each place, in kilograms.
      def carried
        loads = @places.map { [0.0, 0.0] }
        @path.parts.each { |part| send(:"carry_#{part.holds}", part, loads) }
        loads
      end

      # Each anchor takes the run half way to its neighbours.
      def carry_fixed(part, loads)
        held = @places.each_index.select { |i| @places[i].between?(part.from_m - NEAR, part.to_m + NEAR) }
        edges = [part.from_m, *held.each_cons(2).map { |a, b| (@places[a] + @places[b]) / 2 }, part.to_m]
        held.each_with_index { |i, n| loads[i][0] += @weight.kg_between(edges[n], edges[n + 1]) }
      end

      # A drop loads its top anchor with its whole weight.
      def carry_drop(part, loads)
        top = part.from_m.zero? ? part.to_m : part.from_m
        loads[nearest(top)][0] += @weight.kg_between(part.from_m, part.to_m)
      end

      # Half the weight at each end and the sideways pull W·c/(8a); on a slope the upper end takes more of it.
      def carry_swag(part, loads)
        kg = @weight.kg_between(part.from_m, part.to_m)
        from, to = [part.from_m, part.to_m].map { |end_of| @path.at(end_of) }
        across = to[0] - from[0]
        up = to[1] - from[1]
        pull = kg * across / (8.0 * sag(part, from, to))
        tilt = pull * up / across
        left = nearest(part.from_m)
        right = nearest(part.to_m)
        loads[left][0] += (kg / 2) - tilt
        loads[right][0] += (kg / 2) + tilt
        loads[left][1] += pull
        loads[right][1] -= pull
      end

      def sag(part, from, to)
        ((from[1] + to[1]) / 2) - part.course.at(part.length / 2)[1]
      end

      def nearest(place)
        @places.each_index.min_by { |i| (@places[i] - place).abs }
      end

      # What its neighbours would carry should an anchor let go, and which of them would follow.
      def with_failures(anchors)
        anchors.map.with_index do |anchor, i|
          takers = neighbours(anchors, i)
          heavier = takers.map do |taker, share|
            { number: taker[:number], kg: taker[:kg] + (anchor[:down_kg] * share) }
          end
          { **anchor,
            if_it_fails:
              heavier.map { |one| { **one, holds: one[:kg] <= (anchors[one[:number] - 1][:fixings] * @may) + NEAR } } }
        end
      end

      def neighbours(anchors, index)
        left = index.positive? ? anchors[index - 1] : nil
        right = anchors[index + 1]
        return [[left || right, 1.0]].select(&:first) unless left && right

        whole = right[:at_m] - left[:at_m]
        here = anchors[index][:at_m]
        [[left, (right[:at_m] - here) / whole], [right, (here - left[:at_m]) / whole]]
      end
    end
  end
end
