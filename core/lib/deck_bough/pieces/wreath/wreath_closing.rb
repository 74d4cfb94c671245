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
    # Of so many kinds those most of which are free are tried.
    MOST_KINDS = 20
    # Worth offering when it closes at least this share of what lacks; done when it closes this much.
    WORTH = 0.25
    DONE = 0.9

    # @param reckoning [WreathReckoning] measured
    # @param stock [Array<Style>] stems there are, with what is free of each
    # @param ways [Integer] how many ways are told for each arc
    def initialize(reckoning, stock:, ways: WAYS)
      @reckoning = reckoning
      stems = stock.select { |style| style.kind == "stem" && free(style).positive? }
      @stems = stems.max_by(MOST_KINDS) { |style| free(style) }
      @samples = reckoning.profile[:samples]
      @most_ways = ways
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
      samples = @samples.select { |sample| (sample[:at_h] - arc[:from_h]) % 12 <= hours + 1e-9 }
      found = @stems.map { |style| way(style, [arc[:from_h], [hours, 0.25].max], samples) }
      found.select { |one| one[:closes] >= WORTH }
           .sort_by { |one| [-one[:closes].round(2), one[:count], one[:name]] }.first(@most_ways)
    end

    def way(style, arc, samples)
      counts = 1..[free(style), MOST_STEMS].min
      tried = counts.lazy.map { |count| [count, closes(style, WreathLayout.sites(arc, count), samples)] }
      count, share = tried.find { |_, closed| closed >= DONE } || tried.max_by { |number, closed| [closed, -number] }
      { style: style.id, name: style.name, count: count, free: free(style), closes: share }
    end

    def closes(style, places, samples)
      more = @reckoning.layers_of(style, places)
      before = samples.sum { |sample| lack(sample, sample[:thickness_m]) }
      after = samples.sum do |sample|
        added = more.at(sample[:at_h])
        lack(sample, %i[outward_m inward_m].sum { |side| [sample[side], added[side]].max })
      end
      before.zero? ? 0.0 : 1 - (after / before)
    end

    def lack(sample, thickness)
      [sample[:wanted_m] - thickness, 0].max
    end
  end
end
