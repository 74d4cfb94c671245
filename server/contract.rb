# frozen_string_literal: true

module DeckBough
  module Server
    # The contract of the API (openapi.yaml): what routes exist, what they take, who may call them.
    class Contract
      FILE = File.join(__dir__, "openapi.yaml")
      VERBS = %w[get post put patch delete].freeze

      # The contract's own objections, worded for people, as problem details with pointers into the request.
      class Objection
        include OpenapiFirst::ErrorResponse

        TYPES = { "string" => "text", "integer" => "a whole number", "number" => "a number", "boolean" => "yes or no",
                  "array" => "a list", "object" => "an object with named values" }.freeze

        def render
          raise problem
        end

        private

        def problem
          case failure.type
          when :not_found then Problem.new(404, "no-such-route", "Not here", "There is nothing at this address.")
          when :method_not_allowed then Problem.new(405, "no-such-method", "Not possible here",
                                                    "This address does not take that kind of request.")
          when :unsupported_media_type then Problem.new(415, "not-json", "Send JSON",
                                                        "This address takes application/json.")
          else Problem.invalid(errors)
          end
        end

        def errors
          told = failure.errors or
            return [{ pointer: "", code: "unreadable",
                      message: "The body is not readable JSON. Send one JSON object." }]

          told.flat_map { |error| of(error) }.uniq
        end

        def of(error)
          at = error.instance_location
          missing = error.details&.fetch("missing_keys", nil)
          return missing.map { |key| told("#{at}/#{key}", "missing", "is missing.") } if missing

          [told(at, error.type.to_s, wanted(error))]
        end

        def told(pointer, code, says)
          { pointer: pointer, code: code, message: "#{FieldTitles.of(pointer)} #{says}" }
        end

        def wanted(error)
          schema = error.schemer_error["schema"]
          type = error.type.to_s
          return "must be #{TYPES[type]}." if TYPES.key?(type)

          case type
          when "format", "pattern" then "must be a #{schema['format'] || schema['description'] || 'value of its form'}."
          when "enum" then "must be one of #{schema['enum'].compact.join(', ')}."
          when "schema" then "is not known here."
          when /\A(min|max)/ then "must be #{bound(type, schema[type])}."
          else "is not as it must be."
          end
        end

        def bound(type, limit)
          what = { "Length" => " characters", "Items" => " entries" }.fetch(type[3..], "")
          "#{limit}#{what} or #{type.start_with?('min') ? 'more' : 'fewer'}"
        end
      end

      attr_reader :definition

      def initialize
        @definition = OpenapiFirst.load(FILE)
      end

      # @return [Array<Array(String, String, Hash)>] verb, path template, operation
      def operations
        definition.paths.flat_map do |path, item|
          item.slice(*VERBS).map { |verb, operation| [verb.upcase, path, operation] }
        end
      end

      def open_operations
        operations.select { |_, _, operation| operation["security"] == [] }.map { |verb, path, _| [verb, path] }
      end
    end
  end
end
