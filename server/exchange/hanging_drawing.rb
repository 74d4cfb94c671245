# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # The hanging map laid flat on a sheet: where tier lines, clock lines and ornaments are drawn, in units of the
      # sheet.
      #   HangingDrawing.new(map, width: 520, height: 340).spot(1.2, 0)
      #   # => [260.0, 210.4], x to the right and y down from the top left
      #
      # The tip lies above, the front runs straight down.
      class HangingDrawing
        RADIANS = Math::PI / 180

        attr_reader :scale

        # @param map [Hash] of HangingSheet
        def initialize(map, width:, height:)
          @flat = map[:flat]
          half = @flat[:half_deg]
          across = half >= 90 ? 1.0 : Math.sin(half * RADIANS)
          # A sector wider than a half disc also reaches up beside its tip.
          above = half > 90 ? -Math.cos(half * RADIANS) : 0.0
          @scale = [width / (2 * across), height / (1 + above)].min / @flat[:rim_m]
          @left = width / 2.0
          @top = above * @flat[:rim_m] * @scale
        end

        def spot(reach_m, turn_deg)
          [@left + (reach_m * Math.sin(turn_deg * RADIANS) * scale),
           @top + (reach_m * Math.cos(turn_deg * RADIANS) * scale)]
        end

        # Points along a line of one reach, from the left edge to the right.
        def arc(reach_m, steps = 48)
          (0..steps).map { |i| spot(reach_m, ((i * 2.0 / steps) - 1) * @flat[:half_deg]) }
        end

        def outline
          [spot(0, 0), *arc(@flat[:rim_m])]
        end
      end
    end
  end
end
