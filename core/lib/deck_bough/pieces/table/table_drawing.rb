# frozen_string_literal: true

module DeckBough
  # The geometry of a table as numbers in metres, along from its left end, across from its near edge, above its top. The
  # drawing room only projects and paints.
  class TableDrawing
    TOP = "#8b6b49"

    def initialize(reckoning)
      @reckoning = reckoning
    end

    # What is known of the table; also before it was measured.
    def self.table(settings)
      said = settings[:table]
      long, wide = said[:shape] == "round" ? [said[:diameter_m]] * 2 : said.values_at(:length_m, :width_m)
      { shape: said[:shape], length_m: long, width_m: wide, height_m: said[:height_m], colour: said[:colour] || TOP }
    end

    def call
      { table: TableDrawing.table(@reckoning.settings), seats: @reckoning.seats.map(&:to_h), runner: runner,
        layers: layers, bow: bow, things: things, place_m: place, eye_m: @reckoning.house["table.eye"],
        show: hidden(@reckoning.things), meal: hidden(@reckoning.staying) }.compact
    end

    private

    def runner
      return unless @reckoning.runner?

      from, to = @reckoning.runner_ends
      { kind: @reckoning.settings[:runner][:kind], from_m: from, to_m: to, width_m: @reckoning.runner_width_m,
        colour: @reckoning.runner_colour, lit: @reckoning.lit? }
    end

    def layers
      @reckoning.layers.map { |one| one.to_h.slice(:layer, :across_m, :colour, :patterned) }
    end

    def bow
      return if @reckoning.bows.zero?

      @reckoning.styles[@reckoning.settings[:setting][:bow_style]]&.colour || Groupings::Form.of("bow").colour
    end

    # From what lies under the others to what stands in front, as they are painted.
    def things
      order = @reckoning.things.sort_by do |thing|
        [Groupings::Form::SLOTS.index(thing.slot), -thing.out_m, thing.number]
      end
      order.map do |thing|
        { number: thing.number, form: thing.form.name, slot: thing.slot, name: @reckoning.named(thing),
          left_m: thing.left_m, out_m: thing.out_m, across_m: thing.across_m, deep_m: thing.deep_m,
          height_m: thing.height_m, foot_m: thing.foot_m, base_m: thing.base_m, round: thing.form.round,
          colour: thing.colour, flame: thing.flame, leaves: @reckoning.leaves?(thing) }
      end
    end

    # What a place takes: as wide as they sit apart at most, as deep as it is to be.
    def place
      { wide_m: [@reckoning.house["table.place"], @reckoning.board.apart_m(@reckoning.guests)].min,
        deep_m: @reckoning.depth_wanted }
    end

    # From one eye over what hides most to who sits opposite.
    def hidden(those)
      line = @reckoning.hidden(those) or return nil
      { thing: line.thing.number, over_m: line.thing.top_m, away_m: line.away_m, meets_m: line.meets_m,
        blocks: those.any? { |thing| @reckoning.blocks?(thing) } }
    end
  end
end
