# frozen_string_literal: true

module DeckBough
  module Buying
    # Something off at a supplier: so many per cent of a whole purchase or of its dearest line. One is used a purchase,
    # the best one.
    #
    #   Buying::Coupon.best([Buying::Coupon.new(id: "c", percent: 10, on: "line")], [1480, 3240],
    #                       on_day: Date.new(2026, 11, 19)).off # => [0, 324]
    #
    # Cents. Source: handbook 80, Buying.
    Coupon = Struct.new(:id, :percent, :on, :least_cents, :until_on, keyword_init: true) do
      def self.inputs
        [Input.number(:percent, "Off", "%", 0.1..100, why: "A coupon takes something off."),
         Input.choice(:on, "Off what", %w[purchase line], default: "purchase"),
         Input.whole(:least_cents, "From", "cents", 0..100_000_000, default: 0),
         Input.text(:until_on, "Until", 10..10, default: nil)]
      end

      # @return [Hash{Symbol => Object}] complete, until_on a Date or nil
      # @raise [InputError]
      def self.check(given)
        values = Inputs.check(inputs, given)
        text = values[:until_on]
        day = text && CalendarDay.read(text)
        raise InputError, [Inputs.fault(:not_a_day, %w[until_on], title: "Until", given: text)] if text && day.nil?

        { **values, until_on: day }
      end

      # @param lines [Array<Integer>] cents of each line of a purchase
      # @return [Used, nil] nil where none takes anything off
      def self.best(coupons, lines, on_day:)
        used = coupons.select { |coupon| coupon.valid?(lines, on_day) }.map { |coupon| coupon.used(lines) }
        used.select { |one| one.off.sum.positive? }.min_by { |one| [-one.off.sum, one.coupon.id.to_s] }
      end

      def valid?(lines, day)
        lines.sum >= (least_cents || 0) && (until_on.nil? || day <= until_on)
      end

      # What it takes off each line; together it is what it takes off, to the cent.
      def used(lines)
        weights = on == "line" ? only_dearest(lines) : lines
        whole = Rational(weights.sum * percent, 100).round
        off = whole.zero? ? lines.map { 0 } : LargestRemainder.share(whole, weights)
        Buying::Used.new(self, off)
      end

      private

      def only_dearest(lines)
        dearest = lines.each_index.max_by { |i| [lines[i], -i] }
        lines.each_index.map { |i| i == dearest ? lines[i] : 0 }
      end
    end

    # A coupon and the cents it takes off each line.
    Used = Struct.new(:coupon, :off)
  end
end
