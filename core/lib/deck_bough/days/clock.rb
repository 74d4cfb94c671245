# frozen_string_literal: true

module DeckBough
  module Days
    # Minutes as a clock tells them.
    #
    #   Days::Clock.told(545) # => "9:05"
    module Clock
      DAY_MINUTES = 24 * 60

      module_function

      # @param minutes [Integer] from any midnight
      def told(minutes)
        hours, rest = minutes.modulo(DAY_MINUTES).divmod(60)
        format("%<hours>d:%<minutes>02d", hours: hours, minutes: rest)
      end
    end
  end
end
