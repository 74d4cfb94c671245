# frozen_string_literal: true

module DeckBough
  # The ceiling of a room along the wall a tree stands at: flat, or sloping from left to right.
  #
  #   Ceiling.new(left_m: 2.2, right_m: 3.6, width_m: 5.0).lowest_above(2.5, 1.0) # => 2.76, over the left edge
  #
  # Source: handbook 10, Fit: the lowest ceiling above the spread counts.
  Ceiling = Struct.new(:left_m, :right_m, :width_m, keyword_init: true) do
    def initialize(**)
      super
      freeze
    end

    def flat?
      left_m == right_m
    end

    def height_at(from_left_m)
      left_m + ((right_m - left_m) * (from_left_m / width_m).clamp(0.0, 1.0))
    end

    def lowest_above(from_left_m, spread_m)
      [height_at(from_left_m - (spread_m / 2.0)), height_at(from_left_m + (spread_m / 2.0))].min
    end
  end
end
