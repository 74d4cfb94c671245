# frozen_string_literal: true

module DeckBough
  # What would help a wreath that reads dull against its ground, from what is free first: a ribbon, a word, berries or
  # metal of a colour that differs from both; last a backing.
  #
  # Source: handbook 60, Will it read against its ground.
  class WreathHelps
    # So many of a kind are offered.
    EACH = 2
    # A pale woven tray, a dark board.
    BACKINGS = ["#e6d9bd", "#3a322b"].freeze

    # @param reckoning [WreathReckoning] measured
    # @param stock [Array<Style>] ribbons, picks and ornaments, with what is free of each
    def initialize(reckoning, stock:)
      @reckoning = reckoning
      @stock = stock.select { |style| style.colour && style.for_piece >= 1 && differs?(style.colour) }
    end

    # @return [Array<Hash>] says, changes (fields by group); nothing where it reads well
    def call
      return [] unless @reckoning.ground[:reads] == "dull"

      [*best("ribbon").map { |style| ribbon(style) }, word, *best("pick").map { |style| pick(style) },
       *best("ornament").map { |style| between(style) }, backing].compact
    end

    private

    # From the ground and from the greens.
    def differs?(colour)
      @reckoning.against(colour)[:reads] == "well" && apart(colour, @reckoning.green_colour)[:reads] == "well"
    end

    def apart(one, other)
      @reckoning.ask("wreath.ground", greens: one, ground: other)
    end

    # What stands out most; of those the one most of which is free.
    def best(kind)
      @stock.select { |style| style.kind == kind }
            .max_by(EACH) { |style| [@reckoning.against(style.colour)[:delta_l].round, style.for_piece, style.name] }
    end

    def of(code, changes, **values)
      { says: Finding.of(code, units: @reckoning.units, **values).message,
        changes: changes.to_h { |group, fields| [group, @reckoning.settings[group].merge(fields)] } }
    end

    def ribbon(style)
      of(:help_ribbon, { star: { kind: "bow", style: style.id } }, what: style.name, free: free(style))
    end

    def word
      of(:help_word, { star: { kind: "word" } }) unless @reckoning.settings[:star][:kind] == "word"
    end

    def pick(style)
      of(:help_pick, { layers: { picks: [*@reckoning.settings[:layers][:picks].first(11), style.id].uniq } },
         what: style.name, free: style.for_piece.floor)
    end

    def between(style)
      of(:help_between, { layers: { between: style.id } }, what: style.name, free: style.for_piece.floor)
    end

    # Ribbon is free by its length.
    def free(style)
      Length.print(style.for_piece, @reckoning.units)
    end

    def backing
      return if @reckoning.place[:backing_m]

      shares = %w[low high].map { |end_of| @reckoning.house["wreath.backing_#{end_of}"] }
      across = (@reckoning.ring.outer_m * shares.sum / 2).round(2).clamp(0.05, 4)
      colour = BACKINGS.max_by { |one| apart(one, @reckoning.green_colour)[:delta_l] }
      of(:help_backing, { place: { backing_m: across, backing_colour: colour } }, across_m: across)
    end
  end
end
