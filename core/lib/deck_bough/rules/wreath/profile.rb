# frozen_string_literal: true

module DeckBough
  module Rules
    module Wreath
      # The outline greens make round a ring, and how it compares with the one wanted.
      #   Catalogue.answer("wreath.profile", { "outer_m" => 0.6, "inner_m" => 0.3, "body_m" => 0.2, "items" => [],
      #     "wanted" => { "shape" => "even", "high_m" => 0.2 } })[:fullness]
      #   # => 1.0
      class Profile < Rule
        include Wreaths::OnRing

        NEEDS = { "rise" => :rise_m, "trail" => :trail_m }.freeze
        # What is said of an arc, and of a single place.
        AT_ONE_HOUR = { ring_thin: :ring_thin_at, ring_full: :ring_full_at }.freeze
        ITEM = [Input.choice(:kind, "Kind", NEEDS.keys), Input.number(:at_h, "At", "hours", 0..12),
                Input.number(:spread_m, "Spread", "m", 0.02..10, why: "A stem fills some width."),
                Input.number(:rise_m, "Outward", "m", 0..4, default: nil),
                Input.number(:trail_m, "Inward", "m", 0..4, default: nil)].freeze
        WANTED = [Input.choice(:shape, "Outline wanted", Wreaths::RingOutline::SHAPES),
                  Input.number(:low_m, "Thin", "m", 0..4, default: 0), Input.number(:high_m, "Full", "m", 0..4),
                  Input.number(:from_h, "From", "hours", 0..12, default: nil),
                  Input.number(:to_h, "To", "hours", 0..12, default: nil)].freeze
        declare id: "wreath.profile", title: "Fullness round a ring", handbook: "60 Fullness round the ring",
                inputs: [*Given::RING, Input.number(:body_m, "Body of greens", "m", 0..4),
                         Input.list(:items, "What stands there", ITEM, 0..400),
                         Input.object(:wanted, "Outline wanted", WANTED)],
                outputs: { samples: "list", fullness: "share", short: "list", over: "list" },
                constants: %w[garland.short_under garland.over_above]

        def call
          refuse_inside_out
          refuse_halves
          { samples: comparison.samples, fullness: comparison.fullness, short: comparison.short,
            over: comparison.over }
        end

        def findings(outputs)
          outputs[:short].map { |arc| told(:ring_thin, arc) } + outputs[:over].map { |arc| told(:ring_full, arc) }
        end

        def working(outputs)
          [step("All round: what rises stands outward, what trails hangs inward, the body fills between",
                "#{given[:items].size} stems", :samples, outputs),
           step("How much of the wanted thickness is there, 1 at most, on average",
                "#{outputs[:samples].size} samples", :fullness, outputs),
           step("Under #{figure(house['garland.short_under'])} of the wanted", "#{outputs[:short].size} arcs", :short,
                outputs),
           step("Above #{figure(house['garland.over_above'])} of the wanted", "#{outputs[:over].size} arcs", :over,
                outputs)]
        end

        private

        def comparison
          @comparison ||= begin
            profile = Wreaths::RingProfile.new(ring, **given.slice(:body_m, :items))
            Wreaths::RingComparison.new(profile, Wreaths::RingOutline.new(**given[:wanted]),
                                        low: house["garland.short_under"], high: house["garland.over_above"])
          end
        end

        def told(code, arc)
          from, to = arc.values_at(:from_h, :to_h).map { |hour| Wreaths::Clock.told(hour) }
          return finding(code, from: from, to: to, by_m: arc[:by_m]) unless from == to

          finding(AT_ONE_HOUR.fetch(code), from: from, by_m: arc[:by_m])
        end

        # What each kind cannot do without, every fault at once.
        def refuse_halves
          faults = given[:items].each_with_index.filter_map do |item, i|
            name = NEEDS.fetch(item[:kind])
            Inputs.missing(ITEM.find { |input| input.name == name }, ["items", i, name.to_s]) unless item[name]
          end
          if given[:wanted][:shape] == "crescent"
            faults += %i[from_h to_h].select { |name| given[:wanted][name].nil? }
                                     .map do |name|
              Inputs.missing(WANTED.find do |input|
                input.name == name
              end, ["wanted", name.to_s])
            end
          end
          raise InputError, faults unless faults.empty?
        end
      end
    end
  end
end
