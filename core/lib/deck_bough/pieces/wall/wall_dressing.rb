# frozen_string_literal: true

module DeckBough
  # The look of one wall of wreaths on another: greens, layers, star, lights and ribbon; wall, wreaths and fixings stay.
  #
  #   WallDressing.onto(WALL_KIND.check(star: { kind: "bow" }), WALL_KIND.check({}), 0.5)[:star][:kind] # => "bow"
  module WallDressing
    module_function

    # @param from, onto [CheckedSettings]
    # @return [Hash] settings, unchecked; wreaths are no larger on a longer wall, so that nothing grows with it
    def onto(from, onto, _ratio)
      { **onto, **from.slice(:greens, :layers, :star, :lights), hang: onto[:hang].merge(from[:hang].slice(:ribbon)) }
    end
  end
end
