# frozen_string_literal: true

module DeckBough
  # Stockings with a few strokes: what they hang from, each as a leg and a foot.
  module StockingsPortrait
    module_function

    # @param reckoning [StockingsReckoning] measured
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      place = reckoning.place
      portrait.line("wood", [[0, place[:height_m]], [place[:length_m], place[:height_m] + reckoning.rise_m]])
      reckoning.hung.each { |one| hanging(portrait, one, reckoning.settings[:stockings]) }
      portrait
    end

    def hanging(portrait, one, said)
      half = said[:width_m] / 2.0
      toe = one.hook_m - said[:long_m]
      sole = toe + (said[:long_m] * 0.3)
      portrait.area("foliage", [[one.at_m - half, one.hook_m], [one.at_m, one.hook_m], [one.at_m, sole],
                                [one.at_m + half, sole], [one.at_m + half, toe], [one.at_m - half, toe]])
      portrait.dot(one.at_m - (half / 2), one.hook_m - (said[:long_m] / 2.0), half / 2, one.colour, style: one.style)
    end
    private_class_method :hanging
  end
end
