# frozen_string_literal: true

module DeckBough
  module Server
    # The hooks and nails that hold a piece, between its plan and the register of its home.
    class PieceHooks
      NEAR = "wreath.anchor_near"

      def initialize(database, studio_id, planning:)
        @anchors = Store::Anchors.new(database, studio_id)
        @planning = planning
      end

      # Those of the plan stay: they are in the register from now on, each once.
      #
      # @param piece [Hash] whole, as Store::Pieces finds it
      # @return [Array<Hash>] those that were not known before
      # @raise [Problem] where nothing holds it yet
      def keep(piece, year:)
        kept_of(piece, year: year)[:kept]
      end

      # @return [Hash] kept, known (how many were there already)
      def kept_of(piece, year:)
        hooks = Kinds.of(piece[:kind]).gives.include?(:anchors) ? @planning.of(piece).hooks : []
        raise nothing_holds if hooks.empty?

        kept = hooks.map { |hook| { place: piece[:name], since: year, **hook } }
        @anchors.keep(piece, kept, near_m: @planning.house[NEAR])
      end

      # What is in the register of it is on the wall no more.
      #
      # @return [Array<String>] ids
      def come_off(piece, by:)
        @anchors.of_piece(piece[:id]).each { |id| @anchors.delete(id, by: by) }
      end

      def forget(ids, by:)
        (ids & @anchors.there(ids)).each { |id| @anchors.delete(id, by: by) }
      end

      def restore(ids)
        (ids - @anchors.there(ids)).each { |id| @anchors.restore(id) }
      end

      private

      def nothing_holds
        Problem.new(422, "no-hooks", "Nothing to keep",
                    "No hook or nail holds this piece yet. Measure it, and choose what holds it.")
      end
    end
  end
end
