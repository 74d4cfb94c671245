# frozen_string_literal: true

module DeckBough
  module Rules
    module Ribbon
      # Ribbon falling in streams from the crown to the hem.
      #   Catalogue.answer("ribbon.cascade", { "slant_m" => 1.478, "streams" => 4, "billow" => "full" })[:length_m]
      #   # => 8.2768
      class Cascade < Rule
        declare id: "ribbon.cascade", title: "Ribbon in cascades", handbook: "40 Ribbon, bows and picks",
                inputs: [Given::SLANT,
                         Input.whole(:streams, "Streams", "streams", 1..40, why: "A cascade has a stream."),
                         Given::BILLOW],
                outputs: { length_m: "m" },
                constants: %w[ribbon.billow_flat ribbon.billow_soft ribbon.billow_full]

        # Streams that read even over an arc.
        def self.streams_for(arc_deg, house)
          [(arc_deg / house["ribbon.stream_arc"].to_f).round, 1].max
        end

        def call
          { length_m: given[:streams] * billow * given[:slant_m] }
        end

        def working(outputs)
          [step("Streams × billow × slant", "#{given[:streams]} × #{figure(billow)} × #{long(given[:slant_m])}",
                :length_m, outputs)]
        end

        private

        def billow
          house["ribbon.billow_#{given[:billow]}"]
        end
      end
    end
  end
end
