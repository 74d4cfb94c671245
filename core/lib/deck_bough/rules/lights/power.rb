# frozen_string_literal: true

module DeckBough
  module Rules
    module Lights
      # Sockets and load of a set of strings, against what a circuit bears for hours on end.
      #   Catalogue.answer("lights.power", { "strings" => [{ "watts" => 2.4, "count" => 3, "max_run" => 5 }],
      #     "volts" => 230, "circuit_amps" => 13, "other_watts" => 900 })[:load]
      #   # => "ok"
      #
      # Watts and how many join end to end are on the label of the string. It certifies nothing: over the limit, or with
      # wiring nobody knows, a licensed electrician and the local code decide.
      class Power < Rule
        declare id: "lights.power", title: "Load on the circuit", handbook: "20 Power",
                inputs: [
                  Input.list(:strings, "Strings", [
                               Input.number(:watts, "Watts of one string", "W", 0.05..3_000,
                                            why: "A string draws something."),
                               Input.whole(:count, "Strings", "strings", 0..2_000),
                               Input.whole(:max_run, "Joined end to end, at most", "strings", 1..500,
                                           why: "One is always allowed.")
                             ], 1..60),
                  Input.number(:volts, "Volts", "V", 100..260, why: "Mains are 100 to 260 V."),
                  Input.number(:circuit_amps, "Circuit", "A", 1..125, why: "A circuit bears something."),
                  Input.number(:other_watts, "What else is on the circuit", "W", 0..30_000, default: 0)
                ],
                outputs: { watts: "W", amps: "A", limit_amps: "A", share: "share", runs: "sockets", load: "verdict" },
                constants: %w[lights.continuous lights.near_load]

        def call
          { watts: watts, amps: amps, limit_amps: limit, share: amps / limit, runs: runs, load: load }
        end

        def working(outputs)
          [step("Watts of all strings",
                given[:strings].map { |string| "#{string[:count]} × #{figure(string[:watts])}" }.join(" + "), :watts,
                outputs),
           step("Sockets: strings over how many may be joined, rounded up for each kind",
                given[:strings].map { |string| "#{string[:count]} ÷ #{string[:max_run]}" }.join(" + "), :runs, outputs),
           step("Current of strings and what else is on",
                "(#{figure(watts, 1)} + #{figure(given[:other_watts], 1)}) ÷ #{figure(given[:volts])}", :amps,
                outputs),
           step("For hours on end at most #{figure(house['lights.continuous'] * 100)} % of the circuit",
                "#{figure(house['lights.continuous'])} × #{figure(given[:circuit_amps])}", :limit_amps, outputs),
           step("Share of that", "#{figure(amps)} ÷ #{figure(limit)}", :share, outputs),
           step("Near from #{figure(house['lights.near_load'] * 100)} %, over beyond all of it", figure(amps / limit),
                :load, outputs)]
        end

        def findings(outputs)
          { "over" => [finding(:load_over, amps: figure(amps, 1), limit: figure(limit, 1))],
            "near" => [finding(:load_near, percent: (outputs[:share] * 100).round)] }.fetch(outputs[:load], [])
        end

        private

        def watts
          given[:strings].sum { |string| string[:watts] * string[:count] }.to_f
        end

        def amps
          (watts + given[:other_watts]) / given[:volts]
        end

        def limit
          house["lights.continuous"] * given[:circuit_amps]
        end

        def runs
          given[:strings].sum { |string| (string[:count].to_f / string[:max_run]).ceil }
        end

        def load
          return "over" if amps > limit

          amps > house["lights.near_load"] * limit ? "near" : "ok"
        end
      end
    end
  end
end
