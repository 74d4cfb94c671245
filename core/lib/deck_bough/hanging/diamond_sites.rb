# frozen_string_literal: true

module DeckBough
  module Hanging
    # A net of diamonds: staggered rows with as many columns in each, so that cells widen downwards.
    #
    #   DiamondSites.new(flat, crown_reach: 0.16, closest_m: 0.07).call(96).size # => 96
    #
    # Rows lie further apart the wider they are, so every cell has the same shape. Near the tip columns run together;
    # where neighbours would touch, every second column ends. Source: handbook 30, Patterns.
    class DiamondSites
      # Height of a cell over its width, and how far it may be stretched to come out with the wanted number.
      CELL = 1.25
      STRETCHES = (50..170).map { |percent| percent / 100.0 }.reverse.freeze
      # The first row hangs this part of a row above the hem.
      FROM_HEM = 0.35
      MOST_COLUMNS = 60

      def initialize(flat, crown_reach:, closest_m:)
        @flat = flat
        # Even without a crown the net ends where one more ring would be a point.
        @crown = [crown_reach, closest_m].max
        @closest = closest_m
      end

      # @param wanted [Integer] how many sites
      # @return [Array<Array(Float, Float)>] reach in m, turn in radians; from the hem up
      def call(wanted)
        rows = rows_of(wanted)
        spots = rows.each_with_index.map { |(reach, columns), i| row(reach, columns, i.odd?) }
        over = spots.sum(&:size) - wanted
        # Too many by less than a row: the topmost row, where they crowd, lets go of some, evenly.
        top = spots.pop
        spots.flatten(1) +
          top.each_with_index.reject { |_, i| ((i + 1) * over / top.size) > (i * over / top.size) }.map(&:first)
      end

      private

      # The net whose cells are nearest to the wanted shape.
      def rows_of(wanted)
        nets = (2..[wanted, MOST_COLUMNS].min).filter_map do |columns|
          stretch = STRETCHES.find { |by| net(columns, by).sum(&:last) >= wanted }
          stretch && [net(columns, stretch), (stretch - 1).abs]
        end
        trimmed(nets.empty? ? single(wanted) : nets.min_by(&:last).first, wanted)
      end

      def single(wanted)
        [[(@flat.rim + @crown) / 2, wanted]]
      end

      # Whole rows that are too many at the top.
      def trimmed(rows, wanted)
        rows = rows[0..-2] while rows.size > 1 && rows.sum(&:last) - rows.last.last >= wanted
        rows
      end

      # @return [Array<Array(Float, Integer)>] reach and columns of each row from the hem up
      def net(columns, stretch)
        rows = []
        reach = @flat.rim * Math.exp(-FROM_HEM * rise(columns, stretch))
        full = columns
        while reach > @crown
          columns = (full / 2.0).ceil if 2 * @flat.half * reach / full < @closest
          rows << [reach, columns]
          reach *= Math.exp(-rise(columns, stretch))
        end
        rows
      end

      def rise(columns, stretch)
        CELL * stretch * @flat.half / columns
      end

      def row(reach, columns, shifted)
        Array.new(columns) { |i| [reach, (((i + (shifted ? 0.75 : 0.25)) / columns * 2) - 1) * @flat.half] }
      end
    end
  end
end
