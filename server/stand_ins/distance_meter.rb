# frozen_string_literal: true

require "digest"

module DeckBough
  module Server
    module StandIns
      # A distance meter, simulated: readings come one after the other as somebody presses its button, always the same
      # ones from the same device. A real one would answer the same call with what it read since.
      #
      #   DistanceMeter.new("wren").after(3) # => { number: 4, metres: 2.847 }
      class DistanceMeter
        # From across a mantel to along a hall, to the millimetre.
        NEAREST_MM = 300
        FARTHEST_MM = 6_000

        # @param device [String] which one it is
        def initialize(device)
          @device = device
        end

        # @param number [Integer] of the last reading that is known
        # @return [Hash] number, metres
        def after(number)
          bytes = Digest::SHA256.digest("#{@device} #{number + 1}").unpack1("N")
          { number: number + 1, metres: (NEAREST_MM + (bytes % (FARTHEST_MM - NEAREST_MM))) / 1000.0 }
        end
      end
    end
  end
end
