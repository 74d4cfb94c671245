# frozen_string_literal: true

module DeckBough
  module Greenery
    # What there is of one garland: whole pieces, and what was cut off them at a stem joint, which fills a short
    # stretch.
    #
    #   supply = Greenery::Supply.new(piece_m: 1.8, pieces: 2, join_m: 0.1, joint_m: 0.18)
    #   supply.take(2.6) # => 2, whole pieces; 0.90 m are over, 0.90 m of it can be cut off
    #   supply.take(0.8) # => 0, out of what was cut off
    #
    # Metres. Source: handbook 50, Pieces.
    class Supply
      NEAR = 1e-9

      attr_reader :offcuts

      # @param pieces [Integer, Float] Float::INFINITY when it may be bought
      def initialize(piece_m:, pieces:, join_m:, joint_m:, offcuts: [])
        @piece = piece_m
        @pieces = pieces
        @join = join_m
        @joint = joint_m
        @offcuts = offcuts
      end

      # The longest stretch that can still be laid in one.
      def reach
        [@offcuts.max || 0.0, @pieces.positive? ? (@pieces * @piece) - ((@pieces - 1) * @join) : 0.0].max
      end

      # @return [Boolean] whether a stretch of this length can be laid
      def enough?(length_m)
        length_m <= reach + NEAR
      end

      # Lays a stretch: from an offcut where one is long enough, else from whole pieces.
      #
      # @return [Integer] whole pieces taken
      def take(length_m)
        off = @offcuts.select { |one| one >= length_m - NEAR }.min
        return cut_from(off, length_m) if off

        count = [((length_m - @join) / (@piece - @join)).round(9).ceil, 1].max
        @pieces -= count
        keep((count * @piece) - ((count - 1) * @join) - length_m)
        count
      end

      private

      def cut_from(off, length_m)
        @offcuts.delete_at(@offcuts.index(off))
        keep(off - length_m)
        0
      end

      def keep(over)
        off = Offcut.of(over, @joint)
        @offcuts << off if off.positive?
      end
    end
  end
end
