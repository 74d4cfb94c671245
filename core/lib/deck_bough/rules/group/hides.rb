# frozen_string_literal: true

module DeckBough
  module Rules
    module Group
      # Whether what stands before a socket hides it from an eye, and how far it would have to be raised.
      #
      #   Catalogue.answer("group.hides", { "eye_m" => 1.6, "distance_m" => 2.0, "object_m" => 0.4, "away_m" => 0.0,
      #     "socket_top_m" => 0.25 })[:hides] # => true
      class Hides < Rule
        declare id: "group.hides", title: "Does it hide the socket", handbook: "70 Where a grouping goes",
                inputs: [Input.number(:eye_m, "Eye", "m", 0.3..2.5, why: "Somebody looks from a height."),
                         Input.number(:distance_m, "Eye to the wall", "m", 0.1..30, why: "Somebody stands before it."),
                         Input.number(:object_m, "Object, solid height", "m", 0..3),
                         Input.number(:away_m, "Object to the wall", "m", 0..29),
                         Input.number(:socket_top_m, "Top of the socket", "m", 0..3)],
                outputs: { hidden_to_m: "m", hides: "yes/no", riser_m: "m" }

        def call
          refuse(:behind_the_eye, :away_m, distance: read_off(given[:distance_m])) if
            given[:away_m] >= given[:distance_m]
          { hidden_to_m: hidden_to, hides: hidden_to >= given[:socket_top_m], riser_m: riser }
        end

        def findings(outputs)
          outputs[:hides] ? [] : [finding(:socket_seen, riser_m: outputs[:riser_m])]
        end

        def working(outputs)
          eye, away, distance = given.values_at(:eye_m, :away_m, :distance_m).map { |metres| long(metres) }
          object = long(given[:object_m])
          [step("The line from the eye over the object meets the wall",
                "#{object} − (#{eye} − #{object}) × #{away} ÷ (#{distance} − #{away})", :hidden_to_m, outputs),
           step("Hidden when the top of the socket is not above that",
                "#{long(given[:socket_top_m])} against #{long(hidden_to)}", :hides, outputs),
           step("A riser lifts the line to the top of the socket",
                "(#{long(given[:socket_top_m])} + #{eye} × #{figure(slope)}) ÷ (1 + #{figure(slope)}) − #{object}",
                :riser_m, outputs)]
        end

        private

        def slope
          Groupings::LineOfSight.slope(**given.to_h.slice(:distance_m, :away_m))
        end

        def hidden_to
          Groupings::LineOfSight.hidden_to(**given.to_h.slice(:eye_m, :distance_m, :object_m, :away_m))
        end

        def riser
          [((given[:socket_top_m] + (given[:eye_m] * slope)) / (1 + slope)) - given[:object_m], 0].max
        end
      end
    end
  end
end
