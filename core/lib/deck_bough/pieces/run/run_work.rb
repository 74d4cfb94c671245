# frozen_string_literal: true

module DeckBough
  # What there is to do on one run, by the house's rates. Source: handbook 90, Minutes.
  #
  #   RunWork.of(reckoning).minutes # => 96.4
  class RunWork
    # @return [Work]
    def self.of(reckoning)
      new(reckoning).call
    end

    def initialize(reckoning)
      @reckoning = reckoning
      @work = Work.new(reckoning.house, high: above_ladder? ? 1 : 0, units: reckoning.units)
    end

    def call
      garlands
      @work.add("rise_and_trail", "Stems layered in", @reckoning.stems.sum { |stems| stems.places.size },
                "minutes.garland_layer")
      @work.add("lights", "Lights along the run", @reckoning.lights ? @reckoning.path.length : 0,
                "minutes.garland_lights")
      @work.add("accents", "Accents", @reckoning.accents.sum { |_, count| count }, "minutes.ornament")
      @work.add("ribbon", "Ribbon", ribbon_parts, ribbon_rate)
      @work.add("step_back", "Step back and mend", 1, "minutes.step_back", high: 0)
      @work
    end

    private

    def garlands
      bodies = @reckoning.bodies
      @work.add("body", "Garland fluffed", bodies.select(&:fluffed).sum(&:garland_m), "minutes.garland_fluff")
      @work.add("anchors", "Anchors", @reckoning.anchors.sum { |anchor| anchor[:fixings] }, "minutes.garland_anchor")
      @work.add("body", "Garland hung", bodies.sum(&:garland_m), "minutes.garland_hang")
    end

    # A woven ribbon goes in every arm's length.
    def ribbon_parts
      return @reckoning.ribbon_parts.first unless ribbon_method == "weave"

      (@reckoning.path.length / @reckoning.house["garland.loop_each"]).ceil
    end

    def ribbon_rate
      ribbon_method == "bows" ? "minutes.bow" : "minutes.tuck"
    end

    def ribbon_method
      @reckoning.settings[:ribbon][:method]
    end

    def above_ladder?
      @reckoning.path.parts.any? do |part|
        [part.from_m, part.to_m].any? do |place|
          @reckoning.path.above_standing(place) > @reckoning.house["tree.ladder"]
        end
      end
    end
  end
end
