# frozen_string_literal: true

module DeckBough
  module Rules
    module Hang
      # Drops of things on line, in the order in which they hang: evenly from the shortest to the longest, no two
      # neighbours alike.
      #
      #   Catalogue.answer("hang.drops", { "count" => 3, "shortest_m" => 0.2, "longest_m" => 0.6 })[:drops_m].sort
      #   # => [0.2, 0.4, 0.6]
      class Drops < Rule
        MOST = 300
        # Neighbours differ by so much of the range, at least.
        APART = 5
        # Swaps tried for each of them, so that they hang in no pattern.
        SWAPS = 12

        declare id: "hang.drops", title: "Drops at different heights", handbook: "70 Hanging things",
                inputs: [Input.whole(:count, "Things", "things", 1..MOST, why: "One hangs there at least."),
                         Input.number(:shortest_m, "Shortest", "m", 0..10),
                         Input.number(:longest_m, "Longest", "m", 0..10),
                         Input.whole(:seed, "Seed", "number", 0..2_147_483_647, default: 1)],
                outputs: { drops_m: "m" }

        def call
          refuse(:drops_upside_down, :longest_m, shortest: read_off(given[:shortest_m])) if
            given[:longest_m] < given[:shortest_m]
          { drops_m: order.map { |place| drop(place) } }
        end

        def working(outputs)
          [step("Evenly from the shortest to the longest, neighbours a fifth of the range apart",
                "#{long(given[:shortest_m])} to #{long(given[:longest_m])} in #{given[:count]}, seed #{given[:seed]}",
                :drops_m, outputs)]
        end

        private

        def drop(place)
          return given[:shortest_m].to_f if given[:count] == 1

          given[:shortest_m] + ((given[:longest_m] - given[:shortest_m]) * place / (given[:count] - 1.0))
        end

        def least
          ((given[:count] - 1) / APART.to_f).ceil
        end

        # High and low by turns to begin with; then pairs are swapped wherever neighbours stay far enough apart.
        def order
          places = interleaved
          chance = Random.new(given[:seed])
          (given[:count] * SWAPS).times { swap(places, chance.rand(places.size), chance.rand(places.size)) }
          places
        end

        def interleaved
          half = (given[:count] / 2.0).ceil
          low = (0...half).to_a
          high = (half...given[:count]).to_a
          low.zip(high).flatten.compact
        end

        def swap(places, one, other)
          places[one], places[other] = places[other], places[one]
          return if apart?(places, one) && apart?(places, other)

          places[one], places[other] = places[other], places[one]
        end

        def apart?(places, at)
          beside = [at - 1, at + 1].grep(0...places.size)
          beside.all? { |other| (places[other] - places[at]).abs >= least }
        end
      end
    end
  end
end
