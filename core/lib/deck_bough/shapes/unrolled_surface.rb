# frozen_string_literal: true

module DeckBough
  # The visible surface of a tree laid flat: a sector of a disc with the tip at its centre and the hem along its rim.
  #
  #   flat = UnrolledSurface.new(tree)
  #   flat.height_at(flat.rim) # => the hem
  #
  # A point is [reach, turn]: metres from the tip and radians in the plane, 0 in front. On a cone the straight line on
  # the flat sheet is the distance along the tree; a rounded tree is laid flat keeping areas. Source: handbook 30.
  class UnrolledSurface
    attr_reader :surface, :rim, :half

    def initialize(surface)
      @surface = surface
      # How many radians of the flat sheet one radian round the trunk becomes.
      @fold = surface.radius / surface.slant
      @half = surface.arc * @fold / 2
      @rim = Math.sqrt(surface.area / @half)
      @closed = surface.arc_deg >= 360
    end

    # Whether left and right edge are the same line on the tree.
    def closed?
      @closed
    end

    def area
      surface.area
    end

    # The spacing of points that share the surface evenly, were each a square.
    def spacing(count)
      Math.sqrt(area / count)
    end

    def reach_at(height_m)
      rim * Math.sqrt(surface.share_between(height_m, surface.height))
    end

    def height_at(reach)
      surface.height_at_share(1 - [(reach / rim)**2, 1.0].min)
    end

    def angle_deg(turn)
      turn / @fold * 180 / Math::PI
    end

    def turn_of(angle_deg)
      angle_deg * Math::PI / 180 * @fold
    end

    # Brings a turn that ran over the edge back: round the back of a closed surface, else to its edge.
    def within(turn)
      return turn.clamp(-half, half) unless closed?

      ((turn + half) % (2 * half)) - half
    end

    # The square of the distance between two points on the flat sheet, round the back of a closed one where that is
    # nearer.
    def square(reach, turn, other_reach, other_turn)
      apart = (turn - other_turn).abs
      apart = [apart, (2 * half) - apart].min if closed?
      (reach * reach) + (other_reach * other_reach) - (2 * reach * other_reach * Math.cos(apart))
    end

    # Points laid flat, in columns; on a closed surface once more across the edge of their own side, where others may
    # see them nearer.
    #
    # @return [Array<Array<Float>>] x and y; on a closed surface x and y across the edge as well
    def plane(points)
      here = points.map { |reach, turn| [reach * Math.sin(turn), reach * Math.cos(turn)] }.transpose
      return here unless closed?

      across = points.map do |reach, turn|
        copy = turn - ((turn.positive? ? 2 : -2) * half)
        [reach * Math.sin(copy), reach * Math.cos(copy)]
      end
      here + across.transpose
    end

    # Points laid flat one after the other, on a closed surface once more across the edge.
    #
    # @param points [Array<Array(Float, Float)>] reach, turn
    # @return [Array<Array(Float, Float, Integer)>] x, y, index of the point
    def laid_out(points)
      across, along, *behind = plane(points)
      here = (across || []).zip(along || [], 0...points.size)
      behind.empty? ? here : here + behind.first.zip(behind.last, 0...points.size)
    end
  end
end
