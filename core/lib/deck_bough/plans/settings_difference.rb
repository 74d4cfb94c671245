# frozen_string_literal: true

module DeckBough
  # Says in words what changed between two documents of a piece's settings, for the history of a piece.
  #
  #   SettingsDifference.says(before, after) # => "Height 2.40 m → 2.70 m; Cover balanced → full"
  module SettingsDifference
    MOST = 3
    NOTHING = "—"

    module_function

    # @param before, after [Hash] checked settings of one kind of piece
    # @param groups [Hash] what that kind declares
    def says(before, after, units = "metric", groups: TreeSettings::GROUPS)
      changes = groups.flat_map do |group, inputs|
        inputs.filter_map { |input| change(input, before[group][input.name], after[group][input.name], units) }
      end
      return "Nothing changed" if changes.empty?

      told = changes.first(MOST).join("; ")
      changes.size > MOST ? "#{told} and #{changes.size - MOST} more" : told
    end

    def change(input, before, after, units)
      return nil if before == after
      return "#{input.title} #{before.size} → #{after.size}" if input.kind == :list && before.size != after.size
      return "#{input.title} changed" if input.kind == :list || input.name == :style

      "#{input.title} #{shown(before, input, units)} → #{shown(after, input, units)}"
    end

    def shown(value, input, units)
      return NOTHING if value.nil?

      input.unit == "m" ? Length.print(value, units) : value.to_s.tr("_", " ")
    end
    private_class_method :change, :shown
  end
end
