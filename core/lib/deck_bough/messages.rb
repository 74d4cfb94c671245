# frozen_string_literal: true

require "yaml"

module DeckBough
  # The one catalogue of sentences: findings by code with their severity, errors by code.
  #
  #   DeckBough::Messages.error(:length_empty) # => "No length was given. Type one, such as 2.28 m or 7 ft 6 in."
  module Messages
    TEXTS = YAML.safe_load_file(File.join(ROOT, "messages.yml")).freeze

    module_function

    # @return [String] the sentence for an error code
    def error(code, values = {})
      sentence("errors", code, values)
    end

    # @return [Hash] severity and sentence of a finding
    def finding(code, values = {})
      entry = TEXTS.fetch("findings").fetch(code.to_s)
      { severity: entry.fetch("severity"), message: filled(entry.fetch("says"), values) }
    end

    def sentence(kind, code, values)
      filled(TEXTS.fetch(kind).fetch(code.to_s), values)
    end

    def filled(text, values)
      text.include?("%{") ? format(text, values) : text
    end
  end
end
