# frozen_string_literal: true

module DeckBough
  module Cutting
    # Whether pieces fit into given rolls at all, by trying; for small jobs.
    #
    #   Cutting::ExactSearch.new([70, 60, 40, 30], [100, 100]).call # => [[0, 3], [1, 2]]
    #   Cutting::ExactSearch.new([70, 60, 40], [100]).call          # => nil
    #
    # The longest piece left is always cut next, from each length of roll there is, with every set of others that fills
    # the roll so far that no more is lost than may be. Lengths are whole numbers.
    class ExactSearch
      # A way out for jobs built to resist; `finished?` then says that nothing was proven.
      MOST_TRIES = 2_500_000

      def initialize(pieces, rolls)
        @pieces = pieces
        @order = pieces.each_index.sort_by { |i| [-pieces[i], i] }
        @rolls = rolls
        @tries = 0
        @dead = {}
      end

      def finished?
        @tries < MOST_TRIES
      end

      # @return [Array<Array<Integer>>, nil] numbers of the pieces on each roll
      def call
        spare = @rolls.sum - @pieces.sum
        return nil if spare.negative?

        held = cut((1 << @order.size) - 1, @rolls.each_index.group_by { |i| @rolls[i] }, spare) or return nil
        @rolls.each_index.map { |i| held.fetch(i, []) }
      end

      private

      # @param left [Integer] a bit for each place of the order that is not yet cut
      # @param free [Hash{Integer => Array<Integer>}] rolls left by length
      # @return [Hash{Integer => Array<Integer>}, nil] pieces by roll
      def cut(left, free, spare)
        return {} if left.zero?

        key = [left, free.transform_values(&:size)]
        return nil if @dead[key]

        first = @order.size - left.bit_length
        found = try_lengths(first, left, free, spare)
        @dead[key] = true unless found
        found
      end

      # Bit `size − 1 − place` stands for a place of the order, so that the highest bit is the longest piece.
      def bit(place)
        1 << (@order.size - 1 - place)
      end

      def try_lengths(first, left, free, spare)
        free.keys.sort.each do |length|
          next if length < piece(first)

          fills(first, left, length, spare) do |taken, lost|
            return nil unless finished?

            rest = free.merge(length => free[length][1..]).reject { |_, rolls| rolls.empty? }
            deeper = cut(left & ~taken.sum { |place| bit(place) }, rest, spare - lost)
            return deeper.merge(free[length].first => taken.map { |place| @order[place] }) if deeper
          end
        end
        nil
      end

      def piece(place)
        @pieces[@order[place]]
      end

      # Every set with the first piece that fits the length, loses no more than may be, and leaves no room for another
      # piece.
      def fills(first, left, length, spare, &)
        others = ((first + 1)...@order.size).select { |place| left.anybits?(bit(place)) }
        sums = others.reverse.each_with_object([0]) { |place, totals| totals << (totals.last + piece(place)) }.reverse
        dig(others, sums, 0, length - piece(first), [first], nil, spare, &)
      end

      # @param skipped [Integer, nil] the shortest piece that was passed over though it would have fitted
      def dig(others, sums, from, room, taken, skipped, spare, &)
        @tries += 1
        return unless finished?
        # Even with all that follow too much would be lost.
        return if room - sums[from] > spare

        if from == others.size
          yield taken.dup, room unless skipped && skipped <= room
          return
        end
        here = piece(others[from])
        if here <= room
          dig(others, sums, from + 1, room - here, taken + [others[from]], skipped, spare, &)
          # Of equal pieces only leading ones are taken.
          from += 1 while from + 1 < others.size && piece(others[from + 1]) == here
        end
        dig(others, sums, from + 1, room, taken, here <= room ? here : skipped, spare, &)
      end
    end
  end
end
