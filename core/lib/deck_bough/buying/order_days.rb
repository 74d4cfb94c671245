# frozen_string_literal: true

module DeckBough
  module Buying
    # By when things are ordered, as seen from one day: hundreds of them are wanted for a handful of visits, so each day
    # of a supplier is reckoned once.
    #
    #   Buying::OrderDays.new(today: Date.new(2026, 11, 19)).of(Buying::Supplier.new(lead_days: 3),
    #                                                           Date.new(2026, 11, 28)).on # => "2026-11-23"
    class OrderDays
      # on: an ISO day; number: the same to be compared by; answer: of the rule buying.order_by.
      OrderDay = Struct.new(:on, :late, :number, :answer)

      attr_reader :today, :house

      def initialize(today:, house: HouseRules.default)
        @today = today
        @house = house
        @known = {}.compare_by_identity
      end

      # @param wanted_on [Date, nil]
      # @return [OrderDay, nil] nil while no visit is set
      def of(supplier, wanted_on)
        return unless wanted_on

        (@known[supplier] ||= {})[wanted_on] ||= day(supplier.order_by(wanted_on, today: today, house: house))
      end

      private

      def day(answer)
        on = answer[:order_by_on]
        OrderDay.new(on, answer[:late], Date.iso8601(on).jd, answer)
      end
    end
  end
end
