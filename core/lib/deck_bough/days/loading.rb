# frozen_string_literal: true

module DeckBough
  module Days
    # What goes into the car before a visit, box by box: what its steps take with their spares, and where each lies.
    #
    #   Days::Loading.of([], {}) # => []
    #
    # Source: handbook 00, step 3; 90, Run sheet.
    module Loading
      # What lies in no box, what nobody chose from the stock, what is not there yet: after all boxes.
      NO_BOX = "none"
      UNCHOSEN = "unchosen"
      LACKING = "lacking"
      LAST = [NO_BOX, UNCHOSEN, LACKING].freeze
      # Free of the last bits that sums of metres leave.
      PLACES = 3

      # Something wanted: a RunSheet::Thing, in which step (what is done in two goes is one), and in which room.
      Wanted = Struct.new(:thing, :step, :room, keyword_init: true)

      module_function

      # @param wanted [Array<Wanted>]
      # @param lots [Hash{String => Array<Hash>}] by style: number, place, quantity
      # @return [Array<Hash>] key, box, place, things (key, label, colour, unit, count, rooms)
      def of(wanted, lots)
        parts = wanted.group_by { |one| one.thing.key }.values.flat_map { |all| spread(all, lots) }
        parts.group_by(&:first).sort_by { |key, _| rank(key) }.map do |key, of_it|
          _, lot, = of_it.first
          { key: key.to_s, box: lot && lot[:number], place: lot && lot[:place], things: of_it.map(&:last) }
        end
      end

      # Box after box, then what is left over.
      def spread(all, lots)
        thing = all.first.thing
        left = all.uniq(&:step).sum { |one| one.thing.need + one.thing.spares }
        told = lots.fetch(thing.style, []).filter_map do |lot|
          count = [left, lot[:quantity]].min.round(PLACES)
          left -= count
          [lot[:number] || NO_BOX, lot, told(all, count, lot[:number] || NO_BOX)] if count.positive?
        end
        rest = left.round(PLACES)
        where = thing.style ? LACKING : UNCHOSEN
        rest.positive? ? [*told, [where, nil, told(all, rest, where)]] : told
      end

      def told(all, count, where)
        thing = all.first.thing
        { key: "#{where} #{thing.key}", label: thing.label, colour: thing.colour, unit: thing.unit, count: count,
          rooms: all.map(&:room).uniq }
      end

      def rank(key)
        LAST.include?(key) ? [1, LAST.index(key)] : [0, key]
      end
      private_class_method :spread, :told, :rank
    end
  end
end
