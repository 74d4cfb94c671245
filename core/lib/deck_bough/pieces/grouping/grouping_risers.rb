# frozen_string_literal: true

module DeckBough
  # Which riser of what is free lifts each thing of a group to where the rule has it, or over the socket it is to hide.
  #
  #   GroupingRisers.new(reckoning, stock: styles).call.first[:riser_m]
  #
  # Nothing is lifted into what hangs above, and no riser is offered more often than there is of it. Metres.
  # Source: handbook 70, Building a group.
  class GroupingRisers
    # A line of heights is one to within so much.
    NEAR_M = 0.04

    # @param reckoning [GroupingReckoning] measured
    # @param stock [Array<Style>] what is free
    def initialize(reckoning, stock:)
      @reckoning = reckoning
      @risers = stock.select { |style| style.kind == "decor" && style.riser_height_m }
    end

    # @return [Array<Hash>] thing (number), wanted_m, style, name, riser_m; those that want most first
    def call
      left = @risers.to_h { |style| [style.id, style.for_piece.floor] }
      wanted.filter_map do |thing, high, least|
        style = best(thing, high, least, left) or next
        left[style.id] -= 1
        { thing: thing.number, wanted_m: high, style: style.id, name: style.name, riser_m: style.riser_height_m }
      end
    end

    private

    # What has no riser yet: what is to hide a socket has to be high enough, what makes the line about as high.
    def wanted
      answer = @reckoning.hiding&.answer
      over = @reckoning.hiding&.thing if answer && !answer[:hides]
      by_line = @reckoning.wanted_risers
      those = @reckoning.things.reject { |thing| thing.riser || thing.form.filled? }
      lifted = those.map do |thing|
        thing == over ? [thing, answer[:riser_m], true] : [thing, by_line.fetch(thing.number, 0), false]
      end
      lifted.select { |_, high, _| high > Groupings::Candles::ALIKE_M }.sort_by { |thing, high, _| [-high, thing.number] }
    end

    def best(thing, high, least, left)
      there = @risers.select { |style| left.fetch(style.id).positive? }
      fitting = there.select { |style| lifts?(style, high, least) && under?(thing, style) }
      fitting.min_by { |style| [(style.riser_height_m - high).abs, style.name] }
    end

    def lifts?(style, high, least)
      least ? style.riser_height_m >= high - 1e-9 : (style.riser_height_m - high).abs <= NEAR_M
    end

    def under?(thing, style)
      clear = @reckoning.surface.clear_over(thing.from_m, thing.to_m)
      clear.nil? || thing.top_m + style.riser_height_m + GroupingReckoning::UNDER <= clear + 1e-9
    end
  end
end
