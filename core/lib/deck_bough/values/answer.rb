# frozen_string_literal: true

module DeckBough
  # What a rule answers: its outputs, what is worth telling, how it came about, and the keys of the house rules it came
  # about with.
  #
  #   answer = Catalogue.answer("ornaments.by_cover", { "area_m2" => 4.9, "cover" => "balanced" })
  #   answer.outputs[:total] # => 98
  Answer = Struct.new(:rule, :inputs, :outputs, :findings, :working, :constants, keyword_init: true) do
    def initialize(**)
      super
      freeze
    end

    def [](name)
      outputs.fetch(name)
    end

    # JSON-ready, in the shape the command line and the API share.
    def to_h
      { rule: rule, inputs: inputs, outputs: outputs, findings: findings.map(&:to_h), working: working.map(&:to_h) }
    end
  end
end
