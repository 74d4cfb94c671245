# frozen_string_literal: true

module DeckBough
  # The look of one table on another: runner, what lies at each place, what stands along the middle; the table and its
  # guests stay.
  #
  #   TableLook.onto(TABLE_KIND.check(runner: { kind: "greens" }), TABLE_KIND.check({}), 1)[:runner][:kind]
  #   # => "greens"
  module TableLook
    module_function

    # @param from, onto [CheckedSettings]
    # @return [Hash] settings, unchecked; a runner finds its width and things their places on the other table
    def onto(from, onto, _ratio)
      standing = from[:centre][:standing].map { |thing| thing.merge(at_m: nil, out_m: nil) }
      { **onto, runner: from[:runner].merge(width_m: nil), setting: from[:setting], centre: { standing: standing } }
    end
  end
end
