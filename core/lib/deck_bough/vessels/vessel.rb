# frozen_string_literal: true

module DeckBough
  module Vessels
    # What holds a fill: how much goes in up to its line, and how far the middle of a ball may be from its middle.
    #
    #   Vessels::Vessel.new(shape: "cylinder", across_m: 0.20, filled_m: 0.22).litres.round(1) # => 6.9
    #
    # shape: cylinder, bowl (a part of a ball, across_m at its line), box (across_m × deep_m), or litres (measured with
    # water; drawn as a cylinder as high as it is wide). Metres, litres. Source: handbook 70, Vessels.
    Vessel = Struct.new(:shape, :across_m, :deep_m, :filled_m, :measured_litres, keyword_init: true) do
      def initialize(deep_m: nil, filled_m: nil, measured_litres: nil, **)
        super
        freeze
      end

      def litres
        1000 * volume
      end

      # As wide as the round vessel that its narrower side would be: balls meet that wall first.
      def inside_m
        shape == "box" ? [across_m, deep_m].min : across_m
      end

      # How high it is filled.
      def line_m
        shape == "litres" ? measured_litres / 1000.0 / (Math::PI * (across_m**2) / 4) : filled_m
      end

      # The nearest place for the middle of a ball that is inside; what is poured in is heaped a little above the line.
      #
      # @return [Array(Float, Float, Float)] across, deep, up, from the middle of its foot
      def inside(across, deep, up, radius)
        return in_bowl(across, deep, up, radius) if shape == "bowl"

        across, deep = shape == "box" ? in_box(across, deep, radius) : in_ring(across, deep, (across_m / 2) - radius)
        [across, deep, up.clamp(radius, line_m + (Vessel::HEAPED * radius))]
      end

      private

      def volume
        case shape
        when "litres" then measured_litres / 1000.0
        when "box" then across_m * deep_m * filled_m
        when "bowl" then Math::PI * filled_m * ((3 * ((across_m / 2.0)**2)) + (filled_m**2)) / 6
        else Math::PI * (across_m**2) / 4 * filled_m
        end
      end

      def in_box(across, deep, radius)
        [across_m, deep_m].zip([across, deep]).map do |wide, at|
          room = [(wide / 2) - radius, 0].max
          at.clamp(-room, room)
        end
      end

      def in_ring(across, deep, room)
        away = Math.hypot(across, deep)
        room = [room, 0.0].max
        away > room ? [across * room / away, deep * room / away] : [across, deep]
      end

      # Its glass is a part of a ball whose middle is over its foot.
      def in_bowl(across, deep, up, radius)
        top = line_m + (2 * Vessel::HEAPED * radius)
        room = [curve_m - radius, 0.0].max
        away = Math.sqrt((across**2) + (deep**2) + ((up - curve_m)**2))
        share = away > room ? room / away : 1.0
        up = curve_m + ((up - curve_m) * share)
        return [across * share, deep * share, up] if up <= top

        [*in_ring(across, deep, Math.sqrt([(room**2) - ((top - curve_m)**2), 0.0].max)), top]
      end

      def curve_m
        (((across_m / 2.0)**2) + (filled_m**2)) / (2 * filled_m)
      end
    end

    # Middles of balls may be above the line by so much of their radius; in a bowl twice as far.
    Vessel::HEAPED = 0.5
    Vessel::SHAPES = %w[cylinder bowl box litres].freeze
  end
end
