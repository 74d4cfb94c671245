# frozen_string_literal: true

module DeckBough
  module Days
    # Steps that wait for each other in a circle: none of them could ever begin.
    #
    #   Days::Circle.among([Days::Step.new(id: "a", after: { "a" => 0 })]) # => ["a"]
    module Circle
      module_function

      # @param steps [Array<Step>]
      # @return [Array<String>, nil] those that could never begin; nil where all could
      def among(steps)
        left = steps.to_h { |step| [step.id, step.after.keys] }
        loop do
          ready = left.select { |_, after| after.none? { |id| left.key?(id) } }.keys
          break if ready.empty?

          ready.each { |id| left.delete(id) }
        end
        left.empty? ? nil : left.keys
      end
    end
  end
end
