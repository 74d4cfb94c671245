# frozen_string_literal: true

module DeckBough
  # A drink corner with a few strokes: what it stands on, each jar as high as it is.
  module DrinksPortrait
    THICK = 0.04

    module_function

    # @param reckoning [DrinksReckoning] measured
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      high = reckoning.place[:height_m]
      portrait.area("wood", box(0, reckoning.place[:length_m], high - THICK, high))
      reckoning.jars.each do |jar|
        half = jar.said[:across_m] / 2.0
        portrait.area("foliage", box(jar.left_m - half, jar.left_m + half, high, high + jar.said[:high_m]))
        portrait.dot(jar.left_m, high + (jar.said[:high_m] / 2.0), half / 2,
                     jar.style&.colour || DrinksReckoning::GLASS, style: jar.style)
      end
      portrait
    end

    def box(left, right, bottom, top)
      [[left, bottom], [right, bottom], [right, top], [left, top]]
    end
    private_class_method :box
  end
end
