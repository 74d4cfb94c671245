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
      HALF_FELT = FELT / 2
      # How near to an edge a site may lie, in spacings; nearer to the crown, so that no collar stays bare under it.
      EDGE = 0.44
      CROWN_EDGE = 0.3
      EDGE_PUSH = 1.7
      # Who is near is looked up anew after so many rounds; until then a little further is looked than is felt.
      LISTED = 4
      FURTHER = 1.25
      # On a surface that opens so wide that a site may go round the whole plane, in every round; radians.
      WIDE_OPEN = 2.5

      def initialize(flat, zones, counts, house)
        @flat = flat
        @widening = (house["ornaments.widening"] - 1) / flat.rim
        @bands = zones.zip(counts).each_with_index.map { |(zone, count), i| band(zone, count, i) }
                      .reject { |band| band[:count].zero? }
        @low_reach = @flat.reach_at(zones.last.high_m)
        @listed = @flat.half < WIDE_OPEN ? LISTED : 1
      end

      # @return [Array<Array(Float, Float, Integer)>] reach from the tip in m, turn in radians, number of the zone
      def call
        set_out
        ROUNDS.times { |round| push_apart(round) } if @reach.size <= MOST_PUSHED
        @reach.each_index.map { |i| [@reach[i], @flat.within(@turn[i]), @bands[@band[i]][:zone]] }
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
        1 + (@widening * reach)
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
      def push_apart(round)
        looked_up = (round % @listed).zero?
        @turn.map! { |turn| @flat.within(turn) } if looked_up
        lay_out
        @pairs = NearPairs.new(@flat, @xs, @ys, @turn, @own.max * FELT * FURTHER) if looked_up
        push_beside(@pairs.beside)
        push_behind(@pairs.behind)
        heat = 0.05 + (0.5 * (1 - round.fdiv(ROUNDS)))
        @reach.each_index { |i| move(i, heat) }
      end

      def lay_out
        @own = @reach.each_index.map { |i| @bands[@band[i]][:spacing] * relative(@reach[i]) }
        @xs = @reach.each_index.map { |i| @reach[i] * Math.sin(@turn[i]) }
        @ys = @reach.each_index.map { |i| @reach[i] * Math.cos(@turn[i]) }
        @across = Array.new(@reach.size, 0.0)
        @along = Array.new(@reach.size, 0.0)
      end

      # Both of a pair are pushed alike, away from one another. Done some thousand times a map, hence by counting.
      def push_beside(pairs)
        xs = @xs
        ys = @ys
        at = 0
        while at < pairs.size
          one = pairs[at]
          other = pairs[at + 1]
          at += 2
          dx = xs[one] - xs[other]
          dy = ys[one] - ys[other]
          push = push(dx, dy, one, other)
          next if push == 0.0

          shove(one, dx * push, dy * push)
          shove(other, -dx * push, -dy * push)
        end
      end

      def shove(index, across, along)
        @across[index] += across
        @along[index] += along
      end

      # Across the edge of a closed surface: the first is turned on to where the second sees it, its push turned back.
      def push_behind(pairs)
        cos = Math.cos(2 * @flat.half)
        sin = Math.sin(2 * @flat.half)
        pairs.each_slice(2) do |one, other|
          dx = (@xs[one] * cos) + (@ys[one] * sin) - @xs[other]
          dy = (@ys[one] * cos) - (@xs[one] * sin) - @ys[other]
          push = push(dx, dy, one, other)
          shove(other, -dx * push, -dy * push)
          shove(one, ((dx * cos) - (dy * sin)) * push, ((dy * cos) + (dx * sin)) * push)
        end
      end

      # @return [Float] how hard, for each metre between them
      def push(across, along, one, other)
        felt = (@own[one] + @own[other]) * HALF_FELT
        square = (across * across) + (along * along)
        return 0.0 if square >= felt * felt || square == 0.0

        (felt - Math.sqrt(square)) * felt / square
      end

      def move(index, heat)
        own = @own[index]
        out, round = edges(index, own)
        ux = @xs[index] / @reach[index]
        uy = @ys[index] / @reach[index]
        across = @across[index] + (ux * out) + (uy * round)
        along = @along[index] + (uy * out) - (ux * round)
        scale = heat * 0.3
        long = Math.hypot(across, along)
        scale = 0.25 * own / long if long * scale > 0.25 * own
        settle(index, @xs[index] + (across * scale), @ys[index] + (along * scale))
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
        # Over the edge of a closed surface it goes on until who is near is looked up again.
        turn = Math.atan2(x, y)
        @turn[index] = @flat.closed? ? turn : @flat.within(turn)
      end
    end
  end
end
