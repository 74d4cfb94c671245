# frozen_string_literal: true

module DeckBough
  # What a rule answers: its outputs, what is worth telling, how it came about, and the keys of the house rules it came
  # about with.
  #
  #   answer = Catalogue.answer("ornaments.by_cover", { "area_m2" => 4.9, "cover" => "balanced" })
  #   answer.outputs[:total] # => 98
  #
  # How it came about is written down when somebody asks: a plan is made of dozens of answers, and few are opened.
  Answer = Struct.new(:rule, :inputs, :outputs, :findings, keyword_init: true) do
    # @param tells [#call] gives working and constants
    def initialize(tells:, **told)
      super(**told)
      @told = AnswerTold.new(tells)
      freeze
    end

    def [](name)
      outputs.fetch(name)
    end

    def working
      @told.call.first
    end

    # @return [Array<String>] keys of the house rules it was reckoned and told with
    def constants
      @told.call.last
    end

    # The same with everything written down: what is kept for long holds nothing else.
    def settled
      @told.call
      self
    end

    # JSON-ready, in the shape the command line and the API share.
    def to_h
      { rule: rule, inputs: inputs, outputs: outputs, findings: findings.map(&:to_h), working: working.map(&:to_h) }
    end
  end

  # Asked once; from then on it knows.
  class AnswerTold
    def initialize(tells)
      @tells = tells
    end

    def call
      return @told if @told

      @told = @tells.call.freeze
      @tells = nil
      @told
    end
  end
end
