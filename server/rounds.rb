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
        @looks = Store::Looks.new(database, studio[:id])
      end

      # @return [Hash] viewpoint, questions (question, items with their answer); how many are open, to mend, pinned
      def of(viewpoint_id, planning)
        viewpoint = @viewpoints.find(viewpoint_id)
        @planning = planning
        plans = {}
        questions = @views.round(viewpoint, ->(ids) { looked(plans.merge!(plans_of(ids))) })
        answers = @answers.of(viewpoint_id)
        told = questions.map do |one|
          { **one, items: one[:items].map { |item| answered(one[:question], item, answers, plans) } }
        end
        { viewpoint: viewpoint, questions: told, **counts(told) }
      end

      private

      def counts(questions)
        answers = questions.flat_map { |one| one[:items].map { |item| item[:answer]&.fetch(:says) } }
        { open: answers.count(nil), mend: answers.count("mend"), pinned: answers.count("pinned") }
      end

      # Those that weigh most first.
      def plans_of(ids)
        known = @pieces.of_ids(ids.first(MOST_PIECES)).to_h { |piece| [piece[:id], piece] }
        ids.filter_map { |id| known[id] && [id, @planning.of(known[id])] }.to_h
      end

      def looked(plans)
        plans.transform_values { |plan| planned(plan, &:looked) }
      end

      # With what was said of it, and what a press would do about it.
      def answered(question, item, answers, plans)
        mends = question == "main_colour" ? colours(item, plans) : mends_of(question, item[:piece], plans)
        { **item, answer: answers[[question, item[:piece]]], mends: mends }
      end

      def mends_of(question, piece, plans)
        return [] unless plans[piece]

        planned(plans[piece], &:mends).fetch(question.to_sym, []).map { |mend| { **mend, piece: piece } }
      end

      # What of the shelf closes the colour that is short, on the piece that weighs most and can take it.
      def colours(item, plans)
        return [] if item[:severity] == "info"

        plans.each do |id, plan|
          ways = planned(plan) { closing(id, plan) }.to_a
          return ways.first(MOST_COLOURS) if ways.any?
        end
        []
      end

      MOST_COLOURS = 2
      private_constant :MOST_COLOURS

      def closing(id, plan)
        palette = @looks.of_piece(id) or return []
        piece = @pieces.find(id)
        ways = ColourWays.new(@planning, piece, palette, place_id: piece[:place_id]).of(plan)
        ways.select { |way| way[:settings] }.map do |way|
          { label: "More #{way[:colour].downcase}: #{way[:name]} on #{piece[:name]}", piece: id,
            settings: way[:settings] }
        end
      end

      # What cannot be planned says nothing.
      def planned(plan)
        yield plan
      rescue Problem, UnplannableError
        {}
      end
    end
  end
end
