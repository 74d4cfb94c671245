# frozen_string_literal: true

module DeckBough
  # The look of things that hang on lines on others: what hangs and how far it comes down; place and hooks stay.
  #
  #   DropsLook.onto(DROPS_KIND.check(drops: { count: 5 }), DROPS_KIND.check({}), 2.0)[:drops][:count] # => 10
  module DropsLook
    module_function

    # @param from, onto [CheckedSettings]
    # @param ratio [Float] how much longer the other place is
    # @return [Hash] settings, unchecked
    def onto(from, onto, ratio)
      count = (from[:drops][:count] * ratio).round.clamp(1, DropsSettings::MOST)
      { **onto, things: from[:things], drops: from[:drops].merge(count: count) }
    end
  end
end
