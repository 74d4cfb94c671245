# frozen_string_literal: true

module DeckBough
  # Hanging things with a few strokes: the line of their hooks, each line and what is on it.
  module DropsPortrait
    module_function

    # @param reckoning [DropsReckoning] measured
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      hooks = reckoning.hooks_m
      portrait.line("line", [[0, hooks], [reckoning.place[:length_m], hooks]])
      reckoning.lines.each { |line| hanging(portrait, line, hooks) }
      portrait
    end

    def hanging(portrait, line, hooks)
      half = line.across_m / 2.0
      low = hooks - line.low_m
      portrait.line("line", [[line.at_m, hooks], [line.at_m, hooks - line.drop_m]])
      portrait.area("foliage", [[line.at_m - half, low], [line.at_m + half, low],
                                [line.at_m + half, low + line.across_m], [line.at_m - half, low + line.across_m]])
      portrait.dot(line.at_m, low + half, half, line.style&.colour || "#b9c3c4", style: line.style)
    end
    private_class_method :hanging
  end
end
