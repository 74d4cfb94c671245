# frozen_string_literal: true

module DeckBough
  module Looks
    # What of the shelf closes a colour that is short: how many of which (handbook 75, Colour really seen).
    #
    #   Looks::Closing.new(seen, surface, palette, shelf, house, tuck_m: 0.5).ways.first
    #
    # With so much more of one colour its share is (a + x) ÷ (all + x); for the share that is wanted x follows. Pieces
    # are whole, ribbon goes by whole tucks.
    class Closing
      # So many colours are closed, each in so many ways.
      MOST_COLOURS = 2
      MOST_WAYS = 3

      # @param seen [Seen]
      # @param shelf [Array<Style>] with what is free of each beyond what the piece takes
      # @param tuck_m [Float] of ribbon in one tuck
      def initialize(seen, surface, palette, shelf, house, tuck_m:)
        @seen = seen
        @surface = surface
        @palette = palette
        @shelf = shelf
        @house = house
        @tuck_m = tuck_m
      end

      # @return [Array<Hash>] colour, short (share), style (Style), quantity (pieces, metres), pieces (of it, or tucks),
      #   enough (whether it closes all of it), apart (ΔE); what closes it with the nearest colour first
      def ways
        @seen.short.first(MOST_COLOURS).flat_map do |short|
          candidates(short).filter_map { |style, apart| way(short, style, apart) }
                           .sort_by { |way| [way[:enough] ? 0 : 1, way[:apart].round, way[:pieces], way[:style].name] }
                           .first(MOST_WAYS)
        end
      end

      private

      # Those that belong to the colour, on the palette or near it; a keepsake is hung by its owner's wish only.
      def candidates(short)
        open = @shelf.reject(&:keepsake).select(&:colour)
        open = open.select { |style| Seen::SEEN.include?(style.kind) && style.on_hand.positive? }
        open.filter_map do |style|
          told = @palette.match(style.colour, @house)
          [style, told[:delta_e]] if told[:nearest] == short[:name] && told[:verdict] != "off"
        end
      end

      def way(short, style, apart)
        wanted = wanted_m2(short) or return
        one = Seen.area(style, @surface.seen, @house) * each(style)
        needed = (wanted / one).ceil
        pieces = [needed, (style.on_hand / each(style)).floor].min
        return if pieces.zero?

        { colour: short[:name], short: short[:by], style: style, quantity: (pieces * each(style)).round(6),
          pieces: pieces, enough: pieces >= needed, apart: apart }
      end

      def wanted_m2(short)
        return if short[:wanted] >= 1

        short[:by] * @seen.seen_m2 / (1 - short[:wanted])
      end

      # Metres in a tuck, else one piece.
      def each(style)
        style.kind == "ribbon" ? @tuck_m : 1
      end
    end
  end
end
