# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # The JSON Schema of a home plan, made from the core's own declarations so that it cannot say anything else.
      module HomePlanSchema
        TYPES = { number: "number", whole: "integer", flag: "boolean", text: "string" }.freeze
        DATE = { type: %w[string null], format: "date" }.freeze

        module_function

        # @return [Hash] JSON Schema, draft 2020-12
        def build
          { "$schema": "https://json-schema.org/draft/2020-12/schema", title: "Deck Bough home plan",
            description: "Lengths are metres.",
            **object({ format: { const: HomePlan::FORMAT }, version: { const: HomePlan::VERSION }, home: home,
                       styles: list(style), rooms: list(room) },
                     %w[format version home styles rooms]) }
        end

        def home
          declared(Survey::HOME, more: { visit_on: DATE, strike_on: DATE })
        end

        def style
          declared(Style::INPUTS, more: { key: { type: "string", minLength: 1 } }, required: ["key"])
        end

        def room
          place = declared(Survey::PLACE, more: { key: { type: "string", minLength: 1 } }, required: ["key"])
          anchor = declared([*StayingAnchor::INPUTS, HomePlanReading::ANCHOR_OF])
          lists = HomePlanViews::LISTS.to_h { |name, (inputs, _)| [name.to_sym, list(declared(inputs))] }
          declared(Survey::ROOM, more: { key: { type: "string" }, plan: declared(DeckBough::Rooms::FloorPlanSurvey::PLAN),
                                         places: list(place), pieces: list(piece), anchors: list(anchor), **lists },
                                 required: %w[places pieces])
        end

        def piece
          { oneOf: Kinds::ALL.values.map { |kind| piece_of(kind) } }
        end

        def piece_of(kind)
          groups = kind.groups.transform_values { |inputs| declared(inputs) }
          object({ name: { type: "string", minLength: 1, maxLength: 120 }, kind: { const: kind.name },
                   place: { type: %w[string null] }, position: position,
                   settings_schema: { type: "integer", minimum: 1, maximum: kind.schema },
                   settings: object(groups, []) }, %w[name kind settings])
        end

        def position
          { **declared(Store::Positions::INPUTS), type: %w[object null] }
        end

        def declared(inputs, more: {}, required: [])
          object(inputs.to_h { |input| [input.name, value(input)] }.merge(more),
                 inputs.select(&:required?).map { |input| input.name.to_s } + required)
        end

        def object(properties, required)
          { type: "object", additionalProperties: false, required: required, properties: properties }
        end

        def list(items)
          { type: "array", items: items }
        end

        def value(input)
          told = { title: input.title, **kind(input) }
          nullable = !input.required? && input.default.nil?
          return told unless nullable

          told.key?(:enum) ? told.merge(enum: [*told[:enum], nil]) : told.merge(type: [told[:type], "null"])
        end

        def kind(input)
          case input.kind
          when :choice then { enum: input.choices }
          when :list then { type: "array", minItems: input.range.begin, maxItems: input.range.end,
                            items: input.items.is_a?(Array) ? declared(input.items) : value(input.items) }
          when :number, :whole then { type: TYPES.fetch(input.kind), minimum: input.range.begin,
                                      maximum: input.range.end }
          when :colour then { type: "string", pattern: "^#[0-9A-Fa-f]{6}$" }
          when :text then { type: "string", maxLength: input.range.end }
          else { type: TYPES.fetch(input.kind) }
          end
        end
        private_class_method :home, :style, :room, :piece, :piece_of, :declared, :object, :list, :value, :kind
      end
    end
  end
end
