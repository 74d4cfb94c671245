# frozen_string_literal: true

module DeckBough
  module Hanging
    # What hangs together at one site: one ornament, two of one size in two colours, or a cluster of three.
    #
    #   Groups.of("twos", ornaments, house) # => [Group, …]
    #
    # Only ornaments of one bearing hang together, so that a group may hang wherever each of its own may. Keepsakes hang
    # alone. Source: handbook 30, Patterns.
    module Groups
      # slots: what each place of the group is for; only ornaments of the same slot change places
      # items: the style number in each slot; gap_m: from middle to middle
      Group = Struct.new(:slots, :items, :bearing, :keepsake, :gap_m, keyword_init: true) do
        def kind
          [slots, bearing]
        end
      end

      TOGETHER = { "scatter" => 1, "diamond" => 1, "twos" => 2, "threes" => 3 }.freeze

      module_function

      # @param ornaments [Array<Ornament>]
      # @return [Array<Group>]
      def of(pattern, ornaments, house)
        numbered = ornaments.each_with_index.to_a
        kept, rest = numbered.partition { |ornament, _| ornament.keepsake }
        alone(kept) + send(GROUPED.fetch(pattern), rest, house)
      end

      GROUPED = { "scatter" => :singly, "diamond" => :singly, "twos" => :twos, "threes" => :threes }.freeze

      def singly(numbered, _house)
        alone(numbered)
      end

      def alone(numbered)
        numbered.flat_map do |ornament, i|
          Array.new(ornament.count) { single(ornament, i, [ornament.bearing, :alone]) }
        end
      end

      def single(ornament, number, slot)
        Group.new(slots: [slot], items: [number], bearing: ornament.bearing, keepsake: ornament.keepsake, gap_m: 0.0)
      end

      # Two of one size; what is too large to hang so near, and the odd one, hang alone.
      def twos(numbered, house)
        pairable, large = numbered.partition do |ornament, _|
          ornament.diameter_mm * house["ornaments.closest"] <= house["ornaments.pair_high"] * 1000
        end
        alone(large) + pairable.group_by { |ornament, _| [ornament.bearing, ornament.size] }.flat_map do |slot, same|
          gap = gap(same.map { |ornament, _| ornament }, house)
          in_turn(same).each_slice(2).map { |items| group(items, [slot] * items.size, slot.first, gap) }
        end
      end

      # A large one with two smaller ones.
      def threes(numbered, house)
        numbered.group_by { |ornament, _| ornament.bearing }.flat_map do |bearing, same|
          items = same.sort_by { |ornament, i| [-ornament.diameter_mm, i] }
                      .flat_map { |ornament, i| [i] * ornament.count }
          # All of them may be missing.
          next [] if items.empty?

          clusters = (items.size / 3.0).ceil
          gap = gap(same.map { |ornament, _| ornament }, house)
          roles = items.each_slice(clusters).with_index.map { |part, role| part.map { |item| [item, [bearing, role]] } }
          Array.new(clusters) do |i|
            members = roles.filter_map { |role| role[i] }
            group(members.map(&:first), members.map(&:last), bearing, gap)
          end
        end
      end

      def group(items, slots, bearing, gap)
        Group.new(slots: slots, items: items, bearing: bearing, keepsake: false, gap_m: gap)
      end

      def gap(ornaments, house)
        widest = ornaments.map(&:diameter_mm).max / 1000.0
        [widest * house["ornaments.closest"], house["ornaments.pair_low"]].max
      end

      # One of each style after another, so that two in a row differ as long as there are two styles left.
      def in_turn(numbered)
        left = numbered.to_h { |ornament, i| [i, ornament.count] }
        (1..left.values.sum).reduce([]) do |taken, _|
          open = left.select { |_, count| count.positive? }
          others = open.except(taken.last)
          taken << (others.empty? ? open : others).max_by { |i, count| [count, -i] }.first.tap { |i| left[i] -= 1 }
        end
      end
      private_class_method :singly, :alone, :single, :twos, :threes, :group, :gap, :in_turn
    end
  end
end
