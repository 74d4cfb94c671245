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

    def initialize
      @shapes = []
      @dots = []
    end

    def area(part, points)
      @shapes << { part: part, closed: true, points: points.map { |point| rounded(point) } }
    end

    def line(part, points)
      @shapes << { part: part, closed: false, points: points.map { |point| rounded(point) } }
    end

    # @param radius [Float] drawn no smaller than can be seen
    def dot(x, y, radius, colour)
      @dots << { x_m: x.round(PLACES), y_m: y.round(PLACES), r_m: [radius, LEAST_DOT].max.round(3), colour: colour }
    end

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
      dot(thing.left_m, (foot + top) / 2.0, [thing.across_m, thing.height_m].min / 2.5, thing.colour)
    end

    # @return [Hash] left_m, right_m, top_m, shapes, dots
    def to_h
      across, up = @shapes.flat_map { |shape| shape[:points] }.transpose
      { left_m: across.min, right_m: across.max, top_m: up.max, shapes: @shapes, dots: @dots }
    end

    private

    def rounded(point)
      point.map { |metres| metres.to_f.round(PLACES) }
    end
  end
end
