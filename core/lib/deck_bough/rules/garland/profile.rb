# frozen_string_literal: true

module DeckBough
  module Rules
    module Garland
      # The outline layered greenery makes along a run, and how it compares with the one wanted.
      #   Catalogue.answer("garland.profile", { "run_m" => 2.0, "wanted" => { "shape" => "level", "high_m" => 0.2 },
      #     "items" => [{ "kind" => "body", "from_m" => 0, "to_m" => 2, "loft_m" => 0.2,
      #                   "kg_per_m" => 0.5 }] })[:fullness]
      #   # => 1.0
      class Profile < Rule
        KINDS = %w[body rise trail].freeze
        NEEDS = { "body" => %i[from_m to_m loft_m], "rise" => %i[at_m spread_m rise_m],
                  "trail" => %i[at_m spread_m trail_m] }.freeze
        PLACE = 0..200
        ITEM = [
          Input.choice(:kind, "Kind", KINDS), Input.number(:from_m, "From", "m", PLACE, default: nil),
          Input.number(:to_m, "To", "m", PLACE, default: nil),
          Input.number(:loft_m, "Loft", "m", 0.005..2, default: nil, why: "A garland has a thickness."),
          Input.flag(:fluffed, "Fluffed", default: true),
          Input.whole(:passes, "Passes", "passes", 1..12, default: 1, why: "It lies there once at least."),
          Input.number(:kg_per_m, "Weight of a metre", "kg", 0..50, default: 0),
          Input.number(:at_m, "At", "m", PLACE, default: nil),
          Input.number(:spread_m, "Spread", "m", 0.02..10, default: nil, why: "A stem fills some width."),
          Input.number(:rise_m, "Rise", "m", 0..4, default: nil),
          Input.number(:trail_m, "Trail", "m", 0..6, default: nil),
          Input.number(:kg, "Weight", "kg", 0..50, default: 0)
        ].freeze
        POINT = [Input.number(:at_m, "At", "m", PLACE), Input.number(:thickness_m, "Thickness", "m", 0..6)].freeze
        WANTED = [
          Input.choice(:shape, "Outline wanted", Greenery::Outline::SHAPES),
          Input.number(:low_m, "Thin", "m", 0..6, default: 0),
          Input.number(:high_m, "Full", "m", 0..6, default: 0),
          Input.choice(:side, "Side", Greenery::Outline::SIDES, default: "right"),
          Input.list(:points, "Points", POINT, 0..5_000, default: [].freeze)
        ].freeze
        declare id: "garland.profile", title: "Outline of layered greenery", handbook: "50 Rise, Body, Trail",
                inputs: [Input.number(:run_m, "Run", "m", 0.05..200, why: "A run has a length."),
                         Input.list(:items, "What lies there", ITEM, 0..400),
                         Input.object(:wanted, "Outline wanted", WANTED)],
                outputs: { samples: "list", kg: "kg", fullness: "share", short: "list", over: "list" },
                constants: %w[garland.unfluffed garland.short_under garland.over_above]

        def call
          refuse_halves
          { samples: comparison.samples, kg: profile.kg, fullness: comparison.fullness, short: comparison.short,
            over: comparison.over }
        end

        def findings(outputs)
          { thin: outputs[:short], too_thick: outputs[:over] }.flat_map do |code, stretches|
            stretches.map do |stretch|
              Greenery::Comparison.told(code, stretch).then { |told, values| finding(told, **values) }
            end
          end
        end

        def working(outputs)
          bodies, stems = given[:items].partition { |item| item[:kind] == "body" }
          stems_kg = stems.sum { |stem| stem[:kg] }
          [step("All along: bodies add by cross-section, stems lift the upper edge or drop the lower one",
                "#{bodies.size} bodies, #{stems.size} stems", :samples, outputs),
           step("Lengths of body × their weight, and every stem",
                "#{heavy(profile.kg - stems_kg)} + #{heavy(stems_kg)}", :kg, outputs),
           step("How much of the wanted thickness is there, 1 at most, on average",
                "#{comparison.samples.size} samples", :fullness, outputs),
           step("Under #{figure(house['garland.short_under'])} of the wanted", "#{outputs[:short].size} stretches",
                :short, outputs),
           step("Above #{figure(house['garland.over_above'])} of the wanted", "#{outputs[:over].size} stretches", :over,
                outputs)]
        end

        private

        def profile
          @profile ||= Greenery::Profile.new(run_m: given[:run_m], items: given[:items],
                                             unfluffed: house["garland.unfluffed"])
        end

        def comparison
          @comparison ||= Greenery::Comparison.new(profile,
                                                   Greenery::Outline.new(run_m: given[:run_m], **given[:wanted]),
                                                   low: house["garland.short_under"], high: house["garland.over_above"])
        end

        # What each kind cannot do without, every fault at once.
        def refuse_halves
          faults = given[:items].each_with_index.flat_map do |item, i|
            NEEDS.fetch(item[:kind]).select { |name| item[name].nil? }
                 .map { |name| lacking(name, ["items", i, name.to_s]) }
          end
          if given[:wanted][:shape] == "free" && given[:wanted][:points].empty?
            faults << lacking(:at_m, %w[wanted points])
          end
          raise InputError, faults unless faults.empty?
        end

        def lacking(name, path)
          declared = ITEM.find { |input| input.name == name }
          Inputs.missing(declared, path)
        end
      end
    end
  end
end
