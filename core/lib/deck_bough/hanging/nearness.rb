# frozen_string_literal: true

module DeckBough
  module Hanging
    # How much every two sites of a surface weigh upon each other: one over the fourth power of their distance, in m.
    #
    #   Hanging::Nearness.between(UnrolledSurface.new(TreeSurface.new(height_m: 2.4, spread_m: 1.4, hem_m: 0.2,
    #                                                                 arc_deg: 360)),
    #                             [[0.5, 0.0], [1.0, 0.0]])
    #   # => [[0.0, 16.0], [16.0, 0.0]]
    #
    # Asked of every two of some hundred, hence by counting.
    module Nearness
      # Nothing lies nearer than this, square metres.
      NEAREST = 1e-8

      module_function

      # @param spots [Array<Array(Float, Float)>] reach in m, turn in radians
      # @return [Array<Array<Float>>] a row for each; 0 with itself
      def between(flat, spots)
        table = Array.new(spots.size) { Array.new(spots.size, 0.0) }
        here_x, here_y, behind_x, behind_y = flat.plane(spots)
        spots.size.times do |one|
          squares(here_x, here_y, one, row = table[one])
          nearer(behind_x, behind_y, here_x[one], here_y[one], row, one) if behind_x
          weigh(table, one)
        end
        table
      end

      # The squares of the distances to those after it.
      def squares(across, along, one, row)
        size = row.size
        other = one + 1
        while other < size
          dx = across[other] - across[one]
          dy = along[other] - along[one]
          row[other] = (dx * dx) + (dy * dy)
          other += 1
        end
      end

      # Where it is nearer across the edge of a closed surface.
      def nearer(across, along, here_across, here_along, row, one)
        size = row.size
        other = one + 1
        while other < size
          dx = across[other] - here_across
          dy = along[other] - here_along
          square = (dx * dx) + (dy * dy)
          row[other] = square if square < row[other]
          other += 1
        end
      end

      def weigh(table, one)
        row = table[one]
        size = row.size
        other = one + 1
        while other < size
          square = row[other]
          square = NEAREST if square < NEAREST
          table[other][one] = row[other] = 1.0 / (square * square)
          other += 1
        end
      end
      private_class_method :squares, :nearer, :weigh
    end
  end
end
