# frozen_string_literal: true

module DeckBough
  # The visible surface of a tree as a solid of revolution: radius, area, equal-area heights.
  #
  #   tree = TreeSurface.new(height_m: 2.4, spread_m: 1.4, hem_m: 0.24, arc_deg: 360, p: 1.0)
  #   tree.area.round(2)        # => 4.99
  #   tree.radius_at(1.32)      # => 0.35, half way up the foliage
  #
  # Heights are metres above the floor the tree stands on (riser not included), angles degrees from the front.
  # Source: handbook 10, Shape of a tree.
  class TreeSurface
    SLICES = 240
    # Near the tip a rounded tree (p < 1) narrows ever faster; stepping in the fourth power of the distance from the
    # tip keeps Simpson's rule within 0.01 % of the integral there.
    CROWDING = 4

    attr_reader :height, :spread, :hem, :arc_deg, :p

    # The hem when the box does not say.
    def self.default_hem(height_m, house)
      low = house["tree.hem_low"]
      # A studio may set its low above its high; then the low one holds.
      (house["tree.hem_share"] * height_m).clamp(low, [house["tree.hem_high"], low].max)
    end

    def initialize(height_m:, spread_m:, hem_m:, arc_deg:, p: 1.0)
      @height = height_m.to_f
      @spread = spread_m.to_f
      @hem = hem_m.to_f
      @arc_deg = arc_deg.to_f
      @p = p.to_f
    end

    def foliage
      height - hem
    end

    def radius
      spread / 2
    end

    # What its outline covers as one stands before it, square metres: both halves of the radius over the height.
    def outline_m2
      2 * radius * foliage / (p + 1)
    end

    # The straight length of the side, crown to hem.
    def slant
      Math.sqrt((radius**2) + (foliage**2))
    end

    def arc
      arc_deg * Math::PI / 180
    end

    def radius_at(height_m)
      above = ((height_m - hem) / foliage).clamp(0.0, 1.0)
      radius * ((1 - above)**p)
    end

    # @return [Float] m² of the part that is dressed
    def area
      return arc / 2 * radius * slant if p == 1.0 # rubocop:disable Lint/FloatComparison

      arc * cumulative.last
    end

    # @param share [Float] 0 at the hem to 1 at the tip
    # @return [Float] the height below which that share of the surface lies
    def height_at_share(share)
      return height - (foliage * Math.sqrt(1 - share)) if p == 1.0 # rubocop:disable Lint/FloatComparison

      height - (foliage * from_tip(1 - share))
    end

    # @return [Float] the share of the surface between two heights
    def share_between(low_m, high_m)
      share_above(low_m) - share_above(high_m)
    end

    # @return [Array<Hash>] tiers from the hem up: from_m, to_m, radius_m (at the middle), share of the surface
    def tiers(tier_m)
      count = tier_count(tier_m)
      depth = foliage / count
      Array.new(count) do |i|
        from = hem + (i * depth)
        { from_m: from, to_m: from + depth, radius_m: radius_at(from + (depth / 2)),
          share: share_between(from, from + depth) }
      end
    end

    # @return [Integer] the number of the tier a height is in, from 1 at the hem; above the last one still the last
    def tier_at(height_m, tier_m)
      count = tier_count(tier_m)
      (((height_m - hem) / (foliage / count)).floor + 1).clamp(1, count)
    end

    # Sites that share the surface equally: golden-angle steps round the visible arc while climbing by equal area.
    #
    # @param count [Integer] how many
    # @param low_m, high_m [Float] the band to stay within
    # @param shift [Float] 0..1, turns the whole pattern so that two patterns do not coincide
    # @return [Array<Array(Float, Float)>] height in m, angle in degrees from the front, from the hem up
    def sites(count, low_m: hem, high_m: height, shift: 0.0)
      low = 1 - share_above(low_m)
      high = 1 - share_above(high_m)
      Array.new(count) do |i|
        share = low + ((high - low) * (i + 0.5) / count)
        [height_at_share(share), (((i * GOLDEN) + shift) % 1.0 * arc_deg) - (arc_deg / 2)]
      end
    end

    GOLDEN = (Math.sqrt(5) - 1) / 2

    private

    def tier_count(tier_m)
      [(foliage / tier_m).round, 1].max
    end

    def share_above(height_m)
      u = (1 - ((height_m - hem) / foliage)).clamp(0.0, 1.0)
      return u**2 if p == 1.0 # rubocop:disable Lint/FloatComparison

      at = (u**(1.0 / CROWDING)) * SLICES
      index = [at.floor, SLICES - 1].min
      table = cumulative
      (table[index] + ((at - index) * (table[index + 1] - table[index]))) / table.last
    end

    # The distance from the tip, as a share of the foliage, above which `share` of the surface lies.
    def from_tip(share)
      table = cumulative
      wanted = share * table.last
      index = (table.bsearch_index { |sum| sum >= wanted } || SLICES).clamp(1, SLICES)
      part = (wanted - table[index - 1]) / (table[index] - table[index - 1])
      ((index - 1 + part) / SLICES)**CROWDING
    end

    # Surface per radian of arc from the tip down to each slice.
    def cumulative
      @cumulative ||= begin
        sums = [0.0]
        SLICES.times { |i| sums << (sums.last + slice(i.to_f / SLICES, (i + 1.0) / SLICES)) }
        sums
      end
    end

    def slice(from, to)
      (to - from) / 6 * (strip(from) + (4 * strip((from + to) / 2)) + strip(to))
    end

    # r(u)·sqrt(1 + r'(u)²) dz with u = t⁴, u the distance from the tip.
    def strip(t)
      u = t**CROWDING
      slope = radius * p / foliage
      radius * foliage * Math.sqrt((u**(2 * p)) + ((slope**2) * (u**((4 * p) - 2)))) * CROWDING * (t**(CROWDING - 1))
    end
  end
end
