# frozen_string_literal: true

require_relative "evening"

module DeckBough
  module Hanging
    # Deals kinds to sites so that each kind lies far from itself and, less strictly, from its own colour.
    #
    #   Dealing.new(flat, spots, kinds, colours: colours, seed: 7) { |kind, site| true }.call # => the kind of each site
    #
    # It starts from any lawful deal. Site after site takes the swap that helps most, round after round, until none
    # helps any more. Only lawful swaps are tried. Deterministic by seed.
    #
    # What a kind costs at a site is kept for all of them: how near it would lie to all of its own, to all of its
    # colour, and what the site itself costs it. A swap is then judged by a few additions, and only a swap that is made
    # costs more.
    class Dealing
      include Evening

      # Rounds over all sites, as long as so many pairs are looked at in all; none helps long before that, but on the
      # fullest trees.
      MOST_ROUNDS = 30
      MOST_PAIRS = 1_200_000
      # Less than this is no help but rounding.
      HELPS = -1e-6
      # Beyond this the table of all pairs outgrows what it brings; the lawful start is kept.
      MOST_WEIGHED = 700
      # Same colour counts this much of same kind.
      COLOUR = 0.1

      # @param spots [Array<Array(Float, Float)>] reach in m, turn in radians
      # @param dealt [Array<Integer>] a lawful deal: the number of the kind at each site
      # @param colours [Array<Object>] the colour of each kind, nil for none
      # @param leaning [Array<Array<Float>>] for each kind what each site costs it; 0 where it is at home
      # @param balance [Balance, nil] what the deal is evened out by at last
      # @yield [kind, site] whether the kind may hang there
      def initialize(flat, spots, dealt, colours:, seed:, leaning: nil, balance: nil)
        @flat = flat
        @spots = spots
        @dealt = dealt.dup
        @colours = colours
        @leaning = leaning
        @balance = balance
        @may = Array.new(colours.size) { |kind| Array.new(spots.size) { |site| yield kind, site } }
        @chance = Random.new(seed)
      end

      # @return [Array<Integer>] the number of the kind at each site
      def call
        if @spots.size > MOST_WEIGHED || @dealt.uniq.size < 2
          count_balance
          return @dealt
        end

        @size = @spots.size
        @near = Nearness.between(@flat, @spots)
        weigh
        (MOST_PAIRS / (@size * @size)).clamp(1, MOST_ROUNDS).times { break unless better_round }
        part_twins
        even_out
        @dealt
      end

      private

      def weigh
        shades = @colours.compact.uniq
        @shade = @colours.map { |colour| colour && shades.index(colour) }
        @scale = scales(@dealt.tally, @colours.size)
        of_shades = @dealt.filter_map { |kind| @shade[kind] }.tally
        @shade_scale = scales(of_shades, shades.size).map { |scale| scale * COLOUR }
        of_kind = sums(@dealt, @colours.size)
        of_shade = sums(@dealt.map { |kind| @shade[kind] }, shades.size)
        @costs = Array.new(@colours.size) do |kind|
          cost_row(kind, of_kind[kind], @shade[kind] && of_shade[@shade[kind]])
        end
        @felt = Array.new(@colours.size) { |one| Array.new(@colours.size) { |other| felt(one, other) } }
        @own = Array.new(@size)
        note_own
      end

      # What each site costs as it is dealt.
      def note_own
        own = @own
        costs = @costs
        dealt = @dealt
        size = @size
        site = 0
        while site < size
          own[site] = costs[dealt[site]][site]
          site += 1
        end
      end

      # What the kind costs at each site, as the others hang now.
      def cost_row(kind, near_kind, near_shade)
        scale = @scale[kind]
        shade_scale = near_shade ? @shade_scale[@shade[kind]] : 0.0
        Array.new(@size) do |site|
          (scale * near_kind[site]) + (near_shade ? shade_scale * near_shade[site] : 0.0) +
            (@leaning ? @leaning[kind][site] : 0.0)
        end
      end

      # How much of the nearness of two sites drops out when these two kinds change places between them.
      def felt(one, other)
        shades = @shade[one] == @shade[other] ? [] : [@shade[one], @shade[other]].compact
        @scale[one] + @scale[other] + shades.sum { |shade| @shade_scale[shade] }
      end

      # So that kinds of few and of many weigh alike: in units of the spacing the kind itself would have.
      def scales(tally, count)
        Array.new(count) { |i| tally.fetch(i, 0) > 1 ? (@flat.area / tally[i])**2 : 0.0 }
      end

      def sums(labels, count)
        table = Array.new(count) { Array.new(@size, 0.0) }
        labels.each_with_index do |label, i|
          next unless label

          shift(table[label], @near[i], 1.0)
        end
        table
      end

      # @return [Boolean] whether any site changed its kind
      def better_round
        @order ||= (0...@size).to_a.shuffle(random: @chance)
        # Every site has its turn, also after one has changed.
        @order.map { |site| change_partner(site) }.any?
      end

      def change_partner(site)
        other = best_partner(site) or return false
        swap(site, other)
        true
      end

      # The site with which changing kinds helps most; nil when none helps.
      def best_partner(one)
        kind = @dealt[one]
        costs = @costs[kind]
        near = @near[one]
        felt = @felt[kind]
        may = @may[kind]
        # What each other kind would cost here, against what this one does.
        here = @costs.map { |row| row[one] - costs[one] }
        dealt = @dealt
        own = @own
        size = @size
        best = HELPS
        found = nil
        site = 0
        while site < size
          with = dealt[site]
          cost = costs[site] - own[site] + here[with] - (near[site] * felt[with])
          if cost < best && with != kind && may[site] && @may[with][one]
            best = cost
            found = site
          end
          site += 1
        end
        found
      end

      # What swapping two sites would add to the nearness of like to like.
      def cost(one, other)
        kind = @dealt[one]
        with = @dealt[other]
        @costs[kind][other] - @costs[kind][one] + @costs[with][one] - @costs[with][other] -
          (@near[one][other] * @felt[kind][with])
      end

      def swap(one, other)
        kind = @dealt[one]
        with = @dealt[other]
        @dealt[one] = with
        @dealt[other] = kind
        change = @near[other].dup
        shift(change, @near[one], -1.0)
        @costs.each_index { |row| shift(@costs[row], change, moved(row, kind, with)) }
        note_own
      end

      # How much of the change a kind feels: it may be one of the two, and of the colour of one of the two.
      def moved(row, kind, with)
        own = row == kind ? @scale[row] : 0.0
        own -= @scale[row] if row == with
        shade = @shade[row]
        return own if shade.nil? || @shade[kind] == @shade[with]

        own += @shade_scale[shade] if shade == @shade[kind]
        own -= @shade_scale[shade] if shade == @shade[with]
        own
      end

      def shift(costs, change, by)
        return if by == 0.0

        size = @size
        site = 0
        while site < size
          costs[site] += change[site] * by
          site += 1
        end
      end

      # Where the nearest of all is still one of the same kind, takes the cheapest lawful swap that ends it.
      def part_twins
        2.times do
          @size.times do |i|
            next unless @dealt[i] == @dealt[nearest[i]]

            better = (0...@size).select { |j| parts?(i, j) }.min_by { |j| cost(i, j) }
            swap(i, better) if better
          end
        end
      end

      # @return [Array<Integer>] to each site the one it lies nearest to
      def nearest
        @nearest ||= @near.map { |row| row.index(row.max) }
      end

      def parts?(one, other)
        kind = @dealt[one]
        with = @dealt[other]
        kind != with && @may[kind][other] && @may[with][one] && more_twins(one, other).negative?
      end

      # How many more would hang nearest to their own kind, were the two swapped.
      def more_twins(one, other)
        touched = touched(one, other)
        before = twins(touched)
        @dealt[one], @dealt[other] = @dealt.values_at(other, one)
        more = twins(touched) - before
        @dealt[one], @dealt[other] = @dealt.values_at(other, one)
        more
      end

      def twins(sites)
        sites.count { |i| @dealt[i] == @dealt[nearest[i]] }
      end

      def touched(one, other)
        @whose ||= (0...@size).group_by { |i| nearest[i] }
        [one, other, *@whose[one], *@whose[other]].uniq
      end
    end
  end
end
