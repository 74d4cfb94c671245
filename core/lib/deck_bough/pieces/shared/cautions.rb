# frozen_string_literal: true

module DeckBough
  # Findings of a plan by the step where they matter, the worst first, each said once.
  #
  #   Cautions.of({ "measure" => [finding] }) # => [{ step: "measure", code:, severity:, message: }]
  module Cautions
    ORDER = { "stop" => 0, "caution" => 1, "info" => 2 }.freeze

    module_function

    # @param found [Hash{String => Array<Finding, nil>}] by step, in the order of work
    # @return [Array<Hash>] step, code, severity, message; within a severity in the order of work
    def of(found)
      rows = found.flat_map { |step, findings| findings.compact.map { |finding| { step: step, **finding.to_h } } }
      rows.uniq.sort_by.with_index { |row, i| [ORDER.fetch(row[:severity]), i] }
    end
  end
end
