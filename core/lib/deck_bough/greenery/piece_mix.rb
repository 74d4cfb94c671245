# frozen_string_literal: true

module DeckBough
  module Greenery
    # Which pieces make up a run when the same greens come in two lengths: what is on hand first, then the cheapest to
    # buy, then what leaves least over.
    #
    #   long = Greenery::PieceMix::Kind.new(id: "long", length_m: 2.7, on_hand: 1, price_cents: 2100)
    #   short = Greenery::PieceMix::Kind.new(id: "short", length_m: 1.8, on_hand: 0, price_cents: 1600)
    #   Greenery::PieceMix.best(4.2, [long, short], join_m: 0.1)[:counts] # => { "long" => 1, "short" => 1 }
    #
    # Source: handbook 50, Pieces.
    module PieceMix
      Kind = Struct.new(:id, :length_m, :on_hand, :price_cents, keyword_init: true)

      module_function

      # @return [Hash] counts by id, surplus_m
      def best(run_m, kinds, join_m:)
        first, second = kinds
        choices = second ? mixes(run_m, first, second, join_m) : [[needed(run_m, first, join_m)]]
        chosen = choices.min_by { |counts| [cost(counts, kinds), reach(counts, kinds, join_m), counts] }
        { counts: kinds.zip(chosen).to_h { |kind, count| [kind.id, count] },
          surplus_m: [reach(chosen, kinds, join_m) - run_m, 0].max }
      end

      def mixes(run_m, first, second, join_m)
        (0..needed(run_m, first, join_m)).map do |count|
          rest = run_m - reach([count, 0], [first, second], join_m)
          [count, if rest <= 1e-9
                    0
                  else
                    needed(count.zero? ? rest : rest + join_m, second, join_m)
                  end]
        end
      end

      def needed(run_m, kind, join_m)
        [((run_m - join_m) / (kind.length_m - join_m)).round(9).ceil, 1].max
      end

      def reach(counts, kinds, join_m)
        all = counts.sum
        all.zero? ? 0.0 : counts.zip(kinds).sum { |count, kind| count * kind.length_m } - ((all - 1) * join_m)
      end

      # What is to be bought; without a price a piece counts by its length, dearer than any offer.
      def cost(counts, kinds)
        counts.zip(kinds).sum do |count, kind|
          [count - kind.on_hand, 0].max * (kind.price_cents || (kind.length_m * 10_000))
        end
      end
      private_class_method :mixes, :needed, :reach, :cost
    end
  end
end
