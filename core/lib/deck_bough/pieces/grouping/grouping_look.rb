# frozen_string_literal: true

module DeckBough
  # The look of one grouping on another: its things, what is in its vessel, its snow; the surface and the site stay.
  #
  #   GroupingLook.onto(GROUPING_KIND.check(fill: { shape: "bowl" }), GROUPING_KIND.check({}), 1)[:fill][:shape]
  #   # => "bowl"
  module GroupingLook
    module_function

    # @param from, onto [CheckedSettings]
    # @return [Hash] settings, unchecked; things are no larger on a longer surface, and find their places there
    def onto(from, onto, _ratio)
      standing = from[:things][:standing].map { |thing| thing.merge(at_m: nil, out_m: nil) }
      { **onto, things: { standing: standing }, fill: from[:fill].merge(at_m: nil, out_m: nil),
                snow: from[:snow] }
    end
  end
end
