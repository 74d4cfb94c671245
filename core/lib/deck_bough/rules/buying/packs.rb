# frozen_string_literal: true

module DeckBough
  module Rules
    module Buying
      # How many packs of which size come to at least the need at the least cost.
      #
      #   Catalogue.answer("buying.packs", { "need" => 6, "packs" => [{ "size" => 4, "price_cents" => 300 },
      #     { "size" => 1, "price_cents" => 90, "available" => 2 }] })[:counts] # => [1, 2]
      class Packs < Rule
        MOST_PACKS = 20

        PACK = [Input.number(:size, "Pack", "", 0.01..10_000, why: "A pack has something in it."),
                Input.whole(:price_cents, "Price", "cents", 0..10_000_000),
                Input.whole(:available, "Available", "packs", 0..100_000, default: nil,
                                                                          default_says: "no end of them")].freeze

        declare id: "buying.packs", title: "Cheapest packs", handbook: "80 Buying",
                inputs: [Input.number(:need, "Need", "", 0..10_000_000),
                         Input.list(:packs, "Packs", PACK, 1..MOST_PACKS)],
                outputs: { counts: "packs", total_cents: "cents", over: "", enough: "yes/no" }

        def call
          refuse(:packs_uneven, :packs) unless cheapest.countable?
          counts = cheapest.counts
          { counts: counts, total_cents: sum(counts, :price_cents), enough: cheapest.enough?,
            over: [(sum(counts, :size) - given[:need]).round(6), 0].max }
        end

        def findings(outputs)
          outputs[:enough] ? [] : [finding(:packs_not_enough)]
        end

        def working(outputs)
          taken = given[:packs].zip(outputs[:counts]).select { |_, count| count.positive? }
          sums = taken.map { |pack, count| "#{count} × #{figure(pack[:size])}" }
          cents = taken.map { |pack, count| "#{count} × #{pack[:price_cents]}" }
          [step("Packs, in the order given", sums.join(" + "), :counts, outputs),
           step("What they cost", cents.join(" + "), :total_cents, outputs),
           step("What is left over", "#{sums.join(' + ')} − #{figure(given[:need])}", :over, outputs),
           step("Enough where all there are come to the need", cheapest.endless? ? "no end of them" : all_there,
                :enough, outputs)]
        end

        private

        def cheapest
          @cheapest ||= DeckBough::Buying::CheapestPacks.new(given[:need], given[:packs])
        end

        def all_there
          "#{figure(sum(given[:packs].map { |pack| pack[:available] }, :size))} against #{figure(given[:need])}"
        end

        def sum(counts, name)
          given[:packs].zip(counts).sum { |pack, count| pack[name] * count }
        end
      end
    end
  end
end
