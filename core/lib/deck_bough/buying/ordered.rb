# frozen_string_literal: true

module DeckBough
  module Buying
    # A line of a purchase and what became of it: packs that came, came wrong, stayed out, went back.
    #
    #   Buying::Ordered.new(packs: 4, price_cents: 1000, events: [{ kind: "arrived", packs: 3 }]).to_come # => 1
    #
    # What happened is told as events, each a kind and a number of packs; their order does not matter to the sums. What
    # is on trial counts as stock once it was kept. Packs, cents. Source: handbook 80, Buying.
    class Ordered
      # What came otherwise than it was ordered is a claim until it was replaced or its money came back.
      WRONG = %w[wrong_colour faulty missing].freeze
      SETTLED = %w[replaced refunded].freeze
      KINDS = ["arrived", *WRONG, *SETTLED, "kept", "taken_back", "cancelled"].freeze
      # Packs of these cost nothing in the end.
      PAID_BACK = %w[refunded taken_back cancelled].freeze

      attr_reader :packs, :trial

      # @param off_cents [Integer] what a coupon took off the whole line
      # @param events [Array<Hash>] kind, packs
      def initialize(packs:, price_cents:, off_cents: 0, trial: false, events: [])
        @packs = packs
        @whole_cents = ((price_cents || 0) * packs) - off_cents
        @trial = trial
        @sums = events.each_with_object(Hash.new(0)) { |event, sums| sums[event[:kind]] += event[:packs] }
      end

      # Of what came wrong another is on its way until the money came back.
      def to_come
        [packs - of("arrived", "cancelled", "refunded"), 0].max
      end

      def claimed
        of(*WRONG) - of(*SETTLED)
      end

      def undecided
        trial ? of("arrived") - of("kept", "taken_back") : 0
      end

      # Packs that are in stock because of it.
      def stocked
        trial ? of("kept") : of("arrived") - of("taken_back")
      end

      # What is paid for it in the end.
      def cents
        paid(packs - of(*PAID_BACK))
      end

      # What of it what is in stock was worth.
      def stocked_cents
        paid(stocked)
      end

      # What comes back for so many packs more.
      def back_for(count)
        left = packs - of(*PAID_BACK)
        paid(left) - paid(left - count)
      end

      # How many packs may be said of a kind yet.
      #
      # @return [Integer]
      def room_for(kind)
        case kind
        when "arrived", "cancelled", *WRONG then to_come - (kind == "cancelled" ? 0 : open_claims(kind))
        when *SETTLED then claimed
        when "kept" then undecided
        when "taken_back" then trial ? undecided : stocked
        else 0
        end
      end

      def of(*kinds)
        kinds.sum { |kind| @sums[kind] }
      end

      private

      # What is missing already does not go missing again; it may still come.
      def open_claims(kind)
        kind == "arrived" ? 0 : claimed
      end

      # Rounded once for so many, so that what is paid and what comes back is the whole.
      def paid(count)
        Rational(@whole_cents * count, packs).round
      end
    end
  end
end
