# frozen_string_literal: true

module DeckBough
  # The look of one set of shelves on another: what stands there and the garland; the unit stays. What stood in a bay
  # the other has not is in its last.
  #
  #   ShelvesLook.onto(SHELVES_KIND.check(garland: { hung: true }), SHELVES_KIND.check({}), 1)[:garland][:hung]
  #   # => true
  module ShelvesLook
    module_function

    # @param from, onto [CheckedSettings]
    # @return [Hash] settings, unchecked
    def onto(from, onto, _ratio)
      { **onto, dress: from[:dress], garland: from[:garland] }
    end
  end
end
