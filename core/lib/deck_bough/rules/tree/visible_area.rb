# frozen_string_literal: true

module DeckBough
  module Rules
    module Tree
      # The surface of a tree that is dressed, hem to tip, within the visible arc.
      #
      #   Catalogue.answer("tree.visible_area", { "height_m" => 2.99, "spread_m" => 1.974, "arc_deg" => 360 })[:area_m2]
      #   # => 8.8877
      #
      # The slant is the straight side, crown to hem, for any roundness. It does not decide the arc: the stance does.
      class VisibleArea < Rule
        declare id: "tree.visible_area", title: "Visible surface of a tree", handbook: "10 Shape of a tree",
                inputs: [
                  Given::HEIGHT, Given::SPREAD,
                  Input.number(:hem_m, "Hem", "m", 0..5, default: nil, default_says: "0.10 × height, 0.15 to 0.35"),
                  Input.number(:arc_deg, "Visible arc", "degrees", 1..360, why: "Some of the tree must be seen."),
                  Input.number(:p, "Roundness", "", 0.6..1.4, default: 1.0)
                ],
                outputs: { area_m2: "m2", foliage_m: "m", slant_m: "m", hem_m: "m" },
                constants: %w[tree.hem_share tree.hem_low tree.hem_high]

        def call
          { area_m2: surface.area, foliage_m: surface.foliage, slant_m: surface.slant, hem_m: surface.hem }
        end

        def working(outputs)
          [hem_step(outputs),
           step("Foliage: height less hem", "#{long(given[:height_m])} − #{long(surface.hem)}", :foliage_m,
                outputs),
           step("Slant: the side from crown to hem", "√(#{long(surface.radius)}² + #{long(surface.foliage)}²)",
                :slant_m,
                outputs),
           step(*area_words, :area_m2, outputs)]
        end

        private

        def surface
          @surface ||= TreeSurface.new(height_m: given[:height_m], spread_m: given[:spread_m], hem_m: hem,
                                       arc_deg: given[:arc_deg], p: given[:p])
        end

        def hem
          hem = given[:hem_m] || TreeSurface.default_hem(given[:height_m], house)
          return hem if hem < given[:height_m]

          refuse(:hem_above_tree, :hem_m,
                 hem: read_off(hem), height: read_off(given[:height_m]), most: read_off(given[:height_m]))
        end

        def hem_step(outputs)
          return step("Hem: as measured", read_off(given[:hem_m]), :hem_m, outputs) if given[:hem_m]

          share = figure(house["tree.hem_share"])
          band = "#{read_off(house['tree.hem_low'])} to #{read_off(house['tree.hem_high'])}"
          step("Hem: a share of the height, kept within #{band}", "#{share} × #{long(given[:height_m])}", :hem_m,
               outputs)
        end

        def area_words
          arc = figure(surface.arc)
          if given[:p] == 1
            return ["Surface of the cone within #{figure(given[:arc_deg])}°: half the arc × radius × slant",
                    "#{arc} ÷ 2 × #{long(surface.radius)} × #{long(surface.slant)}"]
          end

          ["Surface of the rounded side within #{figure(given[:arc_deg])}°: the arc × the sum of r·√(1 + r′²) from " \
           "hem to tip",
           "#{arc} × #{long(surface.area / surface.arc, 2)}, with r = #{long(surface.radius)} × (1 − z ÷ " \
           "#{long(surface.foliage)}) to the power #{figure(given[:p])}"]
        end
      end
    end
  end
end
