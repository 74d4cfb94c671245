# frozen_string_literal: true

module DeckBough
  module Vessels
    # Balls that lie in a vessel, none in another and none in the glass: they are thrown in and push each other apart
    # until nothing overlaps; what still does then is left out. What is closer than balls can lie is left out from the
    # beginning, of each size its share. Deterministic.
    #
    #   glass = Vessels::Vessel.new(shape: "cylinder", across_m: 0.2, filled_m: 0.22)
    #   Vessels::Packing.new(glass, [0.08] * 8).balls
    #
    # Metres from the middle of the vessel's foot.
    class Packing
      # No more are drawn: those behind are not seen.
      MOST = 400
      # Thrown in they lie no closer than this, as shares of the vessel: of one size, and of several.
      CLOSE = 0.575
      CLOSE_MIXED = 0.6
      # So few are thrown in again where some found no place.
      FEW = 60
      AGAIN = 3
      # Balls are thought larger by so much while they push, so that none touches when they are done.
      GROWN = 1.006
      # How much farther than needed they push, and how often at most.
      PUSH = 1.9
      # They lie still when no two overlap by more of their size, thought larger.
      STILL = (GROWN - 1) * 0.9
      ROUNDS = 220
      LET_GO = [70, 100, 130, 160].freeze
      GIVEN_UP = 0.008
      # After so many rounds who is near whom is looked up again; within so many sizes.
      FIRST = 6
      LOOK_AGAIN = 6
      NEAR = 1.5

      # One ball: its number among those asked for, its middle and its radius.
      Ball = Struct.new(:number, :x, :y, :z, :radius)

      # @param diameters [Array<Float>] metres, in any order
      def initialize(vessel, diameters, seed: 1)
        @vessel = vessel
        @diameters = diameters
        @wanted = tried(diameters)
        @chance = Random.new(seed)
      end

      # @return [Array<Ball>] those that found a place
      def balls
        @balls ||= begin
          best = []
          (@wanted.size > FEW ? 1 : AGAIN).times do
            best = [best, settled].max_by(&:size)
            break if best.size == @wanted.size
          end
          best
        end
      end

      private

      # @return [Array<Integer>] numbers of those that are thrown in, large and small in turn
      def tried(diameters)
        sizes = diameters.each_index.group_by { |i| diameters[i] }
        turns = sizes.values.flat_map { |those| those.each_with_index.map { |i, at| [(at + 0.5) / those.size, i] } }
        left = @vessel.litres / 1000 * (sizes.size > 1 ? CLOSE_MIXED : CLOSE) * 6 / Math::PI
        turns.sort.first(MOST).map(&:last).take_while { |i| (left -= diameters[i]**3) > -(diameters[i]**3) / 2 }
      end

      def settled
        throw_in
        push_apart
        lying.map { |i| Ball.new(@asked[i], @x[i], @y[i], @z[i], @radius[i] / GROWN) }
      end

      def throw_in
        @asked = @wanted.dup
        @radius = @asked.map { |i| @diameters[i] * GROWN / 2 }
        @share = @radius.map { |radius| radius**3 }
        @x = []
        @y = []
        @z = []
        @radius.each_with_index do |radius, i|
          at = [@vessel.inside_m, @vessel.inside_m, @vessel.line_m].map { |wide| (@chance.rand - 0.5) * wide }
          hold(i, at[0], at[1], at[2] + (@vessel.line_m / 2), radius)
        end
      end

      def hold(number, across, deep, up, radius)
        @x[number], @y[number], @z[number] = @vessel.inside(across, deep, up, radius)
      end

      def push_apart
        still = false
        ROUNDS.times do |round|
          let_go if LET_GO.include?(round)
          look if still || round < FIRST || (round % LOOK_AGAIN).zero?
          was = still
          still = push_all < STILL
          @radius.each_with_index { |radius, i| hold(i, @x[i], @y[i], @z[i], radius) }
          break if was && still
        end
      end

      # Those that are pressed most find no place: a few of them are taken out, so that the rest comes to lie.
      def let_go
        look
        pressed = @pairs.map { |one, other| [overlap(one, other), @radius[one] < @radius[other] ? one : other] }
        gone = pressed.select { |by, _| by > STILL }.max_by(@radius.size) { |by, _| by }.map(&:last).uniq
                      .first((@radius.size * GIVEN_UP).ceil)
        [@asked, @radius, @share, @x, @y, @z].each { |values| values.reject!.with_index { |_, i| gone.include?(i) } }
        look
      end

      def overlap(one, other)
        apart = Math.sqrt(((@x[one] - @x[other])**2) + ((@y[one] - @y[other])**2) + ((@z[one] - @z[other])**2))
        1 - (apart / (@radius[one] + @radius[other]))
      end

      # Pairs that could meet before it is looked again.
      def look
        reach = 2 * NEAR * (@radius.max || 0)
        order = @z.each_index.sort_by { |i| @z[i] }
        @pairs = []
        order.each_with_index { |one, at| pair(one, order, at + 1, reach) }
      end

      def pair(one, order, from, reach)
        to = from
        while to < order.size && @z[order[to]] - @z[one] < reach
          @pairs << [one, order[to]] if near?(one, order[to])
          to += 1
        end
      end

      def near?(one, other)
        reach = NEAR * (@radius[one] + @radius[other])
        ((@x[one] - @x[other])**2) + ((@y[one] - @y[other])**2) + ((@z[one] - @z[other])**2) < reach**2
      end

      # @return [Float] by how much of their size the nearest two overlapped
      def push_all
        worst = 0.0
        @pairs.each do |one, other|
          overlap = push(one, other)
          worst = overlap if overlap > worst
        end
        worst
      end

      # The smaller one gives way more.
      def push(one, other)
        x = @x[other] - @x[one]
        y = @y[other] - @y[one]
        z = @z[other] - @z[one]
        touching = @radius[one] + @radius[other]
        square = (x * x) + (y * y) + (z * z)
        return 0.0 if square >= touching * touching

        away = Math.sqrt(square) + 1e-9
        by = (touching - away) / away * PUSH
        part = by * @share[other] / (@share[one] + @share[other])
        move(one, -part, x, y, z)
        move(other, by - part, x, y, z)
        (touching - away) / touching
      end

      def move(number, share, across, deep, up)
        @x[number] += across * share
        @y[number] += deep * share
        @z[number] += up * share
      end

      # The smallest go first where two still overlap; what has no place in the glass at all goes too.
      def lying
        @radius.each_index.sort_by { |i| [-@radius[i], i] }.each_with_object([]) do |i, kept|
          kept << i if in_glass?(i) && kept.none? { |other| overlap?(i, other) }
        end
      end

      # All are held inside while they push; only what is wider than the vessel has no place there.
      def in_glass?(number)
        @radius[number] / GROWN <= @vessel.inside_m / 2
      end

      def overlap?(one, other)
        touching = (@radius[one] + @radius[other]) / GROWN
        ((@x[one] - @x[other])**2) + ((@y[one] - @y[other])**2) + ((@z[one] - @z[other])**2) < touching**2
      end
    end
  end
end
