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
          if missing
            return missing.map { |key| { pointer: "#{at}/#{key}", code: "missing", message: "#{key} is missing." } }
          end

          name = at.split("/").last || "The body"
          [{ pointer: at, code: error.type.to_s, message: "#{name}: #{wanted(error)}" }]
        end

        def wanted(error)
          schema = error.schemer_error["schema"]
          case error.type
          when "format", "pattern"
            "must be a #{schema['format'] || schema['description'] || 'value of the right form'}."
          when "enum" then "must be one of #{schema['enum'].join(', ')}."
          when "schema" then "is not known here."
          when /\A(string|integer|number|boolean|array|object)\z/ then "must be a #{error.type}."
          else "#{error.error.sub(/\Avalue at `[^`]*` /, '')}."
          end
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
