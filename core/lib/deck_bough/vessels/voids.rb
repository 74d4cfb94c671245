# frozen_string_literal: true

module DeckBough
  module Vessels
    # The room between balls in a round vessel: more at the glass than in the middle, so more in a narrow one.
    #
    #   Vessels::Voids.share(220, 70).round(3) # => 0.485
    #
    # Source: handbook 70, Vessels.
    module Voids
      # Of balls poured into something without walls, and what walls add.
      LOOSE = 0.39
      AT_WALLS = 1.74
      WIDTH = 1.14

      module_function

      # @return [Float] 0 to 1
      def share(vessel_mm, ball_mm)
        LOOSE + (AT_WALLS / (((vessel_mm / ball_mm.to_f) + WIDTH)**2))
      end

      # @return [Float] litres of one ball
      def ball_litres(ball_mm)
        Math::PI * ((ball_mm / 100.0)**3) / 6
      end

      # @return [Integer] balls that come to so many litres
      def count(litres, ball_mm, void)
        ((1 - void) * litres / ball_litres(ball_mm)).floor
      end
    end
  end
end
