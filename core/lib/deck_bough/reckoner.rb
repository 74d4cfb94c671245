# frozen_string_literal: true

require "json"

module DeckBough
  # One line of JSON in, one line out: the command-line face of the catalogue.
  #
  #   Reckoner.line('{"rule":"ornaments.by_cover","inputs":{"area_m2":2.94,"cover":"full"}}')
  #   # => [{ rule: "ornaments.by_cover", outputs: { total: 88 }, … }, true]
  module Reckoner
    module_function

    # The longest line that is read; more is no question.
    LONGEST = 1_000_000

    # A line of standard input, whatever its bytes: answered as JSON text, always.
    #
    # @return [Array(String, Boolean), nil] nil for a line with nothing on it
    def json(bytes)
      text = bytes.dup.force_encoding(Encoding::UTF_8)
      return nil if text.valid_encoding? && text.strip.empty?

      answer, good = line(text)
      [JSON.generate(answer), good]
    rescue JSON::GeneratorError, RangeError
      # What came out is no number one could write down.
      [JSON.generate(failed(nil, "out_of_range", nil, Messages.error(:line_out_of_range))), false]
    end

    # @return [Array(Hash, Boolean)] the answer and whether the line was good
    def line(text)
      asked = read(text)
      return [failed(nil, "not_json", nil, Messages.error(:line_not_json)), false] unless asked

      answer = Catalogue.answer(asked["rule"], asked["inputs"])
      [{ rule: answer.rule, outputs: answer.outputs, findings: answer.findings.map(&:to_h),
         working: answer.working.map(&:to_h) },
       true]
    rescue UnknownRule => e
      [failed(asked["rule"], e.code, "rule", e.message), false]
    rescue InputError => e
      first = e.faults.first
      [failed(asked["rule"], first.code, first.input, first.message, e.faults.drop(1)), false]
    end

    # NaN and Infinity are let through so that the input which carries them can be named.
    def read(text)
      return nil unless text.valid_encoding? && text.size <= LONGEST

      asked = JSON.parse(text, allow_nan: true)
      asked if asked.is_a?(Hash) && asked.key?("rule") && asked.key?("inputs")
    rescue JSON::ParserError, EncodingError, ArgumentError
      nil
    end

    def failed(rule, code, input, message, more = [])
      error = { code: code, input: input, message: message }
      unless more.empty?
        error[:more] = more.map { |fault| { code: fault.code, input: fault.input, message: fault.message } }
      end
      { rule: rule, error: error }
    end
    private_class_method :read, :failed
  end
end
