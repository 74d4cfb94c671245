# frozen_string_literal: true

module DeckBough
  # A table with a few strokes: its top and legs, what stands along its middle.
  module TablePortrait
    # As it is drawn.
    THICK = 0.04
    LEG = 0.06

    module_function

    # @param reckoning [TableReckoning] measured
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      high = reckoning.settings[:table][:height_m]
      long = reckoning.length_m
      [[0, long, high - THICK, high], [0.1 * long, (0.1 * long) + LEG, 0, high],
       [(0.9 * long) - LEG, 0.9 * long, 0, high]].each { |sides| portrait.area("wood", box(*sides)) }
      reckoning.things.each { |thing| portrait.standing(thing, high) }
      portrait
    end

    def box(left, right, bottom, top)
      [[left, bottom], [right, bottom], [right, top], [left, top]]
    end
    private_class_method :box
  end
end
