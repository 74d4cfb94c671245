# frozen_string_literal: true

module DeckBough
  module Logbook
    # Which house rules past jobs can correct: minutes of work, and how much of a thing a surface or a length takes.
    #
    #   Logbook::Learnt.quantity("ribbon.billow_soft") # => "m"
    #
    # Source: handbook 90, Log; Minutes (house rules; the log corrects them).
    module Learnt
      MINUTES = "minutes"
      # Waits, ways and shares are no work whose minutes could be told.
      NOT_WORK = %w[minutes.high_share minutes.twice minutes.hook_wait minutes.crossing].freeze
      # What it takes to take down goes with what it took to dress.
      TAKE_DOWN = "minutes.take_down"
      # By what a rule's key begins with: what is counted as used, and what so much of it is used for.
      COUNTED = { "ribbon.billow_" => ["m", "m laid"], "ornaments.per_m2_" => ["pieces", "m²"],
                  "picks.per_m2_" => ["pieces", "m²"], "lights.per_m2_" => ["bulbs", "m²"] }.freeze

      module_function

      # @return [Array<String>] keys, in the order of the house rules
      def keys
        @keys ||= HouseRules::CONSTANTS.keys.select { |key| work?(key) || counted(key) }.freeze
      end

      def learnt?(key)
        keys.include?(key)
      end

      def work?(key)
        key.start_with?("minutes.") && !NOT_WORK.include?(key)
      end

      # @return [String] what is told of a job: minutes, or so much of a thing
      def quantity(key)
        work?(key) ? MINUTES : counted(key).first
      end

      # @return [String] of what there was so much: "each", "per m", "m laid", "minutes of dressing"
      def per(key)
        return "minutes of dressing" if key == TAKE_DOWN

        work?(key) ? HouseRules::CONSTANTS.fetch(key).unit.delete_prefix(MINUTES).strip : counted(key).last
      end

      def counted(key)
        COUNTED.find { |begins, _| key.start_with?(begins) }&.last
      end
    end
  end
end
