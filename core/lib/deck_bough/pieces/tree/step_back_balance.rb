# frozen_string_literal: true

module DeckBough
  # Colours that hang on one side only, and halves that carry too much, with the swaps that mend them: what changes
  # places leaves no gap behind.
  #
  # Part of StepBack.
  module StepBackBalance
    # A ring round one ornament.
    DOT = 0.05
    # Half of the surface lies below this share of it.
    HALF = 0.5
    # More pairs than these nobody swaps; it is hung anew.
    MOST_SWAPS = 20

    private

    # A colour of which most hangs at one side: as many of it as tip the scale change places with others.
    def one_sided
      coloured = @up.group_by { |site| colour_of(site) }.except(nil)
      coloured.filter_map do |colour, sites|
        next if sites.size < Hanging::Balance::FEWEST

        right = sites.count { |site| right?(site) }
        side = right * 2 >= sites.size ? "right" : "left"
        here = side == "right" ? right : sites.size - right
        over = here - Hanging::Balance.most_on_a_side(sites.size, @house)
        lopsided(colour, sites, side, over) if over.positive?
      end
    end

    def lopsided(colour, sites, side, over)
      names = sites.map { |site| @styles[site[:style]].name }.uniq
      there = sites.select { |site| right?(site) == (side == "right") }
      spots = there.map { |site| [site[:height_m], site[:angle_deg], DOT] }
      others = @up.select { |site| right?(site) != (side == "right") && ![nil, colour].include?(colour_of(site)) }
      percent = (there.size.fdiv(sites.size) * 100).round
      told(:one_sided, spots, swaps(there, others, over), name: names.join(" and "), percent: percent, side: side)
    end

    # Pairs that change places, so that nothing is left empty; nearest pairs first, no other colour tipped over by it.
    def swaps(ones, others, wanted)
      pairs = ones.product(others).select { |one, other| may_swap?(one, other) }
                  .sort_by { |one, other| far(one, other) }
      sides = sides_of_colours
      chosen = []
      pairs.each do |one, other|
        break if chosen.size == wanted
        next if chosen.flatten(1).any? { |site| site.equal?(one) || site.equal?(other) }

        chosen << [one, other] if takes?(sides, one, other)
      end
      chosen.size == wanted ? [swapped(chosen)] : []
    end

    def may_swap?(one, other)
      lawful_site?(one, other[:height_m]) && lawful_site?(other, one[:height_m])
    end

    def sides_of_colours
      @up.each_with_object(Hash.new { |hash, colour| hash[colour] = [0, 0] }) do |site, sum|
        sum[colour_of(site)][right?(site) ? 1 : 0] += 1
      end
    end

    # Whether the colour of the other still hangs evenly enough once it went across.
    def takes?(sides, one, other)
      to = right?(one) ? 1 : 0
      told = sides[colour_of(other)]
      few = told.sum < Hanging::Balance::FEWEST
      return false unless few || told[to] < Hanging::Balance.most_on_a_side(told.sum, @house)

      told[to] += 1
      told[1 - to] -= 1
    end

    def swapped(pairs)
      moves = pairs.flat_map { |one, other| [move(one, other), move(other, one)] }
      one, other = pairs.first
      label = pairs.size == 1 ? "Swap #{name(one)} and #{name(other)}" : "Swap #{pairs.size} with others across"
      { label: label, mends: moves }
    end

    def move(site, to)
      mend("move", to[:height_m], to[:angle_deg], style: site[:style], number: site[:number])
    end

    def far(one, other)
      apart(one[:height_m], one[:angle_deg], other[:height_m], other[:angle_deg])
    end

    def right?(site)
      site[:angle_deg].positive?
    end

    def colour_of(site)
      @styles[site[:style]]&.colour
    end

    # Ornaments weighed by their size: what the eye sees of them. A net of diamonds is denser above by its own nature.
    def balance
      upper = upper_share(@up)
      net = @reckoning.settings[:ornaments][:pattern] == "diamond"
      wanted = net ? upper_share(@reckoning.hanging.sites) : HALF
      off = upper - (wanted || HALF)
      return [] if off.abs <= @house["tree.heavy_half"]

      above = (upper * 100).round
      mends = lightened(off)
      return [told(:top_heavy, [], mends, percent: above)] if off.positive?

      [told(:bottom_heavy, [], mends, percent: 100 - above)]
    end

    def weight(site)
      (@styles[site[:style]]&.diameter_mm || HangingPlan::COMMON_MM)**2
    end

    def above?(site)
      site[:height_m] > middle
    end

    def middle
      @middle ||= @surface.height_at_share(HALF)
    end

    # @return [Float, nil] how much of the weight hangs in the upper half
    def upper_share(sites)
      total = sites.sum { |site| weight(site) }
      return nil if total.zero?

      sites.select { |site| above?(site) }.sum { |site| weight(site) }.fdiv(total)
    end

    # Large ones of the heavy half change places with small ones of the other, until both carry alike.
    #
    # @param off [Float] how much too much the upper half carries, negative where it is the lower one
    def lightened(off)
      heavy, light = @up.partition { |site| above?(site) == off.positive? }
      light = light.sort_by { |site| weight(site) }
      over = (off.abs - @house["tree.heavy_half"] + Hanging::Balance::MARGIN) * @up.sum { |site| weight(site) }
      pairs = heavy.sort_by { |site| -weight(site) }.first(MOST_SWAPS).each_with_object([]) do |one, chosen|
        other = over.positive? && lighter(one, light) or next
        light -= [other]
        over -= weight(one) - weight(other)
        chosen << [one, other]
      end
      over.positive? ? [] : [swapped(pairs)]
    end

    def lighter(one, others)
      others.find { |site| weight(site) < weight(one) && may_swap?(one, site) }
    end
  end
end
