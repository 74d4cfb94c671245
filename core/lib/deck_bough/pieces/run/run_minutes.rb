# frozen_string_literal: true

module DeckBough
  # Minutes of dressing one run, by the house's rates. Source: handbook 90, Minutes.
  class RunMinutes
    include WorkMinutes

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Hash] total (minutes, Float) and steps [WorkingStep]
    def call
      parts = [fluff, anchors, hang, layers, lights, accents, ribbon].reject { |part| part.value.zero? }
      high = if above_ladder?
               [part("Above the ladder line",
                     "#{Figure.print(parts.sum(&:value), 0)} × #{Figure.print(@house['minutes.high_share'])}",
                     parts.sum(&:value) * @house["minutes.high_share"])]
             else
               []
             end
      steps = [*parts, *high, part("Step back and mend", "once", @house["minutes.step_back"])]
      total = steps.sum(&:value)
      { total: total, steps: [*steps, part("All together", "sum", total)] }
    end

    private

    def garland
      @reckoning.bodies.sum(&:garland_m)
    end

    def fluff
      each("Garland fluffed, metres", @reckoning.bodies.select(&:fluffed).sum(&:garland_m), "minutes.garland_fluff")
    end

    def anchors
      each("Anchors", @reckoning.anchors.sum { |anchor| anchor[:fixings] }, "minutes.garland_anchor")
    end

    def hang
      each("Garland hung, metres", garland, "minutes.garland_hang")
    end

    def layers
      each("Stems layered in", @reckoning.stems.sum { |stems| stems.places.size }, "minutes.garland_layer")
    end

    def lights
      each("Lights, metres", @reckoning.lights ? @reckoning.path.length : 0, "minutes.garland_lights")
    end

    def accents
      each("Accents", @reckoning.accents.sum { |_, count| count }, "minutes.ornament")
    end

    def ribbon
      count, = @reckoning.ribbon_parts
      rate = @reckoning.settings[:ribbon][:method] == "bows" ? "minutes.bow" : "minutes.tuck"
      # A woven ribbon goes in every arm's length.
      if @reckoning.settings[:ribbon][:method] == "weave"
        count = (@reckoning.path.length / @house["garland.loop_each"]).ceil
      end
      each("Ribbon", count, rate)
    end

    def above_ladder?
      @reckoning.path.parts.any? do |part|
        [part.from_m, part.to_m].any? { |place| @reckoning.path.at(place)[1] > @house["tree.ladder"] }
      end
    end
  end
end
