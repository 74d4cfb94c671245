# frozen_string_literal: true

module DeckBough
  module Rules
    module Garland
      # Garland hung in equal swags: each is the arc of a parabola.
      #
      #   Catalogue.answer("garland.swag", { "spans" => 4, "span_m" => 1.1, "sag_m" => 0.18 })[:length_m] # => 4.6966
      class Swag < Rule
        declare id: "garland.swag", title: "Garland in swags", handbook: "50 Length",
                inputs: [Input.whole(:spans, "Swags", "spans", 1..60, why: "There is one at least."),
                         Input.number(:span_m, "Span", "m", 0.1..12, why: "A swag hangs between two points."),
                         Input.number(:sag_m, "Sag", "m", 0..4)],
                outputs: { arc_m: "m", length_m: "m" }

        def call
          { arc_m: arc, length_m: given[:spans] * arc }
        end

        def working(outputs)
          [step("A swag: the arc of a parabola over its span",
                "arc(#{long(given[:span_m])}, #{long(given[:sag_m])})", :arc_m, outputs),
           step("All swags", "#{given[:spans]} × #{long(arc)}", :length_m, outputs)]
        end

        private

        def arc
          Parabola.arc(given[:span_m], given[:sag_m])
        end
      end
    end
  end
end
