# frozen_string_literal: true

module DeckBough
  # Minutes of dressing one tree, by the house's rates.
  #
  # Work above the ladder line takes longer; the share of the surface above it says how much work that is.
  # Source: handbook 90, Minutes. It does not plan visits.
  class TreeMinutes
    include WorkMinutes

    FLUFF = { "slim" => "slim", "pencil" => "pencil" }.freeze

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Hash] total (minutes, Float) and steps [WorkingStep]
    def call
      parts = [fluff, lights, *crown, *ribbon, *garland, ornaments, picks, *foot].reject { |part| part.value.zero? }
      high = higher(parts.sum(&:value))
      back = part("Step back and mend", "once", @house["minutes.step_back"])
      steps = [*parts, *high, back]
      total = steps.sum(&:value)
      { total: total,
        steps: [*steps,
                WorkingStep.new(says: "All together", sum: "sum", gives: "minutes", value: total, unit: "minutes")] }
    end

    private

    def fluff
      each("Tree up and fluffed, per foot", @reckoning.measure[:height_m] / Length::FOOT,
           "minutes.fluff_#{FLUFF.fetch(@reckoning.measure[:shape], 'full')}")
    end

    def lights
      fresh = [@reckoning.lights[:need] - @reckoning.working_bulbs, 0].max
      each("Lights, per 100 bulbs", fresh / 100.0, "minutes.lights_per_100")
    end

    def crown
      @reckoning.crown_bow ? [each("Bow for the crown", 1, "minutes.bow")] : []
    end

    def ribbon
      case @reckoning.settings[:ribbon][:method]
      when "tuck" then [each("Tucked pieces", @reckoning.ribbon[:pieces], "minutes.tuck")]
      when "cascade" then [each("Cascades", @reckoning.streams, "minutes.cascade")]
      # A spiral is pinned as a cascade is; it counts as one stream for each slant of its length.
      when "spiral" then [each("Spiral, per slant of its length",
                               @reckoning.ribbon[:length_m] / @reckoning.area[:slant_m], "minutes.cascade")]
      when "bows" then [each("Bows", @reckoning.settings[:ribbon][:bows], "minutes.bow")]
      else []
      end
    end

    # A garland goes on as a cascade does, slant by slant of its length.
    def garland
      if @reckoning.garland
        [each("Garland, per slant of its length", @reckoning.garland[:length_m] / @reckoning.area[:slant_m],
              "minutes.cascade")]
      else
        []
      end
    end

    def ornaments
      each("Ornaments", @reckoning.ornament_total, "minutes.ornament")
    end

    def picks
      each("Picks", @reckoning.picks[:total], "minutes.pick")
    end

    def foot
      @reckoning.settings[:foot][:kind] == "none" ? [] : [part("Foot of the tree", "once", @house["minutes.foot"])]
    end

    def higher(minutes)
      line = @house["tree.ladder"] - @reckoning.measure[:riser_m]
      return [] if line >= @reckoning.surface.height

      share = @reckoning.surface.share_between([line, @reckoning.surface.hem].max, @reckoning.surface.height)
      more = @house["minutes.high_share"]
      [part("Above the ladder line: share of the surface there × #{Figure.print(more * 100)} % more",
            "#{Figure.print(share)} × #{Figure.print(minutes, 0)} × #{Figure.print(more)}", share * minutes * more)]
    end
  end
end
