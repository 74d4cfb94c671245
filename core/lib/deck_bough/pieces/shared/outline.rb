# frozen_string_literal: true

module DeckBough
  # What of a piece the eye meets from across the room: its outline, how light it is, whether it is lit.
  #
  #   Outline.new(polygons: [[[-0.5, 0.0], [0.5, 0.0], [0.5, 1.0], [-0.5, 1.0]]], area_m2: 1.0, lightness: 40.0,
  #     lit: false, depth_m: 0.2, round: false, middle_m: 0.0).spans_at(0.5)
  #   # => [[-0.5, 0.5]]
  #
  # polygons: in metres, across from the piece's middle and up from the floor; area_m2: of the outline, as its rule has
  # it; lightness: L* of all that is seen of it, greens among it; depth_m: how far it comes into the room; round: the
  # same from every side; middle_m: where its middle is in its portrait.
  Outline = Struct.new(:polygons, :area_m2, :lightness, :lit, :depth_m, :round, :middle_m, keyword_init: true) do
    # As a row keeps it.
    def self.read(document)
      document && new(**document.to_h.transform_keys(&:to_sym))
    end

    def initialize(**)
      super
      freeze
    end

    def left_m
      across.min
    end

    def right_m
      across.max
    end

    def width_m
      right_m - left_m
    end

    def bottom_m
      up.min
    end

    def top_m
      up.max
    end

    # What of it is crossed at a height.
    #
    # @return [Array<Array(Float, Float)>] left and right of each stretch, from its middle
    def spans_at(height)
      polygons.flat_map { |polygon| crossed(polygon, height).sort.each_slice(2).select { |span| span.size == 2 } }
    end

    # How far it reaches from its middle at a height; 0 where there is none of it.
    def half_at(height)
      spans_at(height).flatten.map(&:abs).max || 0.0
    end

    # @return [Array(Float, Float)] the middle of its outline, across and up
    def centre
      [(left_m + right_m) / 2, (bottom_m + top_m) / 2]
    end

    private

    def across
      polygons.flat_map { |polygon| polygon.map(&:first) }
    end

    def up
      polygons.flat_map { |polygon| polygon.map(&:last) }
    end

    def crossed(polygon, height)
      polygon.zip(polygon.rotate).filter_map do |(ax, ay), (bx, by)|
        ax + ((height - ay) * (bx - ax) / (by - ay)) if (ay > height) != (by > height)
      end
    end
  end
end
