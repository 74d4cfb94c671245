# frozen_string_literal: true

require "json"

module DeckBough
  # One line of JSON in, one line out: the command-line face of the catalogue.
  #
  #   Reckoner.line('{"rule":"ornaments.by_cover","inputs":{"area_m2":2.94,"cover":"full"}}')
  #   # => [{ rule: "ornaments.by_cover", outputs: { total: 88 }, … }, true]
  module Reckoner
    module_function

    # @return [Array(Hash, Boolean)] the answer and whether the line was good
    def line(text)
      asked = read(text)
      return [failed(nil, "not_json", nil, Messages.error(:line_not_json)), false] unless asked

      answer = Catalogue.answer(asked["rule"], asked["inputs"])
      [{ rule: answer.rule, outputs: answer.outputs, findings: answer.findings.map(&:to_h), working: answer.working.map(&:to_h) },
       true]
    rescue UnknownRule => e
      [failed(asked["rule"], e.code, "rule", e.message), false]
    rescue InputError => e
      first = e.faults.first
      [failed(asked["rule"], first.code, first.input, first.message, e.faults.drop(1)), false]
    end

    # NaN and Infinity are let through so that the input which carries them can be named.
    def read(text)
      asked = JSON.parse(text, allow_nan: true)
      asked if asked.is_a?(Hash) && asked.key?("rule") && asked.key?("inputs")
    rescue JSON::ParserError, EncodingError
      nil
    end

    def failed(rule, code, input, message, more = [])
      error = { code: code, input: input, message: message }
      error[:more] = more.map { |fault| { code: fault.code, input: fault.input, message: fault.message } } unless more.empty?
      { rule: rule, error: error }
    end
    private_class_method :read, :failed
  end
end
