# frozen_string_literal: true

module DeckBough
  module Buying
    # What so much of a thing would take at one supplier: packs, price, by when it is ordered and when it comes.
    #
    #   Buying::Quote.new(6, Buying::Supplier.new(lead_days: 3), [{ size: 4, price_cents: 1480 }],
    #                     wanted_on: Date.new(2026, 11, 28),
    #                     days: Buying::OrderDays.new(today: Date.new(2026, 11, 19)))
    #                .to_h.slice(:cents, :over, :order_by_on)
    #   # => { cents: 2960, over: 2, order_by_on: "2026-11-23" }
    class Quote
      attr_reader :supplier

      # @param need [Numeric] pieces, ribbon metres
      # @param packs [Array<Hash>] size, price_cents (nil where nobody knows it), available
      # @param wanted_on [Date, nil] the first visit it is for
      # @param days [OrderDays]
      def initialize(need, supplier, packs, wanted_on:, days:)
        @need = need
        @supplier = supplier
        @offered = packs
        @wanted_on = wanted_on
        @days = days
      end

      # Cheapest by the rule; where a price is not known, as many as come to the need.
      #
      # @return [Array<Integer>] packs of each that is looked at
      def counts
        @counts ||= priced? ? cheapest.counts : [(@need / packs.first[:size].to_f).round(9).ceil]
      end

      # Packs that are looked at: all that are offered, but where their odd sizes cannot all be compared, or a price is
      # not known, one.
      def packs
        @packs ||= if priced?
                     CheapestPacks.new(@need, @offered).countable? ? @offered : [alone]
                   else
                     @offered.first(1)
                   end
      end

      def priced?
        @offered.all? { |pack| pack[:price_cents] }
      end

      def cents
        return @cents if defined?(@cents)

        @cents = priced? ? sum(:price_cents) : nil
      end

      def enough?
        !priced? || cheapest.enough?
      end

      def over
        [(sum(:size) - @need).round(6), 0].max
      end

      # @return [Answer, nil] of buying.packs, with its working; nil where a price is not known
      def answer
        return unless priced?

        given = packs.map { |pack| pack.slice(:size, :price_cents, :available).compact.transform_keys(&:to_s) }
        Catalogue.answer("buying.packs", { "need" => @need, "packs" => given }, house: @days.house)
      end

      # @return [OrderDays::OrderDay, nil] nil while no visit is set
      def order_by
        @days.of(supplier, @wanted_on)
      end

      def late?
        order_by ? order_by.late : false
      end

      # Whether all of it can be had by the day it is wanted.
      def in_time?
        enough? && !late?
      end

      # Those that have enough in time come first, then what costs least, then what may be ordered latest.
      def rank
        [enough? ? 0 : 1, late? ? 1 : 0, cents || Float::INFINITY,
         order_by ? -order_by.number : 0, supplier.name]
      end

      def to_h
        { supplier: supplier.id, packs: taken, cents: cents, over: over, enough: enough?,
          order_by_on: order_by&.on, late: late?, arrives_on: supplier.arrives(@days.today).iso8601 }
      end

      private

      def cheapest
        @cheapest ||= CheapestPacks.new(@need, packs)
      end

      # The size that comes cheapest by itself.
      def alone
        @offered.min_by do |pack|
          one = CheapestPacks.new(@need, [pack])
          [one.enough? ? 0 : 1, one.counts.first * pack[:price_cents]]
        end
      end

      def sum(name)
        counts.zip(packs).sum { |count, pack| count * pack[name] }
      end

      def taken
        packs.zip(counts).filter_map do |pack, count|
          { size: pack[:size], price_cents: pack[:price_cents], count: count } if count.positive?
        end
      end
    end
  end
end
