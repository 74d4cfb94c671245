# frozen_string_literal: true

module DeckBough
  # Anything a person can mend. Our own bugs are ordinary Ruby exceptions and never descend from this.
  class Error < StandardError
    attr_reader :code, :values

    # @param code [Symbol] key into messages.yml under "errors"
    # @param values [Hash] what the sentence needs
    def initialize(code, values = {})
      @code = code
      @values = values.freeze
      super(Messages.error(code, values))
    end
  end

  # A length that could not be read, or is not one.
  class LengthError < Error; end

  # A rule id the catalogue does not have.
  class UnknownRule < Error; end

  # A house rule that does not exist, or a value it cannot take.
  class HouseRuleError < Error; end

  # One fault in what was given: where it is, what is wrong, what would be right.
  #
  # message: the sentence where it is known already; else it is made from the code and values, in the person's units.
  Fault = Struct.new(:path, :code, :said, :values, keyword_init: true) do
    def initialize(path:, code:, message: nil, values: {})
      super(path: path, code: code, said: message, values: values)
      freeze
    end

    def message
      told("metric")
    end

    # @param units ["metric", "imperial"]
    def told(units)
      said || Messages.error("input_#{code}", { name: path.last, **values }, units)
    end

    # "styles[0].breakable" for the command line, "/styles/0/breakable" for the API.
    def input
      path.each_with_index.map { |part, i| part.is_a?(Integer) ? "[#{part}]" : "#{'.' if i.positive?}#{part}" }.join
    end

    def pointer
      "/#{path.join('/')}"
    end
  end

  # Settings that are right one by one and still make no plan: a rule refuses what they come to. Faults point into the
  # settings.
  class UnplannableError < StandardError
    attr_reader :rule, :faults

    # @param rule [String] the rule that refused
    # @param faults [Array<Fault>] at least one
    def initialize(rule, faults)
      @rule = rule
      @faults = faults.freeze
      super(faults.map(&:message).join(" "))
    end
  end

  # Everything wrong with a set of inputs, told at once.
  class InputError < StandardError
    attr_reader :faults

    # @param faults [Array<Fault>] at least one
    def initialize(faults)
      @faults = faults.freeze
      super(faults.map(&:message).join(" "))
    end
  end
end
