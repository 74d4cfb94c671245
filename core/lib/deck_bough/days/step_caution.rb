# frozen_string_literal: true

module DeckBough
  module Days
    # The one sentence of caution that a step of a run sheet bears: ladders, what has to set, what is tested first; and
    # of things, what breaks.
    #
    #   Days::StepCaution.of_breakable(nil, units: "metric") # => nil
    #
    # Source: handbook 95; 90, Run sheet.
    module StepCaution
      module_function

      # @param told [HomeSteps::Told]
      # @return [Finding, nil]
      def of_step(told, house:, units:)
        return Finding.of(:ladder, units: units, ladder_m: house["tree.ladder"]) if told.high

        case told.key
        when "anchors" then Finding.of(:run_hooks)
        when "lights" then Finding.of(:test_lights)
        end
      end

      # @param reach_m [Float, nil] below which nothing hangs that breaks; nil where nobody reaches for it
      # @return [Finding, nil]
      def of_breakable(reach_m, units:)
        reach_m && Finding.of(:run_breakable, units: units, reach_m: reach_m)
      end
    end
  end
end
