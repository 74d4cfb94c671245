# frozen_string_literal: true

module DeckBough
  # The geometry of shelves as numbers in metres, from the left end, from the back and above the floor. The drawing room
  # only projects and paints.
  class ShelvesDrawing
    def initialize(reckoning)
      @reckoning = reckoning
    end

    # What is known of the unit; also before it was measured.
    def self.unit(settings)
      unit = Shelving::Unit.new(settings[:unit])
      there = unit.measured?
      { shape: unit.said[:shape], width_m: there ? unit.width_m : nil, height_m: there ? unit.height_m : nil,
        depth_m: there ? unit.depth_m : nil, floor_m: unit.foot_m, board_m: unit.said[:board_m],
        colour: unit.said[:colour] || ShelvesReckoning::WOOD,
        wall_colour: unit.said[:wall_colour] || Groupings::Surface::WALL }
    end

    def call
      { unit: ShelvesDrawing.unit(@reckoning.settings), bays: bays, things: things, colours: colours,
        garland: garland }.compact
    end

    private

    def bays
      @reckoning.bays.map do |one|
        { number: one.bay.number, left_m: one.bay.left_m, foot_m: one.bay.foot_m, wide_m: one.bay.wide_m,
          clear_m: one.bay.clear_m, quiet: one.quiet?, high_m: one.high_m, things: one.things.size }
      end
    end

    # What leans first, then from the back to the front, as they are painted.
    def things
      order = @reckoning.things.sort_by { |thing| [Groupings::Form::SLOTS.index(thing.slot), thing.out_m, thing.number] }
      order.map do |thing|
        { number: thing.number, bay: @reckoning.bay_of(thing).bay.number, form: thing.form.name, slot: thing.slot,
          name: @reckoning.named(thing), left_m: thing.left_m, out_m: thing.out_m, across_m: thing.across_m,
          deep_m: thing.deep_m, height_m: thing.height_m, foot_m: thing.foot_m, base_m: thing.base_m,
          round: thing.form.round, colour: thing.colour, flame: thing.flame }
      end
    end

    def colours
      @reckoning.colours.map do |one|
        { colour: one.colour, says: Looks::ColourWords.of(one.colour), points: one.points.size,
          corners: one.corners.map { |x, y| { left_m: x, up_m: y } } }
      end
    end

    def garland
      return unless @reckoning.garland?

      said = @reckoning.settings[:garland]
      style = @reckoning.styles[said[:style]]
      { sag_m: said[:sag_m], drop_m: said[:drop_m], loft_m: style&.loft_m || LOFT_M, colour: style&.colour || GREEN }
    end

    # Of a garland nobody has chosen.
    LOFT_M = 0.12
    GREEN = "#56775a"
    private_constant :LOFT_M, :GREEN
  end
end
