# frozen_string_literal: true

module DeckBough
  # The same wreath, or wall of them, with a style more among what goes on the sites.
  #
  # Part of a plan with settings that have layers.
  module RingSites
    # @return [Hash, nil] settings, unchecked, with a style more on the sites
    def dressed_with(style, _pieces)
      layers = @settings[:layers]
      return if style.kind == "ribbon" || layers[:picks].include?(style.id)

      @settings.to_h.merge(layers: layers.merge(picks: [*layers[:picks], style.id]))
    end
  end
end
