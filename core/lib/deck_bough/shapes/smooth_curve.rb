# frozen_string_literal: true

module DeckBough
  # A smooth curve through points that rises and falls only where they do.
  #
  #   SmoothCurve.new([[0, 0.1], [1, 0.3], [2, 0.3]]).at(1.5) # => 0.3
  #
  # Cubic between neighbours, slopes limited (Fritsch and Carlson) so that nothing overshoots. Level beyond the ends.
  class SmoothCurve
    # @param points [Array<Array(Numeric, Numeric)>] at least one; of two at the same place the later counts
    def initialize(points)
      @points = points.to_h { |at, value| [at.to_f, value.to_f] }.sort
      @slopes = slopes
    end

    def at(place)
      return @points.first.last if place <= @points.first.first
      return @points.last.last if place >= @points.last.first

      i = @points.rindex { |at, _| at <= place }
      between(i, place)
    end

    private

    def between(index, place)
      (left, from), (right, to) = @points[index, 2]
      width = right - left
      t = (place - left) / width
      (from * (1 + (2 * t)) * ((1 - t)**2)) + (@slopes[index] * width * t * ((1 - t)**2)) +
        (to * (t**2) * (3 - (2 * t))) + (@slopes[index + 1] * width * (t**2) * (t - 1))
    end

    def slopes
      secants = @points.each_cons(2).map { |(left, from), (right, to)| (to - from) / (right - left) }
      return [0.0] * @points.size if secants.empty?

      inner = secants.each_cons(2).map do |before, after|
        before * after <= 0 ? 0.0 : 2 * before * after / (before + after)
      end
      [secants.first, *inner, secants.last]
    end
  end
end
