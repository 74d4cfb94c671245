# frozen_string_literal: true

module DeckBough
  module Wreaths
    # Places on a ring as the clock tells them.
    #
    #   Wreaths::Clock.told(9.25) # => "9:15"
    module Clock
      module_function

      # @param hour [Numeric] 0 and 12 are the top
      def told(hour)
        minutes = (hour * 60).round % 720
        format("%d:%02d", (minutes / 60).zero? ? 12 : minutes / 60, minutes % 60)
      end
    end
  end
end
