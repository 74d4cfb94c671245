# frozen_string_literal: true

module DeckBough
  # The geometry of stockings in a row as numbers in metres, from the left end and the floor. The drawing room only
  # projects and paints.
  class StockingsDrawing
    def initialize(reckoning)
      @reckoning = reckoning
    end

    # What is known of the place; also before it was measured.
    def self.place(settings, rise_m)
      settings[:place].slice(:from, :length_m, :height_m)
                      .merge(rise_m: rise_m, colour: settings[:place][:colour] || Groupings::Surface::WALL)
    end

    def call
      said = @reckoning.settings[:stockings]
      { place: StockingsDrawing.place(@reckoning.settings, @reckoning.rise_m), toe_m: @reckoning.toe_m,
        gap_m: @reckoning.spacing&.[](:gap_m), width_m: said[:width_m], long_m: said[:long_m],
        trim: said[:trim], trim_colour: @reckoning.styles[said[:trim_style]]&.colour, hung: hung }.compact
    end

    private

    def hung
      @reckoning.hung.map do |one|
        { number: one.number, name: @reckoning.named(one), at_m: one.at_m, hook_m: one.hook_m, colour: one.colour,
          visitor: one.visitor }
      end
    end
  end
end
