# frozen_string_literal: true

module DeckBough
  module Rules
    module Lights
      # How far apart the turns lie when the strings spiral once over the visible surface.
      #   Catalogue.answer("lights.pitch", { "area_m2" => 5.325, "slant_m" => 2.592,
      #     "lit_length_m" => 14.915 })[:bare_bands]
      #   # => true
      #
      # Against a wall the strings zigzag over the arc; the pitch is the same.
      class Pitch < Rule
        declare id: "lights.pitch", title: "Distance between turns of lights", handbook: "20 How they go on",
                inputs: [Given::AREA, Given::SLANT,
                         Input.number(:lit_length_m, "Lit length of all strings", "m", 0.1..5_000,
                                      why: "Strings have a length.")],
                outputs: { pitch_m: "m", turns: "turns", bare_bands: "yes/no" },
                constants: %w[lights.bare_pitch]

        def call
          { pitch_m: pitch, turns: given[:slant_m] / pitch, bare_bands: pitch > house["lights.bare_pitch"] }
        end

        def working(outputs)
          [step("Pitch: visible surface over lit length",
                "#{long(given[:area_m2], 2)} ÷ #{long(given[:lit_length_m])}", :pitch_m,
                outputs),
           step("Turns: slant over pitch", "#{long(given[:slant_m])} ÷ #{long(pitch)}", :turns, outputs),
           step("Bare bands over #{read_off(house['lights.bare_pitch'])}", read_off(pitch), :bare_bands, outputs)]
        end

        def findings(outputs)
          outputs[:bare_bands] ? [finding(:bare_bands, pitch_m: pitch)] : []
        end

        private

        def pitch
          given[:area_m2].fdiv(given[:lit_length_m])
        end
      end
    end
  end
end
