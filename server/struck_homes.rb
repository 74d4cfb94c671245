# frozen_string_literal: true

module DeckBough
  module Server
    # Homes in which all that comes down has come down, as run sheets say, whatever day it was to be.
    #
    #   StruckHomes.new(database, studio).among([home_id], today) # => [], while something of it stands
    class StruckHomes
      def initialize(database, studio)
        @acts = Store::VisitActs.new(database, studio[:id])
        @facts = DayFacts.new(database, studio)
      end

      # @param homes [Array<String>] ids
      # @return [Array<String>] those of them that stand no longer
      def among(homes, today)
        begun = @acts.begun_to_strike(homes)
        return [] if begun.empty?

        facts = @facts.of(begun, today)
        begun.select { |home| down?(home, facts) }
      end

      private

      def down?(home, facts)
        steps = @facts.taking_down(home, facts)
        steps.any? && (steps.map { |told| told.step.id } - facts[:progress][home][:done]).empty?
      end
    end
  end
end
