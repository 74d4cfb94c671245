# frozen_string_literal: true

module DeckBough
  module Seasons
    # What goes onto the surfaces that stand empty after a strike, so that the house does not look sad: something that
    # stands up, something low, something green, and one warm accent that carries on from surface to surface.
    #
    #   Seasons::Bridge.new(["Mantel"], []).plan # => { accent: nil, surfaces: [{ surface: "Mantel", things: [] }] }
    #
    # Every thing is used as often as there is of it; what there is most of goes first, so that it repeats.
    # Source: handbook 90, After the day.
    class Bridge
      TALL = %w[candle lantern vessel bundle tree].freeze
      LOW = %w[bowl basket tray cloth block].freeze
      GREENS = %w[stem garland].freeze
      ROLES = %i[tall low green].freeze
      # Colours between red and yellow, strong enough to warm, in degrees and distance from grey.
      WARM = (25.0..95.0)
      STRONG = 40
      private_constant :TALL, :LOW, :GREENS, :WARM, :STRONG

      # @param surfaces [Array] whatever names each, those seen first first
      # @param stock [Array<Hash>] style, kind, shape, colour, free: what of the winter stock is free then
      def initialize(surfaces, stock)
        @surfaces = surfaces
        @stock = stock
        @left = stock.to_h { |thing| [thing[:style], thing[:free].floor] }
      end

      # @return [Hash] accent (style or nil), surfaces: surface, things (style, role)
      def plan
        { accent: accent && accent[:style], surfaces: @surfaces.map { |one| { surface: one, things: things } } }
      end

      private

      # One of each role, then the accent.
      def things
        found = ROLES.filter_map { |role| take(of(role), role) }
        warm = accent && take([accent], :accent)
        found.empty? || warm.nil? ? found : [*found, warm]
      end

      def take(candidates, role)
        thing = candidates.find { |one| @left[one[:style]].positive? } or return
        @left[thing[:style]] -= 1
        { style: thing[:style], role: role }
      end

      def of(role)
        @of ||= ROLES.to_h do |one|
          [one, @stock.select { |thing| role?(thing, one) && thing != accent }
                      .sort_by { |thing| [-thing[:free], thing[:style]] }]
        end
        @of.fetch(role)
      end

      def role?(thing, role)
        case role
        when :tall then TALL.include?(thing[:shape])
        when :low then LOW.include?(thing[:shape])
        else GREENS.include?(thing[:kind])
        end
      end

      # The warm thing there is most of.
      def accent
        return @accent if defined?(@accent)

        @accent = @stock.select { |thing| thing[:colour] && thing[:free] >= 1 && warm?(Lab.of(thing[:colour])) }
                        .min_by { |thing| [-thing[:free], thing[:style]] }
      end

      def warm?(lab)
        lab.chroma > STRONG && WARM.cover?(Math.atan2(lab.b, lab.a) * 180 / Math::PI)
      end
    end
  end
end
