# frozen_string_literal: true

module DeckBough
  # Lines of a ledger for what lifts and beds the things that stand somewhere: risers from stock, moss round trunks.
  #
  # Part of a ledger with LedgerSheets whose reckoning gives things (Groupings::Standing), named(thing) and pots.
  module StandingLines
    private

    # One line for all of a kind; what the home or the hand has is said by its height only.
    def risers(step)
      @reckoning.things.select(&:riser).group_by { |thing| thing.riser.id }.map do |id, those|
        riser = those.first.riser
        under = those.map { |thing| @reckoning.named(thing) }.join(" + ")
        LedgerLine.new(kind: riser.kind, step: step, style: riser, need: those.size,
                       sheet: keep("riser:#{id}", riser.name, [],
                                   more: [note("One under each", under, "need", those.size)]))
      end
    end

    def moss(step)
      bags_of("moss", step, "Moss, bags of a litre", @reckoning.pots.moss_litres,
              "round the trunks, #{length(Groupings::Pot::MOSS_M)} deep")
    end

    # What is taken by the litre.
    def bags_of(key, step, label, litres, sum)
      bags = litres.ceil
      return [] if bags.zero?

      steps = [note("It takes", sum, "litres", litres, "litres"),
               note("Rounded up to bags", Figure.print(litres), "need", bags)]
      [LedgerLine.new(kind: "decor", step: step, label: label, need: bags, sheet: keep(key, label, [], more: steps))]
    end
  end
end
