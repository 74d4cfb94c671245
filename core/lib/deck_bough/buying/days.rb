# frozen_string_literal: true

require "date"

module DeckBough
  module Buying
    # Days as people write them down.
    #
    #   Buying::Days.day("2026-02-30") # => nil
    module Days
      module_function

      # @return [Date, nil] nil of what is no day of our time
      def day(text)
        return unless text.match?(/\A(19|20|21)\d\d-\d\d-\d\d\z/)

        Date.iso8601(text)
      rescue Date::Error
        nil
      end
    end
  end
end
