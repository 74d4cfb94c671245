# frozen_string_literal: true

module DeckBough
  # Shares a whole number out by weights so that the parts always sum to the whole.
  #
  #   LargestRemainder.share(40, [0, 0.10, 0.35, 0.55]) # => [0, 4, 14, 22]
  #
  # Ties go to the earlier weight.
  module LargestRemainder
    module_function

    # @param total [Integer] 0 or more
    # @param weights [Array<Numeric>] not negative, at least one above zero
    # @return [Array<Integer>] as many as weights
    def share(total, weights)
      sum = weights.sum.to_f
      exact = weights.map { |weight| total * weight / sum }
      # A weight that is a whole share but for rounding keeps it.
      parts = exact.map { |part| (part + 1e-9).floor }
      order = exact.each_index.sort_by { |i| [-(exact[i] - parts[i]).round(9), i] }
      order.first(total - parts.sum).each { |i| parts[i] += 1 }
      parts
    end
  end
end
