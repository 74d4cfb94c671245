# frozen_string_literal: true

module DeckBough
  # The order of work on a tree by this studio's schools.
  #   OrderOfWork.steps(topper: "last", picks: "before")
  #   # => ["measure", "lights", "ribbon", "picks", "ornaments", "crown", "foot", "step_back"]
  #
  # What goes deepest goes on first, and the eye has the last word. Source: handbook 10, Setting up; 00, Schools.
  module OrderOfWork
    # Topper first: nothing gets knocked off later. Picks after: they fill what is left.
    STEPS = %w[measure lights crown ribbon ornaments picks foot step_back].freeze
    TOPPER = %w[first last none].freeze
    PICKS = %w[before after].freeze

    module_function

    # @param topper ["first", "last", "none"], picks ["before", "after"] the ornaments
    # @return [Array<String>]
    def steps(topper:, picks:)
      steps = STEPS.dup
      move(steps, "picks", before: "ornaments") if picks == "before"
      move(steps, "crown", before: "foot") if topper == "last"
      steps
    end

    def move(steps, step, before:)
      steps.delete(step)
      steps.insert(steps.index(before), step)
    end
    private_class_method :move
  end
end
