# frozen_string_literal: true

module DeckBough
  # Cautions of what is swapped: covers that sag or bulge, sets that fall apart, mats, pictures, scents that meet.
  class SwapsCautions
    # So many of a kind are named.
    NAMED = 3
    # Cushions of a set are of like scale within this.
    LIKE_M = 0.08
    # From so many on somebody sits on them.
    MANY = 4

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
      @soft = reckoning.settings[:soft]
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of("soft" => [*inserts, *sets, *scale, *mats, heated, guests, *lost],
                  "art" => [*small, *untried], "scent" => [*meeting, *flames, asked], "step_back" => [])
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    # An insert a little larger than its cover fills it; a smaller one sags, a much larger one bulges.
    def inserts
      low = @house["swaps.insert_least"]
      high = @house["swaps.insert_most"]
      found = @reckoning.cushions.filter_map do |swap|
        if swap.by_m < low - 1e-9 then of(:insert_small, name: first(swap), insert_m: swap.insert_m)
        elsif swap.by_m > high + 1e-9 then of(:insert_large, name: first(swap), insert_m: swap.insert_m, most_m: high)
        end
      end
      found.first(NAMED)
    end

    # Four are alike, or two and two.
    def sets
      fours = @reckoning.seats.select { |seat| seat.count == SwapsReckoning::FOUR }
      odd = fours.reject { |seat| [[4], [2, 2]].include?(counts(seat)) }
      odd.first(NAMED).map { |seat| of(:cushions_apart, seat: seat.name, shares: counts(seat).join(" and ")) }
    end

    def counts(seat)
      seat.families.map { |family| family.sum(&:count) }.sort.reverse
    end

    def scale
      apart = @reckoning.seats.select { |seat| spread(seat) > LIKE_M + 1e-9 && counts(seat) == [2, 2] }
      apart.first(NAMED).map { |seat| of(:cushions_scale, seat: seat.name, by_m: spread(seat)) }
    end

    def spread(seat)
      seat.swaps.map(&:across_m).minmax.reduce(:-).abs
    end

    def mats
      return [of(:mats_half)] if @reckoning.mats_half?

      mats = @reckoning.mats or return []
      low = @house["swaps.mat_least"]
      high = @house["swaps.mat_most"]
      [[:long_m, "at its ends"], [:wide_m, "along it"]].filter_map do |side, where|
        shows = mats[side]
        next if shows.between?(low - 1e-9, high + 1e-9)

        of(shows < low ? :mat_small : :mat_large, where: where, by_m: [shows, 0].max, least_m: low, most_m: high)
      end
    end

    def heated
      of(:throw_heated) if @reckoning.swaps.any? { |swap| swap.said[:what] == "heated_throw" }
    end

    def guests
      count = @reckoning.cushions.sum(&:count)
      of(:cushions_guests, count: count) if count >= MANY && @soft[:guests].strip.empty?
    end

    def lost
      @reckoning.going_out.select { |one| one[:stored].empty? }.first(NAMED)
                .map { |one| of(:swap_lost, out: capital(one[:out])) }
    end

    def small
      @reckoning.frames.reject(&:fills?).first(NAMED).map do |frame|
        of(:paper_small, name: capital(@reckoning.framed(frame)),
                         by_m: -[frame.spare_wide_m, frame.spare_high_m].min)
      end
    end

    def untried
      those = @reckoning.frames.reject { |frame| frame.said[:printed] || frame.said[:tried] }
      those.first(NAMED).map { |frame| of(:paper_untried, name: capital(@reckoning.framed(frame))) }
    end

    def meeting
      @reckoning.zones.select { |zone| zone.scented > 1 }.first(NAMED)
                .map { |zone| of(:scents_meet, zone: capital(zone.name), count: zone.scented) }
    end

    def flames
      @reckoning.zones.select { |zone| zone.scents.any? { |scent| scent[:kind] == "candle" } }.first(NAMED)
                .map { |zone| of(:scent_flame, zone: zone.name) }
    end

    def asked
      of(:scent_asked) if @reckoning.zones.any? { |zone| zone.scented.positive? }
    end

    def first(swap)
      capital(@reckoning.named(swap))
    end

    # At the beginning of a sentence.
    def capital(name)
      name.sub(/\A./, &:upcase)
    end
  end
end
