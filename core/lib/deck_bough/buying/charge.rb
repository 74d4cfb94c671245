# frozen_string_literal: true

module DeckBough
  module Buying
    # What work and material come to: materials with the studio's mark-up, minutes at its rate, tax as a line of its
    # own.
    #
    #   Buying::Charge.of({ materials_cents: 10_000, minutes: 90 }, hourly_cents: 4000, mark_up_percent: 15,
    #                     tax_percent: 20)
    #   # => { materials_cents: 10000, mark_up_cents: 1500, labour_cents: 6000, tax_cents: 3500, total_cents: 21000 }
    #
    # Each is rounded to the cent once; the total is their sum. Source: handbook 80, Buying, and 90.
    module Charge
      INPUTS = [Input.whole(:hourly_cents, "An hour", "cents", 0..1_000_000, default: 0),
                Input.number(:mark_up_percent, "Mark-up", "%", 0..500, default: 0),
                Input.number(:tax_percent, "Tax", "%", 0..100, default: 0)].freeze
      HOUR = 60

      module_function

      # @param told [Hash] materials_cents, minutes
      # @return [Hash{Symbol => Integer}]
      def of(told, hourly_cents:, mark_up_percent:, tax_percent:)
        materials = told[:materials_cents]
        mark_up = share(materials, mark_up_percent)
        labour = work(told[:minutes], hourly_cents)
        tax = share(materials + mark_up + labour, tax_percent)
        { materials_cents: materials, mark_up_cents: mark_up, labour_cents: labour, tax_cents: tax,
          total_cents: materials + mark_up + labour + tax }
      end

      # @return [Integer] cents of so many minutes; whole ones, so that it agrees with the time that is told
      def work(minutes, hourly_cents)
        Rational(minutes.round * hourly_cents, HOUR).round
      end

      # @return [Integer] so many percent of it, cents
      def share(cents, percent)
        Rational(cents * percent.rationalize(Rational(1, 10_000)), 100).round
      end
    end
  end
end
