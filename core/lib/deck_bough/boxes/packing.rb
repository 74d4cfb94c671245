# frozen_string_literal: true

module DeckBough
  module Boxes
    # Things into the fewest boxes: large loads first, once each into the box it fills best, once box by box as full as
    # each gets; then the same in other orders, as long as that may save a box. The same things are packed the same way
    # every time.
    #
    #   Boxes::Packing.new([{ id: "a", litres: 5, kg: 1, group: nil, breakable: false }],
    #                      [{ id: "1", litres: 40, most_kg: 15 }], 8).call.map(&:to_h)
    #   # => [{ id: "1", items: ["a"], litres: 5, kg: 1 }]
    class Packing
      # Orders tried are as many as this leaves time for: things times boxes, a fraction of a second.
      STEPS = 1_000_000
      MOST_ORDERS = 300
      # Box by box takes longer: one order of so many, until so many loads were tried.
      BY_BOX = 8
      STEPS_BY_BOX = 800_000

      def initialize(things, boxes, breakable_kg)
        @boxes = boxes.sort_by.with_index { |box, i| [-box[:litres], -box[:most_kg], i] }
        @breakable_kg = breakable_kg
        @loads = things.group_by { |thing| thing[:group] || [thing[:id]] }.values
                       .flat_map { |group| together(group) }
      end

      # @return [Array<Filling>] the boxes that are used
      def call
        @call ||= tries.each_with_object([]) do |fillings, best|
          best.replace(fillings) if best.empty? || (score(fillings) <=> score(best)).negative?
          break best if perfect?(best)
        end
      end

      # @return [Array] ids of what no box takes any more
      def unpacked
        @loads.flat_map(&:items) - call.flat_map { |filling| filling.loads.flat_map(&:items) }
      end

      def lower_bound
        @lower_bound ||= Fewest.new(@loads.select { |load| fits?(load) }, @boxes, @breakable_kg).call
      end

      private

      def together(group)
        whole = Load.of(group)
        group.one? || fits?(whole) ? [whole] : group.map { |thing| Load.of([thing]) }
      end

      def fits?(load)
        @boxes.any? { |box| Filling.new(box, @breakable_kg).takes?(load) }
      end

      def score(fillings)
        [-fillings.sum { |filling| filling.loads.sum { |load| load.items.size } }, fillings.size]
      end

      def perfect?(fillings)
        score(fillings) == [-@loads.select { |load| fits?(load) }.sum { |load| load.items.size }, lower_bound]
      end

      def tries
        left = STEPS_BY_BOX
        orders.lazy.flat_map do |order, by_box|
          next [pack(order)] unless by_box && left.positive?

          filled, steps = fill(order)
          left -= steps + order.size
          [pack(order), filled]
        end
      end

      # Large first by litres, by kilograms, by both; then these shaken, each time a little more.
      def orders
        chance = Random.new(1)
        sorted = measures.map { |measure| @loads.sort_by.with_index { |load, i| [-measure.call(load), i] } }
        tries = (STEPS / [@loads.size * @boxes.size, 1].max).clamp(sorted.size, MOST_ORDERS)
        Enumerator.new do |order|
          sorted.each { |loads| order.yield loads, true }
          (tries - sorted.size).times { |i| order.yield shaken(i, tries, chance), (i % BY_BOX).zero? }
        end
      end

      def shaken(try, tries, chance)
        measure = measures[try % measures.size]
        by = 0.1 + (0.9 * try / tries)
        @loads.sort_by { |load| -measure.call(load) * (1 - (by * chance.rand)) }
      end

      def measures
        @measures ||= begin
          litres = @boxes.map { |box| box[:litres] }.max.to_f
          kilograms = @boxes.map { |box| box[:most_kg] }.max.to_f
          [->(load) { load.litres / litres }, ->(load) { load.kg / kilograms },
           ->(load) { (load.litres / litres) + (load.kg / kilograms) },
           ->(load) { (load.breakable ? 10 : 0) + (load.litres / litres) }]
        end
      end

      def pack(order)
        order.each_with_object([]) do |load, fillings|
          filling = fillings.select { |one| one.takes?(load) }.min_by { |one| one.room_after(load) }
          unless filling
            filling = opened(load, fillings) or next
            fillings << filling
          end
          filling.put(load)
        end
      end

      # Box by box, the largest first, each as full as it gets; what the next one does not take waits for another.
      def fill(order)
        left = order
        steps = 0
        filled = @boxes.filter_map do |box|
          first = left.find { |load| Filling.new(box, @breakable_kg).takes?(load) } or next
          fullest = Fullest.new(box, @breakable_kg, [first, *(left - [first])],
                                most: [STEPS_BY_BOX / @boxes.size / 4, Fullest::STEPS].min)
          filling = fullest.call
          steps += fullest.steps + left.size
          left -= filling.loads
          filling
        end
        [filled, steps]
      end

      # The largest box that is left, so that fewest are opened.
      def opened(load, fillings)
        used = fillings.to_h { |filling| [filling.box[:id], true] }
        @boxes.lazy.reject { |box| used[box[:id]] }.map { |box| Filling.new(box, @breakable_kg) }
              .find { |filling| filling.takes?(load) }
      end
    end
  end
end
