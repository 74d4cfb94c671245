# frozen_string_literal: true

module DeckBough
  # What would close the thin arcs of a ring: stems that are free, each way tried on the ring before it is offered.
  #
  # As few of a kind as close it, evenly along the arc; what closes more comes first, then what weighs less. Source:
  # handbook 60, Fullness round the ring ("what closes a thin arc comes from stock first").
  class WreathClosing
    # So many arcs are told, the thinnest first, and so many ways for each.
    ARCS = 2
    WAYS = 2
    MOST_STEMS = 9
    # Worth offering when it closes at least this share of what lacks; done when it closes this much.
    WORTH = 0.25
    DONE = 0.9

    # @param reckoning [WreathReckoning] measured
    # @param stock [Array<Style>] stems there are, with what is free of each
    def initialize(reckoning, stock:)
      @reckoning = reckoning
      @stems = stock.select { |style| style.kind == "stem" && free(style).positive? }
      @samples = reckoning.profile[:samples]
    end

    # @return [Array<Hash>] from_h, to_h, by_m, ways: style, name, count, free, closes (share of what lacks)
    def call
      arcs = @reckoning.profile[:short].sort_by { |arc| -arc[:by_m] }.first(ARCS)
      arcs.map { |arc| { **arc, ways: ways(arc) } }
    end

    private

    def free(style)
      used = @reckoning.stems.select { |those| those.style.id == style.id }.sum { |those| those.places.size }
      style.for_piece.floor - used
    end

    def ways(arc)
      hours = (arc[:to_h] - arc[:from_h]) % 12
      lack = lacking(arc, hours, @reckoning.layers)
      found = @stems.map { |style| way(style, arc, hours, lack) }
      found.select { |one| one[:closes] >= WORTH }
           .sort_by { |one| [-one[:closes].round(2), one[:count], one[:name]] }.first(WAYS)
    end

    def way(style, arc, hours, lack)
      most = [free(style), MOST_STEMS].min
      tried = (1..most).map { |count| [count, closes(style, count, arc, hours, lack)] }
      count, share = tried.find { |_, closed| closed >= DONE } || tried.max_by { |number, closed| [closed, -number] }
      { style: style.id, name: style.name, count: count, free: free(style), closes: share }
    end

    def closes(style, count, arc, hours, lack)
      return 0.0 if lack.zero?

      places = WreathLayout.sites([arc[:from_h], [hours, 0.25].max], count)
      1 - (lacking(arc, hours, @reckoning.layers_with(style, places)) / lack)
    end

    # What lacks of the wanted thickness over an arc.
    def lacking(arc, hours, layers)
      here = @samples.select { |sample| (sample[:at_h] - arc[:from_h]) % 12 <= hours + 1e-9 }
      here.sum { |sample| [sample[:wanted_m] - layers.at(sample[:at_h])[:thickness_m], 0].max }
    end
  end
end
