# frozen_string_literal: true

module DeckBough
  # Points of an unrolled surface sorted into squares, so that what lies near is found without asking all.
  #
  #   near = Neighbourhood.new(flat, points, cell: flat.spacing(points.size))
  #   near.nearest_of(0) # => [distance in m, index of the nearest other point]
  class Neighbourhood
    # @param points [Array<Array(Float, Float)>] reach in m, turn in radians
    # @param cell [Float] side of a square in m
    def initialize(flat, points, cell:)
      @flat = flat
      @points = points
      @cell = cell
      @squares = Hash.new { |squares, key| squares[key] = [] }
      flat.laid_out(points).each { |spot| @squares[key(spot[0], spot[1])] << spot }
      @squares.default_proc = nil
    end

    # @return [Array(Float, Integer), nil] distance and index of the nearest other point
    def nearest_of(index)
      reach, turn = @points[index]
      nearest(reach * Math.sin(turn), reach * Math.cos(turn), except: index)
    end

    # @return [Array(Float, Integer), nil] the nearest point to a spot of the flat sheet
    def nearest(x, y, except: nil)
      best = Float::INFINITY
      found = nil
      ring = 0
      # A point in the next ring of squares is at least `ring` cells away.
      while best > (ring - 1) * @cell && ring <= RINGS
        each_in_ring((x / @cell).floor, (y / @cell).floor, ring) do |spot|
          next if spot[2] == except

          across = spot[0] - x
          along = spot[1] - y
          square = (across * across) + (along * along)
          if square < best * best
            best = Math.sqrt(square)
            found = spot[2]
          end
        end
        ring += 1
      end
      found ? [best, found] : nil
    end

    RINGS = 64

    private

    def key(x, y)
      ((x / @cell).floor << 20) + (y / @cell).floor
    end

    # Asked for so often that it goes by counting, and over the edge of the ring alone.
    def each_in_ring(column, row, ring, &)
      across = column - ring
      while across <= column + ring
        inside = ring.positive? && (across - column).abs < ring
        along = row - ring
        while along <= row + ring
          @squares[(across << 20) + along]&.each(&)
          along += inside ? 2 * ring : 1
        end
        across += 1
      end
    end
  end
end
