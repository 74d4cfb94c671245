# frozen_string_literal: true

module DeckBough
  # The geometry of a drink corner as numbers in metres, from its left end and above what the jars stand on; days from
  # the day it is built. The drawing room only projects and paints.
  class DrinksDrawing
    def initialize(reckoning)
      @reckoning = reckoning
    end

    # What is known of the place; also before it was measured.
    def self.place(settings)
      settings[:place].slice(:length_m, :depth_m, :height_m, :under, :behind)
                      .merge(colour: settings[:place][:colour] || Groupings::Surface::WALL)
    end

    def call
      { place: DrinksDrawing.place(@reckoning.settings), days: @reckoning.days,
        bow: @reckoning.bows? ? bow_colour : nil, jars: jars }.compact
    end

    private

    def bow_colour
      @reckoning.styles[@reckoning.settings[:dress][:bow_style]]&.colour || Groupings::Form.of("bow").colour
    end

    def jars
      @reckoning.jars.map do |jar|
        { number: jar.number, name: jar.name, left_m: jar.left_m, across_m: jar.said[:across_m],
          high_m: jar.said[:high_m], full: jar.on_show / jar.said[:holds].to_f,
          colour: jar.style&.colour || DrinksReckoning::GLASS, lasts: jar.lasts, refills: jar.refills,
          short: jar.short, allergens: jar.said[:allergens] }
      end
    end
  end
end
