# frozen_string_literal: true

module DeckBough
  # The geometry of hanging things as numbers in metres, from the left end and the floor. The drawing room only projects
  # and paints.
  class DropsDrawing
    def initialize(reckoning)
      @reckoning = reckoning
    end

    # What is known of the place; also before it was measured.
    def self.place(settings, hooks_m, below_m)
      settings[:place].slice(:over, :length_m, :depth_m).merge(hooks_m: hooks_m, below_m: below_m,
                                                               colour: settings[:place][:colour] || Groupings::Surface::WALL)
    end

    def call
      { place: DropsDrawing.place(@reckoning.settings, @reckoning.hooks_m, @reckoning.below_m),
        headroom_m: @reckoning.walked_under? ? @reckoning.house["hang.headroom"] : nil, under_m: @reckoning.under_m,
        apart_m: @reckoning.apart_m, lines: lines }.compact
    end

    private

    def lines
      @reckoning.lines.map do |one|
        { number: one.number, at_m: one.at_m, out_m: one.out_m, drop_m: one.drop_m, across_m: one.across_m,
          balls: one.balls, spacing_m: one.said ? one.said[:spacing_m] : 0, strand: one.said&.fetch(:what) == "strand",
          name: one.style&.name, colour: one.style&.colour, form: form(one.style), kg: one.kg }
      end
    end

    # As it is drawn: what it is where that is known, a star by its name, else a ball.
    def form(style)
      return "ball" unless style
      return style.shape if Groupings::Form::ALL.key?(style.shape)

      style.name.match?(/\bstars?\b/i) ? "star" : "ball"
    end
  end
end
