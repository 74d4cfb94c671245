# frozen_string_literal: true

module DeckBough
  module Hanging
    # Deals kinds to sites so that each kind lies far from itself and, less strictly, from its own colour.
    #
    #   Dealing.new(flat, spots, kinds, may: ->(kind, site) { true }, seed: 7).call # => the kind of each site
    #
    # It starts from any lawful deal and improves it by swapping two at a time, now and then accepting a worse one so as not to
    # stay in the first hollow it finds. Only lawful swaps are tried. Deterministic by seed.
    class Dealing
      # Tries for each site, and in all.
      TRIES_A_SITE = 450
      MOST_TRIES = 100_000
      # Beyond this the table of all pairs outgrows what it brings; the lawful start is kept.
      MOST_WEIGHED = 700
      WARMTH = 1.0
      # Same colour counts this much of same kind.
      COLOUR = 0.1

      # @param spots [Array<Array(Float, Float)>] reach in m, turn in radians
      # @param dealt [Array<Integer>] a lawful deal: the number of the kind at each site
      # @param colours [Array<Object>] the colour of each kind, nil for none
      # @param leaning [Array<Array<Float>>] for each kind what each site costs it; 0 where it is at home
      # @yield [kind, site] whether the kind may hang there
      def initialize(flat, spots, dealt, colours:, seed:, leaning: nil)
        @flat = flat
        @spots = spots
        @dealt = dealt.dup
        @colours = colours
        @leaning = leaning
        @may = Array.new(colours.size) { |kind| Array.new(spots.size) { |site| yield kind, site } }
        @chance = Random.new(seed)
      end

      # @return [Array<Integer>] the number of the kind at each site
      def call
        return @dealt if @spots.size > MOST_WEIGHED || @dealt.uniq.size < 2

        weigh
        tries = [TRIES_A_SITE * @spots.size, MOST_TRIES].min
        tries.times { |i| try(WARMTH * ((1 - i.fdiv(tries))**2)) }
        part_twins
        @dealt
      end

      private

      # Nearness of every two sites, and how near each site lies to all of a kind and of a colour.
      def weigh
        @size = @spots.size
        @near = Array.new(@size) { Array.new(@size, 0.0) }
        @size.times { |i| ((i + 1)...@size).each { |j| @near[i][j] = @near[j][i] = 1 / (square(i, j)**2) } }
        @kinds = @colours.size
        @scale = scales(@dealt.tally, @kinds)
        shades = @colours.compact.uniq
        @shade = @colours.map { |colour| colour && shades.index(colour) }
        @shade_scale = scales(@dealt.map { |kind| @shade[kind] }.compact.tally, shades.size).map { |scale| scale * COLOUR }
        @of_kind = sums(@dealt, @kinds)
        @of_shade = sums(@dealt.map { |kind| @shade[kind] }, shades.size)
      end

      def square(one, other)
        [@flat.square(*@spots[one], *@spots[other]), 1e-8].max
      end

      # So that kinds of few and of many weigh alike: in units of the spacing the kind itself would have.
      def scales(tally, count)
        Array.new(count) { |i| tally.fetch(i, 0) > 1 ? (@flat.area / tally[i])**2 : 0.0 }
      end

      def sums(labels, count)
        table = Array.new(count) { Array.new(@size, 0.0) }
        labels.each_with_index do |label, i|
          next unless label

          row = table[label]
          near = @near[i]
          @size.times { |j| row[j] += near[j] }
        end
        table
      end

      def try(warmth)
        one = @chance.rand(@size)
        other = @chance.rand(@size)
        kind = @dealt[one]
        with = @dealt[other]
        return if kind == with || !@may[kind][other] || !@may[with][one]

        cost = cost(one, other)
        swap(one, other) if cost.negative? || (cost < 8 * warmth && @chance.rand < Math.exp(-cost / warmth))
      end

      # What swapping would add to the nearness of like to like.
      def cost(one, other)
        kind = @dealt[one]
        with = @dealt[other]
        between = @near[one][other]
        row = @of_kind[kind]
        of_with = @of_kind[with]
        total = (@scale[kind] * (row[other] - between - row[one])) + (@scale[with] * (of_with[one] - between - of_with[other]))
        total += @leaning[kind][other] - @leaning[kind][one] + @leaning[with][one] - @leaning[with][other] if @leaning
        total + shade_cost(one, other, @shade[kind], @shade[with], between)
      end

      def shade_cost(one, other, shade, with, between)
        return 0.0 if shade == with

        total = 0.0
        total += @shade_scale[shade] * (@of_shade[shade][other] - between - @of_shade[shade][one]) if shade
        total += @shade_scale[with] * (@of_shade[with][one] - between - @of_shade[with][other]) if with
        total
      end

      def swap(one, other)
        kind = @dealt[one]
        with = @dealt[other]
        @dealt[one] = with
        @dealt[other] = kind
        shift(@of_kind[kind], @of_kind[with], one, other)
        shade = @shade[kind]
        with_shade = @shade[with]
        return if shade == with_shade

        shift(shade && @of_shade[shade], with_shade && @of_shade[with_shade], one, other)
      end

      def shift(from, into, one, other)
        was = @near[one]
        now = @near[other]
        i = 0
        while i < @size
          change = now[i] - was[i]
          from[i] += change if from
          into[i] -= change if into
          i += 1
        end
      end

      # Where the nearest of all is still one of the same kind, takes the cheapest lawful swap that ends it.
      def part_twins
        nearest = @near.map { |row| row.index(row.max) }
        2.times do
          @size.times do |i|
            next unless @dealt[i] == @dealt[nearest[i]]

            better = (0...@size).select { |j| parts?(i, j, nearest) }.min_by { |j| cost(i, j) }
            swap(i, better) if better
          end
        end
      end

      def parts?(one, other, nearest)
        kind = @dealt[one]
        with = @dealt[other]
        return false if kind == with || !@may[kind][other] || !@may[with][one]

        twins = twins_at(one, other, nearest)
        @dealt[one] = with
        @dealt[other] = kind
        fewer = twins_at(one, other, nearest) < twins
        @dealt[one] = kind
        @dealt[other] = with
        fewer
      end

      def twins_at(one, other, nearest)
        touched(one, other, nearest).count { |i| @dealt[i] == @dealt[nearest[i]] }
      end

      def touched(one, other, nearest)
        @whose ||= (0...@size).group_by { |i| nearest[i] }
        [one, other, *@whose[one], *@whose[other]].uniq
      end
    end
  end
end
