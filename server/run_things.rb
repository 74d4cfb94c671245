# frozen_string_literal: true

module DeckBough
  module Server
    # What the pieces of a home take, as a visit works from it: lines of the ledger, and of a tree its map; of taking
    # down, what goes.
    #
    #   RunThings.new(database, studio, planning: planning).of(pieces, down: false)[piece_id][:lines]
    class RunThings
      # Whose ornaments have a place each.
      TREE = "tree"

      def initialize(database, studio, planning:)
        @database = database
        @studio = studio
        @planning = planning
        @pieces = Store::Pieces.new(database, studio[:id])
        @needs = Store::Needs.new(database, studio[:id])
        @hung = Store::HungOrnaments.new(database, studio[:id])
      end

      # @param pieces [Array<Hash>] id, kind
      # @return [Hash{String => Hash}] by piece: lines, map, stood_in; taken down: lines, map, things, stays, holds,
      #   cells
      def of(pieces, down:)
        down ? going(pieces) : put_up(pieces)
      end

      private

      def lines_of(pieces)
        @needs.lines_by_step(pieces.map { |piece| piece[:id] })
      end

      def put_up(pieces)
        lines = lines_of(pieces)
        pieces.to_h { |piece| [piece[:id], { lines: lines.fetch(piece[:id], []), **tree(piece) }] }
      end

      def tree(piece)
        return { map: nil, stood_in: [] } unless piece[:kind] == TREE

        plan = @planning.of(@pieces.find(piece[:id]))
        { map: plan.hanging_sheet(hung: @hung.of(piece[:id])), stood_in: plan.stood_in }
      end

      def going(pieces)
        things = Stripping.new(@database, @studio[:id]).of(pieces)
        lines = lines_of(pieces)
        pieces.to_h do |piece|
          [piece[:id], { lines: [], map: nil, things: Stripping.going(things.fetch(piece[:id])),
                         stays: things.fetch(piece[:id]).select { |one| one[:stays] }.map { |one| one[:label] },
                         holds: Kinds.of(piece[:kind]).gives.include?(:anchors),
                         cells: cells?(things.fetch(piece[:id]), lines.fetch(piece[:id], [])) }]
        end
      end

      def cells?(things, lines)
        DeckBough::Seasons::Cells.in?(things.reject { |thing| thing[:stays] }, lines.map { |line| line[:label] })
      end
    end
  end
end
