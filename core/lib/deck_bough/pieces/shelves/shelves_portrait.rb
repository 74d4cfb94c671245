# frozen_string_literal: true

module DeckBough
  # Shelves with a few strokes: their boards or plates, each thing as large as it is.
  module ShelvesPortrait
    module_function

    # @param reckoning [ShelvesReckoning] measured
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      unit = reckoning.unit
      portrait.area("wood", box(0, unit.width_m, unit.foot_m, unit.foot_m + unit.height_m)) unless unit.tray?
      reckoning.bays.each { |one| portrait.area("wood", board(one.bay)) }
      reckoning.things.each { |thing| portrait.standing(thing) }
      portrait
    end

    def board(bay)
      box(bay.left_m, bay.left_m + bay.wide_m, bay.foot_m - 0.02, bay.foot_m)
    end

    def box(left, right, bottom, top)
      [[left, bottom], [right, bottom], [right, top], [left, top]]
    end
    private_class_method :board, :box
  end
end
