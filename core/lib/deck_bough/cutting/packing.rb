# frozen_string_literal: true

module DeckBough
  module Cutting
    # Pieces cut from part rolls and new rolls: fewest new rolls, then part rolls used up, then fewest useless ends.
    #
    #   Cutting::Packing.new(pieces: [60, 50, 40, 40], parts: [45], roll: 100, useless: 30).call
    #   # the rolls that are cut, with the numbers of the pieces on each
    #
    # Lengths are whole numbers in one unit. Several ways of filling are tried and the best plan is kept; up to SMALL
    # pieces it is then searched whether one roll fewer would do. Deterministic. Source: handbook 40, Cut plan.
    class Packing
      Roll = Struct.new(:length, :new, :pieces, keyword_init: true)
      SMALL = 30
      # Attempts to reach the bound itself, and to come within one of it.
      ATTEMPTS = { 0 => 1, 1 => 2, 2 => 1, 3 => 1 }.freeze

      attr_reader :lower_bound

      # @param pieces [Array<Integer>]
      def initialize(pieces:, parts:, roll:, useless:)
        @pieces = pieces
        @parts = parts.sort
        @roll = roll
        @useless = useless
        @order = pieces.each_index.sort_by { |i| [-pieces[i], i] }
        @lower_bound = LowerBound.new(pieces, parts, roll).call
      end

      # @return [Array<Roll>, nil] rolls that are cut, part rolls first; nil when a long piece finds no part roll
      def call
        best = best_of(ways.filter_map(&:call))
        best = levelled(best) if best.nil? || new_rolls(best) > lower_bound
        best = proven(best) if @pieces.size <= SMALL
        best && told(best)
      end

      private

      def best_of(plans)
        plans.min_by { |plan| worth(plan) }
      end

      # Fewest new rolls; then as much as possible from part rolls; then fewest useless ends, and the shortest.
      def worth(plan)
        ends = plan.map { |roll| left(roll) }.select { |end_of| end_of.positive? && end_of < @useless }
        [new_rolls(plan), -plan.reject(&:new).sum { |roll| used(roll) }, ends.size, ends.sum]
      end

      def new_rolls(plan)
        plan.count(&:new)
      end

      def used(roll)
        roll.pieces.sum { |i| @pieces[i] }
      end

      def left(roll)
        roll.length - used(roll)
      end

      def ways
        return [-> { fill_new(@order) }, -> { best_fit(@order) }] if @parts.empty?

        [-> { fill_parts_first(@order) }, -> { fill_parts_first(@order, @parts.reverse) }, -> { best_fit(@order) },
         -> { parts_last(@order) }]
      end

      def levelled(best)
        ATTEMPTS.each do |more, attempts|
          count = lower_bound + more
          break if best && new_rolls(best) <= count

          rolls = @parts + Array.new(count, @roll)
          held = (1..attempts).lazy.filter_map { |seed| Levelling.new(@pieces, rolls, seed: seed).call }.first
          return rolls_of(held, count) if held
        end
        best
      end

      def rolls_of(held, count)
        (@parts + Array.new(count, @roll)).each_with_index.map do |length, i|
          Roll.new(length: length, new: i >= @parts.size, pieces: held[i])
        end
      end

      # Each part roll as full as it goes, then new rolls.
      def fill_parts_first(order, parts = @parts)
        rest = order
        filled = parts.map do |part|
          chosen = Filling.new(@pieces, part, tolerance: @useless / 10).call(rest)
          rest -= chosen
          Roll.new(length: part, new: false, pieces: chosen)
        end
        new = fill_new(rest) and (filled + new)
      end

      # New rolls take the long pieces first; what is left over goes into part rolls as far as it fits.
      def parts_last(order)
        count = lower_bound
        rest = order
        filled = []
        count.times do
          break if rest.empty?

          roll = fill_one(rest) or return nil
          filled << roll
          rest -= roll.pieces
        end
        ends = @parts.reverse.map do |part|
          chosen = Filling.new(@pieces, part, tolerance: @useless / 10).call(rest)
          rest -= chosen
          Roll.new(length: part, new: false, pieces: chosen)
        end
        more = fill_new(rest) and (ends + filled + more)
      end

      def fill_new(rest)
        rolls = []
        until rest.empty?
          roll = fill_one(rest) or return nil
          rolls << roll
          rest -= roll.pieces
        end
        rolls
      end

      # A new roll with the first of the rest in it, filled up from the others.
      def fill_one(rest)
        first, *others = rest
        return nil if @pieces[first] > @roll

        Roll.new(length: @roll, new: true,
                 pieces: [first, *Filling.new(@pieces, @roll - @pieces[first], tolerance: 0).call(others)])
      end

      # Each piece where it leaves least.
      def best_fit(order)
        rolls = @parts.map { |part| Roll.new(length: part, new: false, pieces: []) }
        order.each do |i|
          roll = rolls.select { |candidate| left(candidate) >= @pieces[i] }.min_by { |candidate| left(candidate) }
          if roll.nil?
            return nil if @pieces[i] > @roll

            rolls << (roll = Roll.new(length: @roll, new: true, pieces: []))
          end
          roll.pieces << i
        end
        rolls
      end

      # Up to SMALL pieces nothing is left to luck: each smaller number of rolls is searched through.
      def proven(best)
        from = best ? new_rolls(best) : @pieces.size + 1
        (lower_bound...from).each do |count|
          found, sure = search(count)
          return found if found
          break unless sure

          @lower_bound = count + 1
        end
        best
      end

      def search(count)
        lengths = @parts + Array.new(count, @roll)
        searching = ExactSearch.new(@pieces, lengths)
        held = searching.call or return [nil, searching.finished?]
        [rolls_of(held, count), true]
      end

      def told(plan)
        cut = plan.reject { |roll| roll.pieces.empty? }
        cut.each { |roll| roll.pieces.sort_by! { |i| [-@pieces[i], i] } }
        cut.sort_by.with_index { |roll, i| [roll.new ? 1 : 0, i] }
      end
    end

    # The pieces that fill a length best, by trying, from the first of an order on.
    #
    #   Cutting::Filling.new([50, 40, 35, 30], 75, tolerance: 0).call([0, 1, 2, 3]) # => [1, 2]
    class Filling
      MOST_TRIES = 300

      # @param tolerance [Integer] so much left over is as good as nothing
      def initialize(pieces, length, tolerance:)
        @pieces = pieces
        @length = length
        @tolerance = tolerance
      end

      # @param candidates [Array<Integer>] numbers of pieces
      # @return [Array<Integer>] those chosen
      def call(candidates)
        @candidates = candidates.select { |i| @pieces[i] <= @length }
        @rest = @candidates.reverse.each_with_object([0]) { |i, sums| sums << (sums.last + @pieces[i]) }.reverse
        @best = []
        @best_left = @length + 1
        @tries = 0
        dig(0, @length, [])
        @best
      end

      private

      def dig(from, left, chosen)
        @tries += 1
        if left < @best_left
          @best_left = left
          @best = chosen.dup
        end
        at = from
        # Even all that follow would not fill it better.
        while at < @candidates.size && !done? && left - @rest[at] < @best_left
          take(at, left, chosen) unless @pieces[@candidates[at]] > left || (at > from && same?(at))
          at += 1
        end
      end

      def take(at, left, chosen)
        chosen << @candidates[at]
        dig(at + 1, left - @pieces[@candidates[at]], chosen)
        chosen.pop
      end

      # Of equal pieces only the first is tried at a place.
      def same?(at)
        @pieces[@candidates[at]] == @pieces[@candidates[at - 1]]
      end

      def done?
        @best_left <= @tolerance || @tries > MOST_TRIES
      end
    end
  end
end
