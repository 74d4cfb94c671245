# frozen_string_literal: true

module DeckBough
  module Server
    # Answers that took long, kept for the next time the same is asked. A process may forget them at any time: they are
    # computed from nothing but the question.
    #
    #   KeptAnswers.new(64).fetch(["ornaments.map", inputs]) { answer }
    class KeptAnswers
      def initialize(most)
        @most = most
        @kept = {}
        @lock = Mutex.new
      end

      def fetch(question)
        known = @lock.synchronize { @kept.delete(question)&.tap { |answer| @kept[question] = answer } }
        return known if known

        answer = yield
        @lock.synchronize do
          @kept[question] = answer
          @kept.shift while @kept.size > @most
        end
        answer
      end
    end
  end
end
