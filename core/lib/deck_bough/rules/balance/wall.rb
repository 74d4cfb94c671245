# frozen_string_literal: true

module DeckBough
  module Rules
    module Balance
      # Which side of a wall weighs more to the eye, over all that stands or hangs on it.
      #
      #   Catalogue.answer("balance.wall", { "width_m" => 4.0, "items" => [
      #     { "at_m" => 2.5, "area_m2" => 1.0, "lightness" => 40 }] }).outputs
      #   # => { value: 0.25, verdict: "one_sided", side: "right" }
      class Wall < Rule
        # A wall holds more, and is longer, than a mantel.
        ITEM = [Input.number(:at_m, "At", "m", 0..150), Input.number(:area_m2, "Outline", "m2", 0..400),
                Input.number(:lightness, "Lightness", "L*", 0..100)].freeze
        declare id: "balance.wall", title: "Balance of a wall", handbook: "75 Wall balance",
                inputs: [Input.number(:width_m, "Width of the wall", "m", 0.1..150, why: "A wall has a width."),
                         Input.list(:items, "What stands or hangs there", ITEM, 0..200)],
                outputs: { value: "share", verdict: "choice", side: "side" },
                constants: %w[balance.wall_even balance.wall_leaning]

        def call
          { value: value, verdict: verdict, side: side }
        end

        def findings(outputs)
          outputs[:verdict] == "leaning" ? [finding(:wall_leaning, side: outputs[:side])] : []
        end

        def working(outputs)
          [between("Weight to the eye: outline × (0.5 + darkness)",
                   given[:items].first(4).map { |item| long(beam.weight(item), 2) }.join(" + "),
                   :weight_m2, beam.total, "m2"),
           step("Leverage about the middle, over weight × half the width",
                "#{long(beam.leverage, 3)} ÷ (#{long(beam.total, 2)} × #{long(beam.half)})", :value, outputs),
           step("Even up to #{figure(house['balance.wall_even'])}, leaning above " \
                "#{figure(house['balance.wall_leaning'])}", figure(value.abs), :verdict, outputs),
           step("To which side", figure(value), :side, outputs)]
        end

        private

        def beam
          @beam ||= Beam.new(span_m: given[:width_m], items: given[:items])
        end

        def value
          beam.value
        end

        def verdict
          return "even" if value.abs <= house["balance.wall_even"]

          value.abs > house["balance.wall_leaning"] ? "leaning" : "one_sided"
        end

        def side
          return "even" if verdict == "even"

          value.positive? ? "right" : "left"
        end
      end
    end
  end
end
