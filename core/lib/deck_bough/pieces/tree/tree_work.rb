# frozen_string_literal: true

module DeckBough
  # What there is to do on one tree, by the house's rates.
  #
  #   TreeWork.of(reckoning).minutes # => 214.6
  #
  # Work above the ladder line takes longer; the share of the surface above it says how much work that is.
  # Source: handbook 90, Minutes.
  class TreeWork
    FLUFF = { "slim" => "slim", "pencil" => "pencil" }.freeze

    # @return [Work]
    def self.of(reckoning)
      new(reckoning).call
    end

    def initialize(reckoning)
      @reckoning = reckoning
      @settings = reckoning.settings
      @work = Work.new(reckoning.house, high: high, units: reckoning.units)
    end

    def call
      fluff
      @work.add("lights", "Lights, per 100 bulbs", fresh_bulbs / 100.0, "minutes.lights_per_100")
      @work.add("crown", "Bow for the crown", @reckoning.crown_bow ? 1 : 0, "minutes.bow")
      ribbon
      garland
      @work.add("ornaments", "Ornaments", @reckoning.hung_total, "minutes.ornament")
      @work.add("picks", "Picks", @reckoning.picks_total, "minutes.pick")
      @work.add("foot", "Foot of the tree", @settings[:foot][:kind] == "none" ? 0 : 1, "minutes.foot")
      @work.add("step_back", "Step back and mend", 1, "minutes.step_back", high: 0)
      @work
    end

    private

    def fluff
      @work.add("measure", "Tree up and fluffed, per foot", @reckoning.measure[:height_m] / Length::FOOT,
                "minutes.fluff_#{FLUFF.fetch(@reckoning.measure[:shape], 'full')}")
    end

    def fresh_bulbs
      [@reckoning.lights[:need] - @reckoning.working_bulbs, 0].max
    end

    def ribbon
      case @settings[:ribbon][:method]
      when "tuck" then @work.add("ribbon", "Tucked pieces", @reckoning.ribbon_shares.parts, "minutes.tuck")
      when "cascade" then @work.add("ribbon", "Cascades", @reckoning.ribbon_shares.parts, "minutes.cascade")
      # A spiral is pinned as a cascade is; it counts as one stream for each slant of its length.
      when "spiral" then @work.add("ribbon", "Spiral, per slant of its length", slants(@reckoning.ribbon),
                                   "minutes.cascade")
      when "bows" then @work.add("ribbon", "Bows", @reckoning.ribbon_shares.parts, "minutes.bow")
      end
      @work.add("ribbon", "Tucks that fill empty spots", @reckoning.hanging.fill_count("ribbon"), "minutes.tuck")
    end

    # A garland goes on as a cascade does, slant by slant of its length.
    def garland
      return unless @reckoning.garland

      @work.add("ribbon", "Garland, per slant of its length", slants(@reckoning.garland), "minutes.cascade")
    end

    def slants(answer)
      answer[:length_m] / @reckoning.area[:slant_m]
    end

    def high
      surface = @reckoning.surface
      line = @reckoning.house["tree.ladder"] - @reckoning.measure[:riser_m]
      line >= surface.height ? 0 : surface.share_between([line, surface.hem].max, surface.height)
    end
  end
end
