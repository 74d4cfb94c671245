# frozen_string_literal: true

module DeckBough
  module Server
    # Ways to close the colours a piece is short of, from what is free, each tried before it is offered: what the piece
    # shows then is what its own plan says.
    #
    #   ColourWays.new(planning, piece, palette, place_id: nil).of(plan).first[:after] # => 0.41
    class ColourWays
      # What rounding to whole per cents hides.
      EASE = 0.005

      def initialize(planning, piece, palette, place_id:)
        @planning = planning
        @piece = piece
        @palette = palette
        @place_id = place_id
      end

      # @param plan [Planned] of the piece as it is dialled
      # @return [Array<Hash>] colour, short, style (id), name, kind, srgb, quantity, pieces, enough, apart; with
      #   settings and after (the share of the colour then) where a press does it
      def of(plan)
        seen = plan.seen(@palette) or return []
        short = seen.short.first(DeckBough::Looks::Closing::MOST_COLOURS)
        shelf = @planning.stock_near(@piece, short.map { |one| one[:colour] }, DeckBough::Looks::Seen::SEEN)
        taken = taken(plan)
        plan.colour_ways(@palette, shelf).filter_map { |way| tried(way, taken) }
      end

      private

      # How much the piece takes of each style.
      def taken(plan)
        plan.lines.group_by { |line| line[:style] }.transform_values { |lines| lines.sum { |line| line[:need] } }
      end

      # What is chosen among others comes in the number that the plan shares out, not in the one that was looked for;
      # what changes nothing is not offered.
      def tried(way, taken)
        style = way[:style]
        told = way.slice(:colour, :short, :quantity, :pieces, :enough)
                  .merge(apart: way[:apart].round(1), style: style.id, name: style.name, kind: style.kind,
                         srgb: style.colour)
        return told unless way[:settings]

        plan = @planning.of(@piece, settings: way[:settings], place_id: @place_id)
        more = (taken(plan).fetch(style.id, 0) - taken.fetch(style.id, 0)).round(6)
        more.positive? ? told.merge(after(way, plan, more)) : nil
      rescue UnplannableError
        told
      end

      def after(way, plan, more)
        share = plan.seen(@palette).shares.find { |one| one[:name] == way[:colour] }
        { settings: way[:settings], after: share[:seen], quantity: more,
          pieces: (more - way[:quantity]).abs < 1e-6 ? way[:pieces] : nil,
          enough: share[:seen] > share[:wanted] - EASE }
      end
    end
  end
end
