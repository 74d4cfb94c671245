# frozen_string_literal: true

module DeckBough
  module Rules
    # Colours of a look, as the eye tells them apart.
    module Palette
      # Which colour of a palette another one belongs to, and whether it does.
      #
      #   Catalogue.answer("palette.match", { "colour" => "#c99a2e", "palette" => [
      #     { "name" => "Quince", "colour" => "#d3a02a" }, { "name" => "Chalk", "colour" => "#ece8dd" }] })[:verdict]
      #   # => "on"
      class Match < Rule
        COLOURS = [Input.text(:name, "Name", 1..60), Input.colour(:colour, "Colour")].freeze
        declare id: "palette.match", title: "A colour against a palette", handbook: "80 Look",
                inputs: [Input.colour(:colour, "Colour"), Input.list(:palette, "Palette", COLOURS, 1..40)],
                outputs: { nearest: "name", delta_e: "ΔE", verdict: "choice" },
                constants: %w[palette.on palette.near]

        def call
          { nearest: nearest[:name], delta_e: apart(nearest), verdict: verdict }
        end

        def working(outputs)
          [step("The nearest of the palette", given[:palette].first(4).map { |one| told(one) }.join(", "), :nearest,
                outputs),
           step("How far apart the eye sees them, by CIEDE2000", "#{given[:colour]} and #{nearest[:colour]}", :delta_e,
                outputs),
           step("On the palette under #{figure(house['palette.on'])}, near it up to #{figure(house['palette.near'])}",
                figure(outputs[:delta_e]), :verdict, outputs)]
        end

        private

        # Of two that are as near the earlier one.
        def nearest
          @nearest ||= given[:palette].min_by.with_index { |one, i| [apart(one), i] }
        end

        def apart(one)
          @apart ||= {}
          @apart[one] ||= ColourDifference.of(given[:colour], one[:colour])
        end

        def told(one)
          "#{one[:name]} #{figure(apart(one))}"
        end

        def verdict
          return "on" if apart(nearest) < house["palette.on"]

          apart(nearest) <= house["palette.near"] ? "near" : "off"
        end
      end
    end
  end
end
