# frozen_string_literal: true

module DeckBough
  # A piece drawn with a few strokes, for lists: its silhouette in metres and the colours that lead, all of it small.
  #
  #   Portrait.new.tap { |one| one.area("foliage", [[-0.7, 0.2], [0.7, 0.2], [0, 2.4]]) }.to_h[:top_m] # => 2.4
  #
  # x from the middle of a tree or the left end of a run, y from the floor. Parts: foliage, foot, topper, wood (what
  # carries it), dark (a firebox), line.
  class Portrait
    # A list shows centimetres at most.
    PLACES = 2
    LEAST_DOT = 0.04
    # What strays less from a straight stroke is on it, metres: half of what a list shows.
    STRAIGHT = 0.005

    def initialize
      @shapes = []
      @dots = []
      @sites = []
    end

    def area(part, points)
      @shapes << { part: part, closed: true, points: strokes(points) }
    end

    def line(part, points)
      @shapes << { part: part, closed: false, points: strokes(points) }
    end

    # @param radius [Float] drawn no smaller than can be seen
    # @param style [Style, nil] what is there, where it is one thing and not only its colour
    def dot(x, y, radius, colour, style: nil)
      site(x, y, radius, style)
      @dots << { x_m: x.round(PLACES), y_m: y.round(PLACES), r_m: [radius, LEAST_DOT].max.round(3), colour: colour }
    end

    # Where a thing is, whether it is drawn or not.
    def site(x, y, radius, style)
      return unless style&.id

      @sites << { style: style.id, x_m: x.round(PLACES), y_m: y.round(PLACES), r_m: [radius, LEAST_DOT].max.round(3) }
    end

    # @return [Array<Hash>] style (id), x_m, y_m, r_m of every thing that has a place of its own
    attr_reader :sites

    # Something that stands: as large as it is, with its colour.
    #
    # @param thing [Groupings::Standing]
    # @param above [Float] what it stands on, above the floor
    def standing(thing, above = 0)
      left = thing.from_m
      right = thing.to_m
      foot = above + thing.foot_m
      top = above + thing.top_m
      area("foliage", [[left, foot], [right, foot], [right, top], [left, top]])
      dot(thing.left_m, (foot + top) / 2.0, [thing.across_m, thing.height_m].min / 2.5, thing.colour,
          style: thing.style)
    end

    # @return [Hash] left_m, right_m, top_m, shapes, dots
    def to_h
      across, up = @shapes.flat_map { |shape| shape[:points] }.transpose
      { left_m: across.min, right_m: across.max, top_m: up.max, shapes: @shapes, dots: @dots }
    end

    private

    def strokes(points)
      corners(points).map { |point| rounded(point) }
    end

    # Only where a stroke turns: a desk shows hundreds of portraits.
    def corners(points)
      from, to = points.values_at(0, -1)
      turn = (1...(points.size - 1)).max_by { |i| astray(points[i], from, to) }
      return points if turn.nil?
      return [from, to] if astray(points[turn], from, to) < STRAIGHT

      corners(points[..turn]) + corners(points[turn..]).drop(1)
    end

    # How far a point lies from the stroke between two others, metres.
    def astray((x, y), (from_x, from_y), (to_x, to_y))
      across = to_x - from_x
      up = to_y - from_y
      long = (across**2) + (up**2)
      along = long.zero? ? 0 : ((((x - from_x) * across) + ((y - from_y) * up)) / long).clamp(0, 1)
      Math.hypot(x - from_x - (along * across), y - from_y - (along * up))
    end

    def rounded(point)
      point.map { |metres| metres.to_f.round(PLACES) }
    end
  end
end
