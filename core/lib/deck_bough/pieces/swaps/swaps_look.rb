# frozen_string_literal: true

module DeckBough
  # The look of one room's swaps on another: what comes in and how it smells; what goes out is the other's own.
  #
  #   SwapsLook.onto(SWAPS_KIND.check(soft: { swaps: [{ count: 2 }] }), SWAPS_KIND.check({}), 1)[:soft][:swaps].size
  #   # => 1
  module SwapsLook
    module_function

    # @param from, onto [CheckedSettings]
    # @return [Hash] settings, unchecked
    def onto(from, onto, _ratio)
      swaps = from[:soft][:swaps].map { |swap| swap.merge(out: "", stored: "") }
      frames = from[:art][:frames].map { |frame| frame.merge(out: "", stored: "") }
      { **onto, soft: onto[:soft].merge(swaps: swaps), art: { frames: frames }, scent: from[:scent] }
    end
  end
end
