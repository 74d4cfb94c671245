# frozen_string_literal: true

require "digest"

module DeckBough
  module Server
    module StandIns
      # A plug-in power meter, simulated: the interface a real one would have, and readings that are always the same for
      # a string.
      #
      #   PowerMeter.new.read("String 3", watts: 12.0, bulbs: 100) # => { watts: 11.64, dead_bulbs: 3 }
      #
      # A real meter would take the same call: the label of the plugged-in string and what its own label says.
      class PowerMeter
        # Of twelve strings one is dead as a whole and three have a few dead bulbs.
        LOT = 12
        COMMON_WATTS_A_BULB = 0.07

        # @param watts [Float, nil] by the label, @param bulbs [Integer, nil]
        # @return [Hash] watts (W), dead_bulbs
        def read(label, watts:, bulbs:)
          bulbs ||= 100
          lot = Digest::SHA256.digest(label.strip.downcase).bytes
          dead = dead_bulbs(lot, bulbs)
          alive = (bulbs - dead).fdiv(bulbs)
          { watts: ((watts || (bulbs * COMMON_WATTS_A_BULB)) * alive * (0.97 + (lot[2] % 7 / 100.0))).round(2),
            dead_bulbs: dead }
        end

        private

        def dead_bulbs(lot, bulbs)
          case lot[0] % LOT
          when 0 then bulbs
          when 1..3 then [1 + (lot[1] % 6), bulbs].min
          else 0
          end
        end
      end
    end
  end
end
