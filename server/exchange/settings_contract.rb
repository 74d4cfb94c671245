# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # The part of the contract that says what settings of each kind are, and what a dial of the front end may be
      # turned to: both made from the core's own declarations.
      #
      #   SettingsContract.schemas["TreeSettings"]["properties"].keys.first # => "measure"
      module SettingsContract
        TYPES = { number: "number", whole: "integer", flag: "boolean", text: "string" }.freeze

        module_function

        # @return [Hash] schemas of the contract by name, of each kind and of pieces over all kinds
        def schemas
          kinds = Kinds::ALL.values
          own = kinds.flat_map do |kind|
            [["#{named(kind)}Settings", settings(kind)], ["#{named(kind)}Piece", piece(kind)]]
          end
          { "PieceKind" => { "type" => "string", "enum" => Kinds::NAMES }, **own.to_h,
            "AnySettings" => any(kinds, "Settings"),
            "Piece" => { **any(kinds, "Piece"), "description" => "Its kind says which settings it has" } }
        end

        # What each dial may be turned to.
        #
        # @return [Hash] kind → group → field → title, unit, low, high, choices, default
        def dials
          Kinds::ALL.transform_values { |kind| kind.groups.transform_values { |inputs| told(inputs) } }
        end

        def named(kind)
          kind.name.split("_").map(&:capitalize).join
        end

        def any(kinds, what)
          { "anyOf" => kinds.map { |kind| { "$ref" => "#/components/schemas/#{named(kind)}#{what}" } } }
        end

        def settings(kind)
          object(kind.groups.to_h { |group, inputs| [group.to_s, fields(inputs)] })
        end

        def piece(kind)
          own = object("kind" => { "type" => "string", "enum" => [kind.name] },
                       "settings" => { "$ref" => "#/components/schemas/#{named(kind)}Settings" })
          { "allOf" => [{ "$ref" => "#/components/schemas/PieceFacts" }, own] }
        end

        def object(properties)
          { "type" => "object", "required" => properties.keys, "properties" => properties }
        end

        def fields(inputs)
          object(inputs.to_h { |input| [input.name.to_s, value(input)] })
        end

        def value(input)
          nullable = !input.required? && input.default.nil?
          nullable ? { **type(input, nullable), "nullable" => true } : type(input, nullable)
        end

        def type(input, nullable)
          case input.kind
          when :choice then choice(input, nullable)
          when :list then { "type" => "array",
                            "items" => input.items.is_a?(Array) ? fields(input.items) : value(input.items) }
          else { "type" => TYPES.fetch(input.kind) }
          end
        end

        def choice(input, nullable)
          { "type" => input.choices.all?(Integer) ? "integer" : "string",
            "enum" => nullable ? [*input.choices, nil] : input.choices }
        end

        def told(inputs)
          inputs.to_h do |input|
            [input.name,
             { title: input.title, unit: input.unit, choices: input.choices,
               **bounds(input) }.compact.merge(start(input))]
          end
        end

        def start(input)
          input.required? ? {} : { default: input.default }
        end

        def bounds(input)
          case input.kind
          when :number, :whole then { low: input.range.begin, high: input.range.end }
          when :list then { most: input.range.end, items: input.items.is_a?(Array) ? told(input.items) : nil }
          else {}
          end
        end
        private_class_method :named, :any, :settings, :piece, :object, :fields, :value, :type, :choice, :told, :start,
                             :bounds
      end
    end
  end
end
