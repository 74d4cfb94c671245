# frozen_string_literal: true

module DeckBough
  module Greenery
    # Two greens and three textures at least, where the stock has them (handbook 50).
    #
    # Part of Building, which gives it what is laid and put already, what is left, and where a stem may sit.
    module Mixing
      # What a mix lacks is put in so often.
      A_FEW = 3
      GREENS = %w[needle scale broadleaf fern].freeze

      private

      # A texture or a green that is lacking and there: a few of it, spread over the run.
      def add_to_mix
        stem = @stems.find do |one|
          lacking?(one) && @counts[one] < [A_FEW, one.on_hand].min && lawful(one).any? && @kg + one.kg <= @most
        end
        return unless stem

        at = freest(lawful(stem))
        set(stem, at)
        reckon_near(at, stem)
      end

      def lacking?(stem)
        others = used.reject { |one| one.style == stem.style }
        texture = others.filter_map(&:texture).uniq.size < @mix[:textures] && others.map(&:texture).none?(stem.texture)
        green = GREENS.include?(stem.texture) &&
                others.select { |one| GREENS.include?(one.texture) }.uniq(&:style).size < @mix[:greens]
        stem.texture && (texture || green)
      end

      def used
        laid = @bodies.map { |body| body[:style] }
        @garlands.select { |garland| laid.include?(garland.style) } + @counts.select { |_, count| count.positive? }.keys
      end
    end
  end
end
