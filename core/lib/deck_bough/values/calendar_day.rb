# frozen_string_literal: true

require "date"

module DeckBough
  # A day as people write it down.
  #
  #   CalendarDay.read("2026-02-30") # => nil
  module CalendarDay
    FORM = /\A(19|20|21)\d\d-\d\d-\d\d\z/

    module_function

    # @return [Date, nil] nil of what is no day of our time
    def read(text)
      Date.iso8601(text) if text.match?(FORM)
    rescue Date::Error
      nil
    end
  end
end
