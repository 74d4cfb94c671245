# frozen_string_literal: true

module DeckBough
  # What the hooks of a row may carry: as their label says, else as the style from stock says, else as the house rule
  # for what they are.
  #
  # Part of a reckoning whose settings have a group `hang` with style and rated_kg, and that gives `fixing`.
  module HangingLoad
    # As it was chosen from stock.
    #
    # @return [Style, nil]
    def fixing_style
      styles[settings[:hang][:style]]
    end

    def rated_kg
      settings[:hang][:rated_kg] || fixing_style&.rated_kg || house["garland.#{fixing}"]
    end

    # Of its rated load a hook carries its share (handbook 50, Loads).
    def may_kg
      house["garland.rated_share"] * rated_kg
    end
  end
end
