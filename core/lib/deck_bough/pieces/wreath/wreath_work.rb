# frozen_string_literal: true

module DeckBough
  # What there is to do on one wreath, by the house's rates. Source: handbook 90, Minutes.
  #
  #   WreathWork.of(reckoning).minutes # => 29.0
  class WreathWork
    MADE = { "frame" => ["greens", "Wreath made on a frame", 1, "minutes.wreath_make"],
             # Two people, each of them so long.
             "hoop" => ["greens", "Hoop bent and tied, two people", 2, "minutes.wreath_hoop"] }.freeze

    # @return [Work]
    def self.of(reckoning)
      new(reckoning).call
    end

    def initialize(reckoning)
      @reckoning = reckoning
      @work = Work.new(reckoning.house, high: high? ? 1 : 0, units: reckoning.units)
    end

    def call
      made = MADE[@reckoning.settings[:greens][:making]]
      @work.add(*made, high: 0) if made
      @work.add("layers", "Dressed", 1, "minutes.wreath_dress", high: 0) if dressed?
      @work.add("star", "Bow", @reckoning.bow ? 1 : 0, "minutes.bow", high: 0)
      @work.add("lights", "Lights round it", @reckoning.lights ? @reckoning.ring.middle_m : 0, "minutes.garland_lights",
                high: 0)
      @work.add(*(@reckoning.lying? ? ["place", "Laid round it"] : %w[hang Hung]), 1, "minutes.wreath_hang")
      @work
    end

    private

    # A wreath that is bought and left alone is only hung.
    def dressed?
      @reckoning.elements.any? || @reckoning.stems.any? || @reckoning.settings[:greens][:making] == "enriched"
    end

    def high?
      @reckoning.hook_floor_m > @reckoning.house["tree.ladder"]
    end
  end
end
