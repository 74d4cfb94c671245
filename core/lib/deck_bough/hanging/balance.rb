# frozen_string_literal: true

module DeckBough
  module Hanging
    # What the eye weighs of a deal: whether each colour hangs on both sides and in every third of the height, whether
    # the heroes are all at the hem, whether top and bottom carry alike.
    #
    # It takes a deal in (count), says how many faults the eye finds (faults) and how many fewer they would be, were the
    # kinds of two sites swapped (gain).
    #
    #   Hanging::Balance.most_on_a_side(8, HouseRules.default) # => 4
    #
    # Step back looks with the same limits. Source: handbook 30, Step-back check.
    class Balance
      # A colour so few of which hang has no sides.
      FEWEST = 4
      # So many of a colour can hang in every third.
      FOR_THIRDS = 6
      THIRDS = 3
      # Kept back from the limit at which step back speaks.
      MARGIN = 0.01

      Site = Struct.new(:right, :third, :upper)
      Kind = Struct.new(:colour, :weight, :hero)

      # @return [Integer] the most of so many of a colour that may hang on one side
      def self.most_on_a_side(count, house)
        [(house["tree.lopsided"] * count).floor, (count / 2.0).ceil].max
      end

      # @param sites [Array<Site>] by number
      # @param kinds [Array<Kind>] by number; a colour of nil is not looked at
      # @param fixed [Array<Array(Site, Kind)>] what hangs already and stays
      # @param weighed [Boolean] whether top and bottom are to carry alike
      def initialize(sites, kinds, house:, fixed: [], weighed: true)
        @sites = sites
        @kinds = kinds
        @fixed = fixed
        @house = house
        @weighed = weighed
      end

      # @param may [Proc] kind and site → whether it may hang there
      def count(dealt, &)
        @dealt = dealt
        @sides = Hash.new { |hash, colour| hash[colour] = [0, 0] }
        @thirds = Hash.new { |hash, colour| hash[colour] = [0] * THIRDS }
        @heroes = [0] * THIRDS
        @weights = [0.0, 0.0]
        @fixed.each { |site, kind| put(site, kind, 1) }
        dealt.each_with_index { |kind, i| put(@sites[i], @kinds[kind], 1) }
        @open = open_thirds(&)
        self
      end

      def faults
        @thirds.keys.sum { |colour| of_colour(colour) } + of_heroes + of_weights
      end

      # @return [Float] how many fewer faults a swap would leave
      def gain(one, other)
        before = near(one, other)
        swap(one, other)
        gain = before - near(one, other)
        swap(one, other)
        gain
      end

      # Sites whose kind a swap would have to take away.
      def wrong
        @sites.each_index.select do |i|
          kind = @kinds[@dealt[i]]
          (kind.colour && of_colour(kind.colour).positive?) || (kind.hero && of_heroes.positive?) ||
            of_weights.positive?
        end
      end

      def swap(one, other)
        [[one, @dealt[one], -1], [other, @dealt[other], -1], [one, @dealt[other], 1],
         [other, @dealt[one], 1]].each { |site, kind, by| put(@sites[site], @kinds[kind], by) }
        @dealt[one], @dealt[other] = @dealt[other], @dealt[one]
      end

      private

      def put(site, kind, by)
        if kind.colour
          @sides[kind.colour][site.right ? 1 : 0] += by
          @thirds[kind.colour][site.third] += by
        end
        @heroes[site.third] += by if kind.hero
        @weights[site.upper ? 1 : 0] += by * kind.weight
      end

      def near(one, other)
        colours = [@kinds[@dealt[one]].colour, @kinds[@dealt[other]].colour].compact.uniq
        colours.sum { |colour| of_colour(colour) } + of_heroes + of_weights
      end

      def of_colour(colour)
        left, right = @sides[colour]
        count = left + right
        return 0 if count < FEWEST

        over = [[left, right].max - self.class.most_on_a_side(count, @house), 0].max
        count < FOR_THIRDS ? over : over + @open[colour].count { |third| @thirds[colour][third].zero? }
      end

      def of_heroes
        @heroes.sum > 1 && @heroes[1..].sum.zero? ? 1 : 0
      end

      # In ornaments of middling weight too many.
      def of_weights
        return 0.0 unless @weighed

        total = @weights.sum
        over = ((@weights[1] / total) - 0.5).abs - (@house["tree.heavy_half"] - MARGIN)
        over.positive? ? over * @dealt.size : 0.0
      end

      # Where each colour may hang at all.
      def open_thirds
        kinds = @kinds.each_index.group_by { |kind| @kinds[kind].colour }
        thirds = @sites.each_index.group_by { |site| @sites[site].third }
        kinds.transform_values do |own|
          thirds.select { |_, sites| sites.any? { |site| own.any? { |kind| yield kind, site } } }.keys
        end
      end
    end
  end
end
