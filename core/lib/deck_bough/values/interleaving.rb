# frozen_string_literal: true

module DeckBough
  # Lays kinds out one after another so that each is spread over all places by its count.
  #
  #   Interleaving.of([4, 2], 6) # => [0, 1, 0, 0, 1, 0]
  #
  # The kind that is furthest behind its share goes next; ties go to the earlier one.
  module Interleaving
    module_function

    # @param counts [Array<Numeric>] how many of each kind
    # @param places [Integer] how many places there are; counts may sum to another number, as shares of them
    # @return [Array<Integer>] the number of a kind for each place
    def of(counts, places)
      whole = counts.sum.to_f
      return [] unless whole.positive?

      given = counts.map { 0 }
      Array.new(places) do |i|
        next_one = counts.each_index.min_by { |k| [(given[k] - (counts[k] / whole * (i + 1))).round(9), k] }
        given[next_one] += 1
        next_one
      end
    end
  end
end
