# frozen_string_literal: true

module DeckBough
  module Buying
    # What so much of a thing would take at one supplier: packs, price, by when it is ordered and when it comes.
    #
    #   quote = Buying::Quote.new(6, Buying::Supplier.new(lead_days: 3), [{ size: 4, price_cents: 1480 }],
    #                             wanted_on: Date.new(2026, 11, 28), today: Date.new(2026, 11, 19))
    #   quote.to_h.slice(:cents, :over, :order_by_on) # => { cents: 2960, over: 2, order_by_on: "2026-11-23" }
    class Quote
      attr_reader :supplier

      # @param need [Numeric] pieces, ribbon metres
      # @param packs [Array<Hash>] size, price_cents (nil where nobody knows it), available
      # @param wanted_on [Date, nil] the first visit it is for
      def initialize(need, supplier, packs, wanted_on:, today:, house: HouseRules.default)
        @need = need
        @supplier = supplier
        @offered = packs
        @wanted_on = wanted_on
        @today = today
        @house = house
      end

      # Packs that are looked at: all that are offered, but where their odd sizes cannot all be compared, or a price is
      # not known, one.
      def packs
        compared.first
      end

      # @return [Answer, nil] of buying.packs; nil where a price is not known
      def answer
        compared.last
      end

      # Cheapest by the rule; where a price is not known, as many as come to the need.
      def counts
        answer ? answer[:counts] : [(@need / packs.first[:size].to_f).round(9).ceil]
      end

      def cents
        answer && answer[:total_cents]
      end

      def enough?
        answer ? answer[:enough] : true
      end

      def over
        [(counts.zip(packs).sum { |count, pack| count * pack[:size] } - @need).round(6), 0].max
      end

      # @return [Answer, nil] of buying.order_by; nil while no visit is set
      def order_by
        @order_by ||= @wanted_on && supplier.order_by(@wanted_on, today: @today, house: @house)
      end

      def late?
        order_by ? order_by[:late] : false
      end

      # Whether all of it can be had by the day it is wanted.
      def in_time?
        enough? && !late?
      end

      # Those that have enough in time come first, then what costs least, then what may be ordered latest.
      def rank
        [enough? ? 0 : 1, late? ? 1 : 0, cents || Float::INFINITY,
         order_by ? -Date.iso8601(order_by[:order_by_on]).jd : 0, supplier.name]
      end

      def to_h
        { supplier: supplier.id, packs: taken, cents: cents, over: over, enough: enough?,
          order_by_on: order_by && order_by[:order_by_on], late: late?, arrives_on: supplier.arrives(@today).iso8601 }
      end

      private

      def compared
        @compared ||= @offered.any? { |pack| pack[:price_cents].nil? } ? [@offered.first(1), nil] : cheapest
      end

      def cheapest
        [@offered, asked(@offered)]
      rescue InputError
        alone = @offered.map { |pack| [[pack], asked([pack])] }
        alone.min_by { |_, answer| [answer[:enough] ? 0 : 1, answer[:total_cents]] }
      end

      def asked(packs)
        given = packs.map { |pack| pack.slice(:size, :price_cents, :available).compact.transform_keys(&:to_s) }
        Catalogue.answer("buying.packs", { "need" => @need, "packs" => given }, house: @house)
      end

      def taken
        packs.zip(counts).filter_map do |pack, count|
          { size: pack[:size], price_cents: pack[:price_cents], count: count } if count.positive?
        end
      end
    end
  end
end
