# frozen_string_literal: true

module DeckBough
  # The look of stockings on other stockings: what is on each and how they are alike; whose they are and where they hang
  # stays.
  #
  #   from = STOCKINGS_KIND.check(stockings: { trim: "bow" })
  #   StockingsLook.onto(from, STOCKINGS_KIND.check({}), 1)[:stockings][:trim]
  module StockingsLook
    WORN = %i[school trim trim_style loop_m tail_m].freeze

    module_function

    # @param from, onto [CheckedSettings]
    # @return [Hash] settings, unchecked; each that hangs there takes the style in its turn
    def onto(from, onto, _ratio)
      worn = from[:stockings][:hung].map { |one| one.slice(:style, :colour) }
      hung = onto[:stockings][:hung].each_with_index.map { |one, i| worn.empty? ? one : one.merge(worn[i % worn.size]) }
      { **onto, stockings: onto[:stockings].merge(from[:stockings].to_h.slice(*WORN), hung: hung) }
    end
  end
end
