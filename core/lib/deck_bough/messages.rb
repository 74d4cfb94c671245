# frozen_string_literal: true

require "English"
require "yaml"

module DeckBough
  # The one catalogue of sentences: findings by code with their severity, errors by code.
  #
  #   DeckBough::Messages.error(:length_empty) # => "No length was given. Type one, such as 2.28 m or 7 ft 6 in."
  module Messages
    NUMBERED = /\{(\w+)\|([^|}]*)\|([^}]*)\}/
    TEXTS = YAML.safe_load_file(File.join(ROOT, "messages.yml")).freeze

    module_function

    # @return [String] the sentence for an error code, its measures in the person's units
    def error(code, values = {}, units = "metric")
      said = values.transform_values { |value| value.respond_to?(:told) ? value.told(units) : value }
      sentence("errors", code, said)
    end

    # @return [Hash] severity and sentence of a finding
    def finding(code, values = {})
      entry = TEXTS.fetch("findings").fetch(code.to_s)
      { severity: entry.fetch("severity"), message: filled(entry.fetch("says"), values) }
    end

    def sentence(kind, code, values)
      filled(TEXTS.fetch(kind).fetch(code.to_s), values)
    end

    # Words that follow a number are given for one and for more: "%{count} {count|place|places}".
    def filled(text, values)
      said = text.gsub(NUMBERED) do
        name, one, more = $LAST_MATCH_INFO.captures
        values.fetch(name.to_sym) == 1 ? one : more
      end
      said.include?("%{") ? format(said, values) : said
    end
  end
end
