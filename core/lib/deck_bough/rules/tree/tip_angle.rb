# frozen_string_literal: true

module DeckBough
  module Rules
    module Tree
      # How far a standing tree may lean before it tips.
      #   Catalogue.answer("tree.tip_angle", { "support_width_m" => 0.382, "riser_m" => 0.45,
      #     "height_m" => 1.456 })[:caution]
      #   # => true
      #
      # It certifies nothing: test by hand, and tie back where anybody may pull.
      class TipAngle < Rule
        declare id: "tree.tip_angle", title: "Tip angle", handbook: "10 Riser, stand, foot",
                inputs: [
                  Input.number(:support_width_m, "Support width", "m", 0.02..5, why: "A stand has legs."),
                  Given::RISER, Given::HEIGHT
                ],
                outputs: { tip_angle_deg: "degrees", caution: "yes/no" },
                constants: %w[tree.gravity tree.tip_angle]

        def call
          { tip_angle_deg: angle, caution: angle < house["tree.tip_angle"] }
        end

        def working(outputs)
          share = figure(house["tree.gravity"])
          [between("Height of the centre of gravity: riser + #{share} × height",
                   "#{long(given[:riser_m])} + #{share} × #{long(given[:height_m])}", :gravity_m, gravity, "m"),
           step("Angle whose tangent is half the support over that height",
                "atan(#{long(given[:support_width_m] / 2.0)} ÷ #{long(gravity)})", :tip_angle_deg, outputs),
           step("Caution under #{figure(house['tree.tip_angle'])}°", "#{figure(angle, 1)}°", :caution, outputs)]
        end

        def findings(outputs)
          return [] unless outputs[:caution]

          [finding(:tips_over, angle: figure(angle, 1), low: figure(house["tree.tip_angle"]))]
        end

        private

        def gravity
          given[:riser_m] + (house["tree.gravity"] * given[:height_m])
        end

        def angle
          Math.atan2(given[:support_width_m] / 2.0, gravity) * 180 / Math::PI
        end
      end
    end
  end
end
