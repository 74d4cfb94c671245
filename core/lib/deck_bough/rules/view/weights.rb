# frozen_string_literal: true

module DeckBough
  module Rules
    # What is seen from one place of a home.
    module View
      # How much each piece weighs to the eye from one place, and whether one leads.
      #
      #   Catalogue.answer("view.weights", { "pieces" => [
      #     { "id" => "tree", "area_m2" => 2.0, "distance_m" => 3.0, "lightness" => 30, "ground_lightness" => 90 },
      #     { "id" => "wreath", "area_m2" => 0.2, "distance_m" => 3.0, "lightness" => 30, "ground_lightness" => 90 }
      #   ] })[:verdict] # => "clear"
      class Weights < Rule
        PIECE = [Input.text(:id, "Piece", 1..64), Input.number(:area_m2, "Outline", "m2", 0..400),
                 Input.number(:distance_m, "Away", "m", 0.1..200, why: "Nobody stands inside it."),
                 Input.number(:visible, "Of it is seen", "share", 0..1, default: 1),
                 Input.number(:lightness, "Lightness", "L*", 0..100),
                 Input.number(:ground_lightness, "Lightness behind it", "L*", 0..100),
                 Input.flag(:lit, "Lit", default: false)].freeze
        declare id: "view.weights", title: "What leads in a view", handbook: "75 Visual weight",
                inputs: [Input.list(:pieces, "What is seen", PIECE, 0..200)],
                outputs: { weights: "pieces", first: "piece", verdict: "choice", loud: "pieces" },
                constants: %w[view.lit view.clear view.competing view.most_loud]

        def call
          { weights: weights, first: first, verdict: verdict, loud: loud }
        end

        def findings(outputs)
          told = []
          told << finding(:view_competing, one: first, other: second) if outputs[:verdict] == "competing"
          told << finding(:view_loud, count: outputs[:loud]) if outputs[:loud] > house["view.most_loud"]
          told << finding(:view_forgotten) if first.nil?
          told
        end

        def working(outputs)
          [step("Seen share × outline ÷ distance² × (1 + contrast ÷ 100) × #{figure(house['view.lit'])} where lit",
                given[:pieces].first(3).map { |piece| sum_of(piece) }.join("; "), :weights, outputs),
           step("The heaviest leads", first || "nothing is seen", :first, outputs),
           step("Clear up to #{figure(house['view.clear'])} of the first, competing above " \
                "#{figure(house['view.competing'])}", figure(runner_up), :verdict, outputs),
           step("At least #{figure(house['view.clear'])} of the first", figure(outputs[:loud]), :loud, outputs)]
        end

        private

        def weights
          @weights ||= given[:pieces].to_h { |piece| [piece[:id], weight(piece)] }
        end

        def weight(piece)
          contrast = (piece[:lightness] - piece[:ground_lightness]).abs / 100.0
          piece[:visible] * piece[:area_m2] / (piece[:distance_m]**2.0) * (1 + contrast) * lit(piece)
        end

        def lit(piece)
          piece[:lit] ? house["view.lit"] : 1
        end

        def sum_of(piece)
          "#{figure(piece[:visible])} × #{long(piece[:area_m2], 2)} ÷ #{long(piece[:distance_m])}² × " \
            "#{figure(1 + ((piece[:lightness] - piece[:ground_lightness]).abs / 100.0))}#{' × lit' if piece[:lit]}"
        end

        # Heaviest first; of two as heavy the one whose name comes first, so that their order never matters.
        def ranked
          @ranked ||= weights.select { |_, weight| weight.positive? }.sort_by { |id, weight| [-weight, id] }
        end

        def first
          ranked.first&.first
        end

        def second
          ranked[1]&.first
        end

        # Free of the last bits: eight tenths are eight tenths.
        def runner_up
          ranked.size > 1 ? (ranked[1].last / ranked[0].last).round(9) : 0.0
        end

        def verdict
          return "clear" if runner_up <= house["view.clear"]

          runner_up > house["view.competing"] ? "competing" : "answered"
        end

        # The first among them.
        def loud
          ranked.count { |_, weight| (weight / ranked[0].last).round(9) >= house["view.clear"] }
        end
      end
    end
  end
end
