# frozen_string_literal: true

module DeckBough
  module Server
    # Stepping back from a viewpoint: what the figures say to each question, and what was answered. Stores nothing.
    #
    #   Rounds.new(database, studio).of(viewpoint_id, planning)[:open] # => 7
    class Rounds
      # So many pieces of one view are asked for their own figures; of more the lightest are left out.
      MOST_PIECES = 12

      def initialize(database, studio)
        @views = RoomViews.new(database, studio)
        @viewpoints = Store::Viewpoints.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @answers = Store::RoundAnswers.new(database, studio[:id])
      end

      # @return [Hash] viewpoint, questions (question, items with their answer); how many are open, to mend, pinned
      def of(viewpoint_id, planning)
        viewpoint = @viewpoints.find(viewpoint_id)
        questions = @views.round(viewpoint, ->(ids) { looked(ids, planning) })
        answers = @answers.of(viewpoint_id)
        told = questions.map do |one|
          { **one, items: one[:items].map { |item| { **item, answer: answers[[one[:question], item[:piece]]] } } }
        end
        { viewpoint: viewpoint, questions: told, **counts(told) }
      end

      private

      def counts(questions)
        answers = questions.flat_map { |one| one[:items].map { |item| item[:answer]&.fetch(:says) } }
        { open: answers.count(nil), mend: answers.count("mend"), pinned: answers.count("pinned") }
      end

      # What cannot be planned says nothing.
      def looked(ids, planning)
        known = @pieces.of_ids(ids.first(MOST_PIECES)).to_h { |piece| [piece[:id], piece] }
        known.transform_values { |piece| looked_at(piece, planning) }
      end

      def looked_at(piece, planning)
        planning.of(piece).looked
      rescue Problem, UnplannableError
        {}
      end
    end
  end
end
