# frozen_string_literal: true

module DeckBough
  module Boxes
    # One box as full as it gets from what is left to pack: the first load goes in, and of what may lie beside it the
    # set that leaves least room, as far as so many steps find it.
    #
    #   Boxes::Fullest.new({ id: "1", litres: 40, most_kg: 15 }, 8, [26, 15, 14].map { |litres|
    #     Boxes::Load.new(litres: litres, kg: 1, breakable: false) }).call.litres
    #   # => 40
    class Fullest
      # Loads tried for one box.
      STEPS = 6_000

      # How many were tried.
      attr_reader :steps

      # @param loads [Array<Load>] what is left, the first of which goes in
      # @param most [Integer] so many are tried
      def initialize(box, breakable_kg, loads, most: STEPS)
        @most_steps = most
        @box = box
        @breakable_kg = breakable_kg
        @first, *@rest = loads
        @kilograms = [false, true].to_h { |breakable| [breakable, Filling.most_kg(box, breakable_kg, breakable)] }
      end

      # @return [Filling, nil] nil where the first load does not fit
      def call
        @steps = 0
        @best = []
        @most = -1
        return unless fits?(@first.litres, @first.kg, @first.breakable)

        look(0, [], @first.litres, @first.kg, @first.breakable)
        [@first, *@best].each_with_object(Filling.new(@box, @breakable_kg)) { |load, filling| filling.put(load) }
      end

      private

      def fits?(litres, kilograms, breakable)
        litres <= @box[:litres] + Filling::HAIR && kilograms <= @kilograms[breakable] + Filling::HAIR
      end

      # Full by litres or by kilograms is full: the next thing does not fit either way.
      def look(from, set, litres, kilograms, breakable)
        full = [litres / @box[:litres], kilograms / @kilograms[breakable].to_f].max
        if full > @most
          @most = full
          @best = set
        end
        from.upto(@rest.size - 1) do |i|
          break if @steps >= @most_steps || @most >= 1 - Filling::HAIR

          beside(i, set, litres, kilograms, breakable)
        end
      end

      def beside(place, set, litres, kilograms, breakable)
        @steps += 1
        load = @rest[place]
        told = [litres + load.litres, kilograms + load.kg, breakable || load.breakable]
        look(place + 1, [*set, load], *told) if fits?(*told)
      end
    end
  end
end
