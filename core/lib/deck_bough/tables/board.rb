# frozen_string_literal: true

module DeckBough
  module Tables
    # The top of a table and who sits where round it.
    #
    #   Tables::Board.new(shape: "rectangle", length_m: 2.2, width_m: 1.1, ends: 2).seats(4).map(&:facing)
    #   # => [90, 270, 0, 180]
    #
    # Metres along from its left end and across from its near edge. facing: where who sits there looks, degrees: 0 to
    # the right end, 90 to the far side. ends: how many ends are laid, nil for as many as are needed.
    class Board
      Seat = Struct.new(:number, :at_m, :out_m, :facing, keyword_init: true) do
        # How far something begins before this seat, and whether it lies within so much to either side of it.
        #
        # @param spot [Spot]
        # @return [Float, nil] metres from the edge; nil where it is in nobody's way here
        def free_before(spot, half)
          cos = Math.cos(facing * Math::PI / 180)
          sin = Math.sin(facing * Math::PI / 180)
          across = spot.at_m - at_m
          along = spot.out_m - out_m
          aside = ((along * cos) - (across * sin)).abs - spot.half(sin, cos)
          aside < half - 1e-9 ? (across * cos) + (along * sin) - spot.half(cos, sin) : nil
        end
      end

      # What lies or stands on the top: what it is called, its middle and how far it reaches.
      Spot = Struct.new(:name, :at_m, :out_m, :long_m, :wide_m, :round, keyword_init: true) do
        # Half of what it measures in a direction.
        def half(along, across)
          return long_m / 2.0 if round

          ((long_m * along.abs) + (wide_m * across.abs)) / 2.0
        end
      end

      attr_reader :shape, :length_m, :width_m

      # @param ends [Integer, nil] laid ends; of a round table none
      # @param side [Integer, nil] how many have room along one side, where ends are laid as they are needed
      # @param most_ends [Integer] how many ends there is room at
      def initialize(shape:, length_m:, width_m:, ends: nil, side: nil, most_ends: 2)
        @shape = shape
        @length_m = length_m
        @width_m = width_m
        @ends = ends
        @side = side
        @most_ends = most_ends
      end

      def round?
        shape == "round"
      end

      # How many ends so many guests lay.
      def laid_ends(guests)
        return 0 if round?

        [@ends || (@side ? (guests - (2 * @side)).clamp(0, @most_ends) : 0), guests].min
      end

      # How many sit along each long side, the near one first.
      #
      # @return [Array(Integer, Integer)]
      def along(guests)
        rest = guests - laid_ends(guests)
        [(rest / 2.0).ceil, rest / 2]
      end

      # From one middle of a place to the next.
      def apart_m(guests)
        round? ? Math::PI * length_m / guests : length_m / [along(guests).first, 1].max.to_f
      end

      # @return [Array<Seat>] the near side from the left, the far one, the ends
      def seats(guests)
        placed = round? ? round_seats(guests) : sides(guests) + ends(guests)
        placed.each_with_index.map do |(at, out, facing), i|
          Seat.new(number: i + 1, at_m: at, out_m: out, facing: facing)
        end
      end

      # How deep the table is before a seat: up to its middle.
      def half_before(seat)
        [0, 180].include?(seat.facing) && !round? ? length_m / 2.0 : width_m / 2.0
      end

      private

      def sides(guests)
        [0.0, width_m].zip(along(guests), [90, 270]).flat_map do |out, count, facing|
          Array.new(count) { |i| [length_m * (i + 0.5) / count, out, facing] }
        end
      end

      def ends(guests)
        [[0.0, width_m / 2.0, 0], [length_m, width_m / 2.0, 180]].first(laid_ends(guests))
      end

      def round_seats(guests)
        half = length_m / 2.0
        Array.new(guests) do |i|
          turn = 270 + (360.0 * i / guests)
          [half + (half * Math.cos(turn * Math::PI / 180)), half + (half * Math.sin(turn * Math::PI / 180)),
           (turn - 180) % 360]
        end
      end
    end
  end
end
