# frozen_string_literal: true

module DeckBough
  module Groupings
    # Where the things of a group stand by themselves: ground under all, the back plane at the wall, the tallest before
    # what it is to hide, else a little to the left of the middle, the others beside it in turn and each a little
    # further to the front, softeners over the edge.
    #
    #   Groupings::Arrangement.new(0.45, 0.6).of([["tray", "ground", 0.45, 0.3]]) # => [[0.0, 0.3]]
    #
    # Metres from the middle of the site and from the wall, to the middle of each. Source: handbook 70, Building a
    # group.
    class Arrangement
      # The tallest beside the middle, as a share of the site.
      ASIDE = 0.12
      GAP = 0.015
      AT_WALL = 0.01
      # Middles of what stands, from the wall, as shares of the depth: the first, each further one, the softeners.
      FIRST = 0.38
      FURTHER = 0.09
      FRONT = 0.72

      # @param width_m [Float] of the site
      # @param depth_m [Float] of the surface
      # @param before_m [Float, nil] what the tallest is to hide, from the middle of the site; nil where nothing is
      def initialize(width_m, depth_m, before_m: nil)
        @width = width_m
        @depth = depth_m
        @before = before_m
      end

      # @param things [Array<Array(String, String, Float, Float)>] form, slot, across, deep
      # @return [Array<Array(Float, Float)>] in the order they were given
      def of(things)
        @left = @right = nil
        places = {}
        order(things).each { |i| places[i] = place(things, i) }
        things.each_index.map { |i| places.fetch(i) }
      end

      private

      # Of the line the tallest first; as they were said within a slot.
      def order(things)
        things.each_index.sort_by { |i| [Form::SLOTS.index(things[i][1]), i] }
      end

      def place(things, number)
        _, slot, across, deep = things[number]
        at = case slot
             when "ground" then 0.0
             when "back" then spread(things, number)
             when "softener", "pick" then in_front(things, number)
             else beside(across)
             end
        [at, out(things, number, slot, deep)]
      end

      # Those of a slot side by side about the middle.
      def spread(things, number)
        those = same_slot(things, number)
        (those.index(number) - ((those.size - 1) / 2.0)) * @width / 3.0
      end

      # At the left edge first, then at the right.
      def in_front(things, number)
        side = same_slot(things, number).index(number).even? ? -1 : 1
        side * @width * 0.3
      end

      def same_slot(things, number)
        things.each_index.select { |i| things[i][1] == things[number][1] }
      end

      # To the right of all, then to the left, in turn.
      def beside(across)
        return first(across) if @left.nil?

        @next == :right ? to_right(across) : to_left(across)
      end

      def first(across)
        at = @before || (-@width * ASIDE)
        @left = at - (across / 2.0)
        @right = at + (across / 2.0)
        @next = :right
        at
      end

      def to_right(across)
        at = @right + GAP + (across / 2.0)
        @right = at + (across / 2.0)
        @next = :left
        at
      end

      def to_left(across)
        at = @left - GAP - (across / 2.0)
        @left = at - (across / 2.0)
        @next = :right
        at
      end

      def out(things, number, slot, deep)
        wanted = case slot
                 when "ground" then @depth / 2.0
                 when "back" then AT_WALL + (deep / 2.0)
                 when "softener", "pick" then @depth * FRONT
                 else @depth * (FIRST + (FURTHER * rank(things, number)))
                 end
        half = [deep / 2.0, @depth / 2.0].min
        wanted.clamp(half, @depth - half)
      end

      def rank(things, number)
        line = order(things).select { |i| Form::LINE.include?(things[i][1]) }
        [line.index(number), 4].min
      end
    end
  end
end
