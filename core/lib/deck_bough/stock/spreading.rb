# frozen_string_literal: true

module DeckBough
  module Stock
    # In which box and on which roll a count moves: the lots of a thing always sum to what is on hand of it.
    #
    #   Stock::Spreading.new([Stock::Lot.new(id: 1, quantity: 9), Stock::Lot.new(id: 2, quantity: 2)]).moved(-4).changes
    #   # => { 2 => -2, 1 => -2 }
    #
    # What goes is taken from where it was said, then from what lies in no box, then from the smallest lots: offcuts are
    # used up. What comes lies where it was said, else where most of it lies. Source: handbook 80, Stock.
    class Spreading
      # changes: by id of a lot; fresh: lots that are new, without an id.
      Spread = Struct.new(:changes, :fresh)

      # Free of the last bits that sums of metres leave.
      PLACES = 6
      # So many rolls are told apart at once; what comes beyond lies together.
      MOST_ROLLS = 60

      # @param lots [Array<Lot>]
      # @param roll_m [Numeric, nil] what is on a full roll, where it is kept by the roll
      def initialize(lots, roll_m: nil)
        @lots = lots
        @roll_m = roll_m
      end

      # @param by [Numeric] what the count moves by
      # @param box [Object, nil] where that is; :none for what lies in no box
      # @param lot [Object, nil] the id of the lot it is taken from or added to
      # @return [Spread]
      def moved(by, box: nil, lot: nil)
        by.negative? ? Spread.new(taken(-by, box, lot), []) : brought(by, box, lot)
      end

      # So much goes from one box to another.
      #
      # @return [Spread]
      def carried(quantity, from:, into:)
        changes = taken(quantity, from || :none, nil)
        return whole(changes, into) if @roll_m

        there = @lots.find { |lot| lot.box == into }
        return Spread.new(changes, [Lot.new(box: into, quantity: quantity)]) unless there

        Spread.new(changes.merge(there.id => quantity) { |_, left, right| left + right }, [])
      end

      # After a cut the rolls have these lengths.
      #
      # @param lengths [Array<Numeric>]
      # @return [Spread]
      def becomes(lengths)
        left = @lots.sort_by { |lot| -lot.quantity }
        wanted = lengths.sort.reverse
        kept = same(left, wanted)
        changes = left.zip(wanted.first(left.size)).to_h { |lot, length| [lot.id, tidy((length || 0) - lot.quantity)] }
        fresh = wanted.drop(left.size).map { |length| Lot.new(box: most&.box, quantity: length) }
        Spread.new(changes.except(*kept).reject { |_, by| by.zero? }, fresh)
      end

      # What lay of another thing lies of this one, each lot where it lay.
      #
      # @param lots [Array<Lot>]
      # @return [Spread]
      def joined(lots)
        return Spread.new({}, lots) if @roll_m

        by_box = lots.group_by(&:box).transform_values { |those| those.sum(&:quantity) }
        known, fresh = by_box.partition { |box, _| @lots.any? { |lot| lot.box == box } }
        Spread.new(known.to_h { |box, much| [@lots.find { |lot| lot.box == box }.id, much] },
                   fresh.map { |box, much| Lot.new(box: box, quantity: much) })
      end

      # An entry is reversed where it moved things; what is no longer there is taken elsewhere.
      #
      # @param changes [Hash] what the entry did, by id of a lot
      # @return [Spread]
      def undone(changes)
        back = changes.transform_values(&:-@)
        short = 0
        held = back.to_h do |id, by|
          there = @lots.find { |lot| lot.id == id }&.quantity || 0
          short += [-(there + by), 0].max
          [id, [by, -there].max]
        end
        Spread.new(short.positive? ? without(held, short) : held, [])
      end

      private

      def tidy(number)
        number.round(PLACES)
      end

      # What is as long as before stays as it is.
      def same(left, wanted)
        left.dup.each_with_object([]) do |lot, kept|
          place = wanted.index { |length| (length - lot.quantity).abs < 10**-PLACES } or next
          wanted.delete_at(place)
          kept << left.delete(lot).id
        end
      end

      def without(held, short)
        after = @lots.map { |lot| Lot.new(**lot.to_h, quantity: lot.quantity + held.fetch(lot.id, 0)) }
        Spreading.new(after, roll_m: @roll_m).moved(-short).changes.merge(held) { |_, left, right| left + right }
      end

      def taken(quantity, box, lot)
        asked = @lots.select do |one|
          if lot
            one.id == lot
          else
            box && one.box == (box == :none ? nil : box)
          end
        end
        left = quantity
        [*small_first(asked), *small_first(@lots - asked)].each_with_object({}) do |one, changes|
          goes = [one.quantity, left].min
          next unless goes.positive?

          changes[one.id] = -tidy(goes)
          left = tidy(left - goes)
        end
      end

      def small_first(lots)
        lots.sort_by { |lot| [lot.box.nil? ? 0 : 1, lot.quantity] }
      end

      def brought(quantity, box, lot)
        return Spread.new({ lot => quantity }, []) if lot
        return Spread.new({}, []) if quantity.zero?

        into = box ? (box unless box == :none) : most&.box
        return Spread.new({}, rolls(quantity, into)) if @roll_m

        there = @lots.find { |one| one.box == into }
        there ? Spread.new({ there.id => quantity }, []) : Spread.new({}, [Lot.new(box: into, quantity: quantity)])
      end

      def rolls(quantity, box)
        full, = quantity.divmod(@roll_m)
        full = [full, MOST_ROLLS].min
        rest = tidy(quantity - (full * @roll_m))
        [*Array.new(full, @roll_m), (rest if rest.positive?)].compact.map do |length|
          Lot.new(box: box, quantity: length)
        end
      end

      # Rolls stay what they are, wherever they lie.
      def whole(changes, into)
        Spread.new(changes, changes.values.map { |by| Lot.new(box: into, quantity: -by) })
      end

      def most
        @lots.reject { |lot| lot.quantity.zero? }.max_by(&:quantity)
      end
    end
  end
end
