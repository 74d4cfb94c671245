# frozen_string_literal: true

module DeckBough
  module Seasons
    # Later what says winter among the stems is exchanged for stems of the whole year, piece by piece, each as often as
    # there is of it.
    #
    #   Seasons::SpringSwap.of([{ piece: "tray", style: "fir", count: 3 }], [{ style: "willow", free: 2 }])
    #   # => [{ piece: "tray", style: "fir", count: 3, into: "willow", put: 2 }]
    #
    # Source: handbook 90, After the day.
    module SpringSwap
      GREENS = %w[stem garland].freeze
      ALL_YEAR = "all_year"

      module_function

      # @param thing [Hash] kind, season
      # @return [Boolean] whether it goes when spring comes
      def winter?(thing)
        GREENS.include?(thing[:kind]) && thing[:season] != ALL_YEAR
      end

      # @param staying [Array<Hash>] piece, style, count of what goes then
      # @param stems [Array<Hash>] style, free: what may come in
      # @return [Array<Hash>] piece, style, count, into (style or nil), put (how many of it)
      def of(staying, stems)
        left = stems.to_h { |stem| [stem[:style], stem[:free].floor] }
        staying.map do |one|
          into, free = left.max_by { |style, many| [many, style] }
          next { **one, into: nil, put: 0 } unless into && free.positive?

          put = [free, one[:count].ceil].min
          left[into] -= put
          { **one, into: into, put: put }
        end
      end
    end
  end
end
