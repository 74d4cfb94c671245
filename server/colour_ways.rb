# frozen_string_literal: true

module DeckBough
  module Server
    # Ways to close the colours a piece is short of, from what is free, each tried before it is offered: what the piece
    # shows then is what its own plan says.
    #
    #   ColourWays.new(planning, piece, palette).of(settings: settings, place_id: nil).first[:after] # => 0.41
    class ColourWays
      def initialize(planning, piece, palette)
        @planning = planning
        @piece = piece
        @palette = palette
      end

      # @return [Array<Hash>] colour, short, style (id), name, kind, srgb, quantity, pieces, enough, apart; with
      #   settings and after (the share of the colour then) where a press does it
      def of(settings:, place_id:)
        plan = @planning.of(@piece, settings: settings, place_id: place_id)
        short = plan.seen(@palette).short.first(DeckBough::Looks::Closing::MOST_COLOURS)
        shelf = @planning.stock_near(@piece, short.map { |one| one[:colour] }, DeckBough::Looks::Seen::SEEN)
        plan.colour_ways(@palette, shelf).map { |way| tried(way, place_id) }
      end

      private

      def tried(way, place_id)
        style = way[:style]
        told = way.slice(:colour, :short, :quantity, :pieces, :enough)
                  .merge(apart: way[:apart].round(1), style: style.id, name: style.name, kind: style.kind,
                         srgb: style.colour)
        way[:settings] ? { **told, **after(way, place_id) } : told
      end

      def after(way, place_id)
        seen = @planning.of(@piece, settings: way[:settings], place_id: place_id).seen(@palette)
        { settings: way[:settings], after: seen.shares.find { |one| one[:name] == way[:colour] }[:seen] }
      rescue UnplannableError
        {}
      end
    end
  end
end
