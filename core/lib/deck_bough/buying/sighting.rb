# frozen_string_literal: true

module DeckBough
  module Buying
    # Something somebody saw or wishes for: where, for how much, by when it is decided.
    #
    #   Buying::Sighting.check("list" => "seen", "name" => "Pewter lantern", "price_cents" => 3800)[:list] # => "seen"
    #
    # Source: handbook 80, Buying ("seen it" notes, wish list, clearance list).
    module Sighting
      # Clearance is looked for after the season.
      LISTS = %w[seen wish clearance].freeze

      INPUTS = [Input.choice(:list, "List", LISTS),
                Input.text(:name, "Name", 1..120),
                Input.text(:place, "Where", 0..120, default: ""),
                Input.whole(:price_cents, "Price", "cents", 0..10_000_000, default: nil),
                Input.text(:decide_by, "Decide by", 10..10, default: nil),
                Input.text(:note, "Note", 0..1_000, default: "")].freeze

      module_function

      # @return [Hash{Symbol => Object}] complete, decide_by a Date or nil
      # @raise [InputError] every fault at once
      def check(given)
        values = Inputs.check(INPUTS, given)
        text = values[:decide_by]
        day = text && CalendarDay.read(text)
        raise InputError, [Inputs.fault(:not_a_day, %w[decide_by], title: "Decide by", given: text)] if text && !day

        { **values, name: values[:name].strip, place: values[:place].strip, decide_by: day }
      end
    end
  end
end
