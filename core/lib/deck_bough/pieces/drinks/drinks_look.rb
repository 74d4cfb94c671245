# frozen_string_literal: true

module DeckBough
  # The look of a drink corner on another: what is under and behind, the bows; jars, stores and place stay.
  #
  #   DrinksLook.onto(DRINKS_KIND.check(dress: { bow: false }), DRINKS_KIND.check({}), 1)[:dress][:bow] # => false
  module DrinksLook
    module_function

    # @param from, onto [CheckedSettings]
    # @return [Hash] settings, unchecked
    def onto(from, onto, _ratio)
      { **onto, place: onto[:place].merge(from[:place].to_h.slice(:under, :behind)), dress: from[:dress] }
    end
  end
end
