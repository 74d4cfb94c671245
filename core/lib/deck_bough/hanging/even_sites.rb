# frozen_string_literal: true

module DeckBough
  module Hanging
    # Sites spread evenly over the zones of a tree, closer at the top and wider below.
    #
    #   EvenSites.new(flat, zones, [20, 100], house).call # => [[reach, turn, zone], …]
    #
    # An equal-area spiral sets them out; then they push one another apart until they lie almost as a honeycomb.
    # Source: handbook 30, a way that is known to reach this. Deterministic.
    class EvenSites
      # Nearest distance in a honeycomb of one point to each unit of surface.
      HONEYCOMB = 1.0746
      ROUNDS = 24
      # More are as even as the spiral leaves them: pushing them apart would take longer than it is worth.
      MOST_PUSHED = 600
      STEPS = 120
      # Points feel each other as far as the second ring of neighbours begins.
      FELT = 1.35
      # How near to an edge a site may lie, in spacings; nearer to the crown, so that no collar stays bare under it.
      EDGE = 0.44
      CROWN_EDGE = 0.3
      EDGE_PUSH = 1.7

      def initialize(flat, zones, counts, house)
        @flat = flat
        @house = house
        @bands = zones.zip(counts).each_with_index.map { |(zone, count), i| band(zone, count, i) }
                      .reject { |band| band[:count].zero? }
        @low_reach = @flat.reach_at(zones.last.high_m)
      end

      # @return [Array<Array(Float, Float, Integer)>] reach from the tip in m, turn in radians, number of the zone
      def call
        set_out
        @reach.size <= MOST_PUSHED ? ROUNDS.times { |round| push_apart(0.05 + (0.5 * (1 - round.fdiv(ROUNDS)))) } : nil
        @reach.each_index.map { |i| [@reach[i], @turn[i], @bands[@band[i]][:zone]] }
      end

      private

      def band(zone, count, number)
        far = @flat.reach_at(zone.low_m)
        near = @flat.reach_at(zone.high_m)
        sums = [0.0]
        STEPS.times do |i|
          reach = far - ((far - near) * (i + 0.5) / STEPS)
          sums << (sums.last + (reach * (far - near) / STEPS * 2 * @flat.half / (relative(reach)**2)))
        end
        { zone: number, count: count, far: far, near: near, sums: sums,
          spacing: count.zero? ? 0 : Math.sqrt(sums.last / count) * HONEYCOMB }
      end

      def relative(reach)
        1 + ((@house["ornaments.widening"] - 1) * reach / @flat.rim)
      end

      def set_out
        @reach = []
        @turn = []
        @band = []
        @bands.each_with_index do |band, number|
          band[:count].times do |i|
            @reach << reach_at(band, band[:sums].last * (i + 0.5) / band[:count])
            @turn << (((((@turn.size * TreeSurface::GOLDEN) % 1.0) * 2) - 1) * @flat.half)
            @band << number
          end
        end
      end

      def reach_at(band, wanted)
        sums = band[:sums]
        index = sums.bsearch_index { |sum| sum >= wanted }
        part = (wanted - sums[index - 1]) / (sums[index] - sums[index - 1])
        band[:far] - ((band[:far] - band[:near]) * (index - 1 + part) / STEPS)
      end

      # One round: every site moves away from those that are too near and from the edges.
      def push_apart(heat)
        spacing = @reach.each_index.map { |i| @bands[@band[i]][:spacing] * relative(@reach[i]) }
        widest = spacing.max * FELT
        laid = @flat.laid_out(@reach.zip(@turn), widest)
        squares = laid.group_by { |x, y, _| ((x / widest).floor << 20) + (y / widest).floor }
        moved = @reach.each_index.map { |i| step(i, laid[i], squares, spacing, widest, heat) }
        moved.each_with_index { |spot, i| settle(i, *spot) }
      end

      def step(index, spot, squares, spacing, widest, heat)
        x, y = spot
        own = spacing[index]
        across, along = pushed(x, y, squares, spacing, widest, own)
        out, round = edges(index, own)
        ux = x / @reach[index]
        uy = y / @reach[index]
        across += (ux * out) + (uy * round)
        along += (uy * out) - (ux * round)
        scale = heat * 0.3
        long = Math.hypot(across, along)
        scale = 0.25 * own / long if long * scale > 0.25 * own
        [x + (across * scale), y + (along * scale)]
      end

      # The sum of what every near site pushes.
      def pushed(x, y, squares, spacing, widest, own)
        across = along = 0.0
        column = (x / widest).floor - 1
        row = (y / widest).floor - 1
        (column..(column + 2)).each do |i|
          (row..(row + 2)).each do |j|
            squares[(i << 20) + j]&.each do |ox, oy, other|
              dx = x - ox
              dy = y - oy
              felt = (own + spacing[other]) * 0.5 * FELT
              square = (dx * dx) + (dy * dy)
              next if square >= felt * felt || square.zero?

              apart = Math.sqrt(square)
              push = (felt - apart) / apart * (felt / apart)
              across += dx * push
              along += dy * push
            end
          end
        end
        [across, along]
      end

      # @return [Array(Float, Float)] the push of the edges: away from the tip, and round to the right
      def edges(index, own)
        reach = @reach[index]
        out = -edge(@flat.rim - reach, EDGE * own * FELT)
        out += edge(reach - @low_reach, CROWN_EDGE * own * FELT)
        return [out, 0.0] if @flat.closed?

        beside = edge((@flat.half - @turn[index].abs) * reach, EDGE * own * FELT)
        [out, @turn[index].positive? ? -beside : beside]
      end

      def edge(distance, felt)
        distance < felt ? (felt - distance) * EDGE_PUSH : 0.0
      end

      def settle(index, x, y)
        band = @bands[@band[index]]
        @reach[index] = Math.hypot(x, y).clamp(band[:near], band[:far])
        @turn[index] = @flat.within(Math.atan2(x, y))
      end
    end
  end
end
