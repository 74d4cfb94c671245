# frozen_string_literal: true

module DeckBough
  # Where ornaments go for now: an equal-area spiral over the visible surface, dealt so that every style keeps pace with
  # its share all the way up; below the reach line only shatterproof ones, as far as there are any.
  #
  #   OrnamentSites.new(surface, counts, styles, reach_m: 1.0, house: house, shares: shares).call.first
  #   # => { style: "bell", height_m: 0.27, angle_deg: -12.0, depth: 0.82, order: 0 }
  #
  # Heights are above the floor of the tree (riser not counted), angles from the front.
  class OrnamentSites
    # Larger ones are tucked in deeper (handbook 30, rule 1).
    DEPTH = { hero: 0.6, large: 0.68, medium: 0.84, small: 0.98 }.freeze

    def initialize(surface:, counts:, styles:, shares:, reach_m:, house:)
      @surface = surface
      @counts = counts
      @styles = styles.to_h { |style| [style.id, style] }
      @shares = shares
      @reach = reach_m
      @house = house
    end

    # @return [Array<Hash>] style, height_m, angle_deg, depth, order
    def call
      total = @counts.values.sum
      left = @counts.dup
      top = [@surface.height - @house["ornaments.crown_band"], @surface.hem + (@surface.foliage / 2)].max
      @surface.sites(total, high_m: top).each_with_index.map do |(height, angle), i|
        style = pick(left, height, i + 1, total)
        left[style] -= 1
        { style: style, height_m: height, angle_deg: angle, depth: DEPTH.fetch(@shares.size_of(@styles[style])), order: i }
      end
    end

    # How many breakable ones had to go below the reach line.
    def self.within_reach(sites, styles, reach_m)
      return 0 unless reach_m

      fragile = styles.select(&:breakable).map(&:id)
      sites.count { |site| site[:height_m] < reach_m && fragile.include?(site[:style]) }
    end

    private

    def pick(left, height, done, total)
      open = left.select { |_, count| count.positive? }
      low = @reach && height < @reach
      # Below the line shatterproof ones are spent; above it the glass catches up.
      allowed = open.select { |id, _| !low || !@styles.fetch(id).breakable }
      (allowed.empty? ? open : allowed).max_by { |id, count| behind(id, count, done, total) }.first
    end

    def behind(id, count, done, total)
      share = @counts.fetch(id).fdiv(total)
      ((share * done) - (@counts.fetch(id) - count)).round(9)
    end
  end
end
