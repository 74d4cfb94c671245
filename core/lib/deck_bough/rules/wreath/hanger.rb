# frozen_string_literal: true

module DeckBough
  module Rules
    module Wreath
      # The ribbon a wreath hangs by, or seems to: over the top of a door, short above a hook, or taped down a cabinet.
      #
      #   Catalogue.answer("wreath.hanger", { "drop_m" => 0.477, "thickness_m" => 0.036 })[:length_m] # => 1.2671
      class Hanger < Rule
        NEEDS = { "real" => %i[drop_m thickness_m], "false" => %i[visible_m], "taped" => %i[door_height_m] }.freeze
        declare id: "wreath.hanger", title: "Hanger ribbon", handbook: "60 Hanging",
                inputs: [Input.choice(:kind, "Hanger", NEEDS.keys, default: "real"),
                         Input.number(:drop_m, "From the top of the door to the ring", "m", 0..5, default: nil),
                         Input.number(:thickness_m, "Thickness of the ring", "m", 0..1, default: nil),
                         Input.number(:visible_m, "Ribbon that is seen", "m", 0..5, default: nil),
                         Input.number(:door_height_m, "Height of the cabinet door", "m", 0..5, default: nil)],
                outputs: { length_m: "m" },
                constants: %w[wreath.hanger_return wreath.hanger_tuck wreath.hanger_taped]

        def call
          lacking = NEEDS.fetch(given[:kind]).select { |name| given[name].nil? }
          raise(InputError, lacking.map { |name| Inputs.missing(declared(name), [name.to_s]) }) unless lacking.empty?

          { length_m: length }
        end

        def working(outputs)
          [step(*SAYS.fetch(given[:kind]).then { |says| [says, sum] }, :length_m, outputs)]
        end

        SAYS = { "real" => "Down both sides, over the top on both, once round the ring",
                 "false" => "What is seen, and tucked in at both ends",
                 "taped" => "The door, and fixed inside at top and bottom" }.freeze

        private

        def declared(name)
          self.class.declaration.inputs.find { |input| input.name == name }
        end

        def length
          case given[:kind]
          when "real"
            (2 * given[:drop_m]) + (2 * house["wreath.hanger_return"]) + (Math::PI * given[:thickness_m])
          when "false" then given[:visible_m] + (2 * house["wreath.hanger_tuck"])
          else given[:door_height_m] + (2 * house["wreath.hanger_taped"])
          end
        end

        def sum
          case given[:kind]
          when "real"
            "2 × #{long(given[:drop_m])} + 2 × #{long(house['wreath.hanger_return'])} + " \
            "π × #{long(given[:thickness_m])}"
          when "false" then "#{long(given[:visible_m])} + 2 × #{long(house['wreath.hanger_tuck'])}"
          else "#{long(given[:door_height_m])} + 2 × #{long(house['wreath.hanger_taped'])}"
          end
        end
      end
    end
  end
end
