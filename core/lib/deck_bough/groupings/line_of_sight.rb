# frozen_string_literal: true

module DeckBough
  module Groupings
    # Up to where an object hides what is behind it (handbook 70, Does it hide it).
    #
    #   Groupings::LineOfSight.hidden_to(eye_m: 1.6, distance_m: 2.0, object_m: 0.4, away_m: 0.5) # => 0.0
    module LineOfSight
      module_function

      # @param eye_m, object_m [Float] heights
      # @param distance_m [Float] from the eye to what is behind
      # @param away_m [Float] from the object to what is behind, less than the distance
      # @return [Float] height
      def hidden_to(eye_m:, distance_m:, object_m:, away_m:)
        object_m - ((eye_m - object_m) * slope(distance_m: distance_m, away_m: away_m))
      end

      # How much the line falls beyond the object for what it falls before it.
      def slope(distance_m:, away_m:)
        away_m / (distance_m - away_m).to_f
      end
    end
  end
end
