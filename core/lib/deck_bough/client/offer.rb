# frozen_string_literal: true

module DeckBough
  module Client
    # What a client is asked for: what is bought for them with the studio's mark-up, what comes from its store for a
    # season, dressing and taking down at its rate, keeping the client's own things; less a discount, tax as a line of
    # its own, and how much of it before the work begins.
    #
    #   Client::Offer.of({ materials_cents: 4000, stock_cents: 60_000, minutes: 810, down_minutes: 320, boxes: 2 },
    #                    { hourly_cents: 3600, mark_up_percent: 20, tax_percent: 20, store_percent: 25,
    #                      storage_cents: 900, discount_percent: 0, deposit_percent: 30 })[:total_cents] # => 107280
    #
    # Minutes are whole before they are priced, so that a line agrees with the time it tells; each line is rounded to
    # the cent once, the total is their sum. Source: handbook 90, The client.
    module Offer
      # What the studio asks besides Buying::Charge: of its things a share of their worth for a season, and for each box
      # of a client's own things that it keeps.
      STORE = [Input.number(:store_percent, "From the store, of its worth", "%", 0..100, default: 0),
               Input.whole(:storage_cents, "A box kept for a season", "cents", 0..1_000_000, default: 0)].freeze
      # What is agreed with one client.
      AGREED = [Input.number(:discount_percent, "Discount", "%", 0..100, default: 0),
                Input.number(:deposit_percent, "Deposit", "%", 0..100, default: 0)].freeze
      # How a share and an hour come to cents is told once.
      CHARGE = Buying::Charge
      COUNTED = %i[materials_cents stock_cents minutes down_minutes boxes].freeze

      module_function

      # @param told [Hash] COUNTED: cents of what is bought and of what comes from the store, minutes up and down, boxes
      # @param terms [Hash] as the example has them
      # @return [Hash] lines (key, cents, minutes or boxes), discount_cents, tax_percent, tax_cents, total_cents,
      #   deposit_cents, balance_cents
      def of(told, terms)
        lines = lines(told, terms).reject { |line| line[:cents].zero? }
        sum = lines.sum { |line| line[:cents] }
        discount = CHARGE.share(sum, terms[:discount_percent])
        tax = CHARGE.share(sum - discount, terms[:tax_percent])
        total = sum - discount + tax
        deposit = CHARGE.share(total, terms[:deposit_percent])
        { lines: lines, discount_cents: discount, tax_percent: terms[:tax_percent], tax_cents: tax,
          total_cents: total, deposit_cents: deposit, balance_cents: total - deposit }
      end

      # What another version of a piece makes of what was counted.
      #
      # @param more [Array<Hash>] of each version that is chosen, COUNTED: how much more, below zero where it is less
      # @return [Hash] COUNTED; nothing comes to less than none
      def counted(told, more)
        COUNTED.to_h { |name| [name, [told[name] + more.sum { |one| one[name] || 0 }, 0].max] }
      end

      def lines(told, terms)
        materials = told[:materials_cents]
        up, down = told.values_at(:minutes, :down_minutes).map(&:round)
        [{ key: "bought", cents: materials + CHARGE.share(materials, terms[:mark_up_percent]) },
         { key: "store", cents: CHARGE.share(told[:stock_cents], terms[:store_percent]) },
         { key: "dressing", minutes: up, cents: CHARGE.work(up, terms[:hourly_cents]) },
         { key: "taking_down", minutes: down, cents: CHARGE.work(down, terms[:hourly_cents]) },
         { key: "storage", boxes: told[:boxes], cents: told[:boxes] * terms[:storage_cents] }]
      end
      private_class_method :lines
    end
  end
end
