# frozen_string_literal: true

module DeckBough
  # Swaps with a few strokes: cushions side by side on a seat, pictures above them.
  module SwapsPortrait
    SEAT_M = 0.45
    GAP_M = 0.06
    FRAMES_M = 1.35
    LEAST_M = 1.0

    module_function

    # @param reckoning [SwapsReckoning]
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      ends = [cushions(portrait, reckoning), frames(portrait, reckoning), LEAST_M]
      portrait.area("wood", box(0, ends.max, SEAT_M - 0.12, SEAT_M))
      portrait
    end

    # @return [Float] where the last of them ends
    def cushions(portrait, reckoning)
      reckoning.cushions.flat_map { |swap| [swap] * swap.count }.reduce(0.0) do |left, swap|
        portrait.area("foliage", box(left, left + swap.across_m, SEAT_M, SEAT_M + swap.high_m))
        portrait.dot(left + (swap.across_m / 2.0), SEAT_M + (swap.high_m / 2.0), swap.across_m / 2.5, swap.colour,
                     style: swap.style)
        left + swap.across_m + GAP_M
      end
    end

    def frames(portrait, reckoning)
      reckoning.frames.reduce(0.0) do |left, frame|
        wide, high = frame.said.values_at(:wide_m, :high_m)
        portrait.area("wood", box(left, left + wide, FRAMES_M, FRAMES_M + high))
        left + wide + GAP_M
      end
    end

    def box(left, right, bottom, top)
      [[left, bottom], [right, bottom], [right, top], [left, top]]
    end
    private_class_method :cushions, :frames, :box
  end
end
