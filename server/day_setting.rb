# frozen_string_literal: true

module DeckBough
  module Server
    # When what was done has set or is dry, so that what comes after it can go on.
    #
    #   DaySetting.new([journal], { "tree/make star" => true }).over(step) # => [#<Date: 2026-11-28>, 1320]
    class DaySetting
      # @param journals [Array<DeckBough::Days::Journal>] of the homes
      # @param done [Hash] steps that are done
      def initialize(journals, done)
        @journals = journals
        @done = done
      end

      # @param step [DeckBough::Days::Step]
      # @return [Array(Date, Numeric), nil] the day something before it was done, and minutes from its midnight
      def over(step)
        set = step.after.filter_map do |id, wait|
          last = @done.key?(id) && wait.positive? && finished[id]
          [last.day, last.minute + wait] if last
        end
        set.max_by { |day, minute| (day.jd * DaySpan::DAY_MINUTES) + minute }
      end

      private

      # The last that was said to be up of each step.
      def finished
        @finished ||= @journals.flat_map(&:live).select(&:up?).to_h { |act| [act.step, act] }
      end
    end
  end
end
