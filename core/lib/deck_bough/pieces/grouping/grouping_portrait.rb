# frozen_string_literal: true

module DeckBough
  # A grouping with a few strokes: what it stands on, each thing as a block of its height, what is filled as dots.
  module GroupingPortrait
    module_function

    # @param reckoning [GroupingReckoning] measured
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      surface = reckoning.surface
      portrait.area("wood", box(0, surface.length_m, surface.height_m - THICK, surface.height_m))
      things = reckoning.things.sort_by { |thing| [Groupings::Form::SLOTS.index(thing.slot), thing.out_m] }
      things.each { |thing| portrait.standing(thing, surface.height_m) }
      portrait
    end

    # A top as thick as it is drawn.
    THICK = 0.04

    def box(left, right, bottom, top)
      [[left, bottom], [right, bottom], [right, top], [left, top]]
    end
    private_class_method :box
    private_constant :THICK
  end
end
