# frozen_string_literal: true

module DeckBough
  module Days
    # The steps of taking a home down, one thing at a time: what comes off and into a box, hooks and walls, and before a
    # piece is left each keepsake, by name.
    #
    #   Days::StrikeSheet.new([], {}).turns # => {}
    #
    # A turn is known by its key inside its step: the style that goes, HOOKS, CELLS that are taken out, "there style"
    # where a keepsake is looked for, "" where it is the whole step.
    # Source: handbook 90, After the day.
    class StrikeSheet
      HOOKS = "hooks"
      CELLS = "cells"
      THERE = RunSheet::THERE

      # @param steps [Array<HomeSteps::Told>] of StrikeSteps
      # @param pieces [Hash{String => Hash}] by id: things, what goes: step (of the bench), style, label, kind, colour,
      #   unit, count, keepsake; holds, whether hooks of its own hold it; cells,
      #   whether something of it burns on them
      # @param bridged [Hash{String => Array<Hash>}] by room, what goes onto surfaces that stand empty: key, style,
      #   label, kind, colour
      def initialize(steps, pieces, bridged = {})
        @steps = steps
        @pieces = pieces
        @bridged = bridged
      end

      # @return [Hash{String => Array<RunSheet::Turn>}] by step
      def turns
        @turns ||= @steps.group_by { |told| [told.room, told.piece, told.key] }.values.flat_map do |parts|
          # From the ladder it comes down; into its box it goes from the floor.
          parts.map { |told| [told.step.id, told.equal?(parts.last) ? of(told) : [whole]] }
        end.to_h
      end

      # @return [Array<RunSheet::Thing>] what comes off in a step, and what is looked for in it
      def things(told)
        return bridge(told).map { |one| put_up(one) } if told.key == StrikeSteps::BRIDGE

        [*going(told), *kept(told)].uniq { |one| one[:style] }.map do |one|
          RunSheet::Thing.new(key: one[:style], **one.slice(:style, :label, :kind, :colour, :unit), need: one[:count],
                              spares: 0, short: 0)
        end
      end

      private

      def whole
        RunSheet::Turn.new(key: "")
      end

      def bridge(told)
        @bridged.fetch(told.room, [])
      end

      def put_up(one)
        RunSheet::Thing.new(**one, unit: "pieces", need: 1, spares: 0, short: 0)
      end

      def of(told)
        if told.key == StrikeSteps::BRIDGE
          put = bridge(told).map { |one| RunSheet::Turn.new(key: one[:key], thing: one[:key], need: 1) }
          return put.empty? ? [whole] : put
        end

        hooks = holding?(told) ? [RunSheet::Turn.new(key: HOOKS)] : []
        turns = [*off(told), *hooks, *cells(told), *there(told)]
        turns.empty? || told.key == StrikeSteps::CLOSE ? [*turns, whole] : turns
      end

      # Before its boxes are closed.
      def cells(told)
        return [] unless told.piece && told.equal?(last_of_piece[told.piece]) && @pieces.dig(told.piece, :cells)

        [RunSheet::Turn.new(key: CELLS)]
      end

      def holding?(told)
        StrikeSteps::HOLDING.include?(told.key) && @pieces.dig(told.piece, :holds)
      end

      def off(told)
        going(told).map { |one| RunSheet::Turn.new(key: one[:style], thing: one[:style], need: one[:count]) }
      end

      # Each keepsake is held in the hand once more.
      def there(told)
        kept(told).map do |one|
          RunSheet::Turn.new(key: "#{THERE} #{one[:style]}", thing: one[:style], need: one[:count], check: true)
        end
      end

      def kept(told)
        return [] unless told.piece && told.equal?(last_of_piece[told.piece])

        together(@pieces.dig(told.piece, :things).to_a.select { |one| one[:keepsake] })
      end

      # What no step of the piece is named after goes with the last that comes down.
      def going(told)
        return [] unless told.piece

        own = keys_of(told.piece)
        all = @pieces.dig(told.piece, :things).to_a.select do |one|
          key = "#{StrikeSteps::OFF}#{one[:step]}"
          key == told.key || (!own.include?(key) && told.key == own.last)
        end
        together(all)
      end

      def together(all)
        all.group_by { |one| one[:style] }.values.map do |same|
          { **same.first, count: same.sum { |one| one[:count] }.round(3) }
        end
      end

      # Of what comes down, not of looking once more.
      def keys_of(piece)
        @keys_of ||= @steps.select(&:piece).group_by(&:piece)
                           .transform_values { |steps| steps.map(&:key).uniq.then { |keys| keys - [StrikeSteps::CLOSE] } }
        keys = @keys_of.fetch(piece)
        keys.empty? ? [StrikeSteps::CLOSE] : keys
      end

      def last_of_piece
        @last_of_piece ||= @steps.select(&:piece).to_h { |told| [told.piece, told] }
      end
    end
  end
end
