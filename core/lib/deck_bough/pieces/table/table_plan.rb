# frozen_string_literal: true

module DeckBough
  # A table planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = TablePlan.new(settings: { "table" => { "length_m" => 2.2, "width_m" => 1.1 } }, surroundings: place,
  #                        styles: []).call
  #   plan[:figures][:places][:value] # => 8
  #
  # Everything is JSON-ready. Lengths metres, money cents, time minutes. Deterministic.
  # @raise [InputError] on settings that cannot be, UnplannableError on settings that come to nothing a rule can reckon
  class TablePlan
    include ReckonedPlan

    STEPS = %w[table runner setting centre step_back].freeze
    # What shows how it is held, in stepping back.
    LOOKED_FOR = "cords"
    # Whatever stands there has some depth.
    LEAST_M = 0.1

    def chosen?
      TableDrawing.table(@settings).values_at(:length_m, :width_m).all?
    end

    # Of what lies on a table a look's colours are not told: how much of each shows nobody knows.
    def dressed_surface
      Looks::Surface.new(area_m2: 0.0, ground: @reckoning.runner_colour, seen: 1.0)
    end

    # As it is carried along.
    #
    # @return [Array<PaperTable>]
    def paper
      drawn = reckoned[:drawing]
      layers = drawn[:layers].map { |one| one.merge(layer: Messages.sentence("layers", one[:layer], {})) }
      things = drawn[:things].map { |one| one.merge(meal: one[:leaves] ? "leaves" : "stays") }
      [PaperTable.of("At each place, from below", layers, layer: "what", across_m: "across"),
       PaperTable.of("Along the middle", things, name: "what", left_m: "from the left", out_m: "from the near edge",
                                                 foot_m: "foot", height_m: "high", meal: "for a meal")]
    end

    # How wide it is, metres; nil before it is measured.
    def extent
      TableDrawing.table(@settings)[:length_m]
    end

    # How it would ask less of the eye: without lights along its runner.
    #
    # @return [Array<Hash>] way, settings (unchecked)
    def quieter
      return [] unless chosen? && @reckoning.lit?

      [{ way: "unlit", settings: @settings.to_h.merge(runner: { **@settings[:runner], lit: false }) }]
    end

    private

    def parts
      { kind: "table", settings: TableSettings, reckoning: TableReckoning, figures: TableFigures,
        ledger: TableLedger, cautions: TableCautions, drawing: TableDrawing, portrait: TablePortrait }
    end

    def looking
      { outline: [looks(:looks_table, count: @reckoning.leaving.size)], mechanics: [looked_for(LOOKED_FOR)] }
    end

    def mending
      { mechanics: looking_for(LOOKED_FOR) }
    end

    def stands
      deep = [*@reckoning.things.map(&:deep_m), @reckoning.runner? ? @reckoning.runner_width_m : 0, LEAST_M].max
      { middle_m: extent / 2.0, area_m2: outlined_m2, depth_m: deep, round: false, lit: @reckoning.lit? }
    end

    def outlined_m2
      @reckoning.things.sum { |thing| thing.across_m * thing.height_m }.to_f
    end

    # Of all that stands there, each by as much of it as is seen.
    def lightness
      things = @reckoning.things
      things.sum { |thing| Lightness.of(thing.colour) * thing.across_m * thing.height_m } / outlined_m2
    end

    # Before it is measured.
    def bare
      { table: TableDrawing.table(@settings) }
    end

    # What stands for what nobody said.
    def assumed
      known = { colour: TableDrawing.table(@settings)[:colour], runner_colour: @reckoning.runner_colour,
                layers: Tables::Layer::ALL.values.map(&:to_h), forms: Groupings::Form.told }
      return known unless chosen?

      { **known, guests: @reckoning.guests, ends: @reckoning.board.laid_ends(@reckoning.guests),
                 runner_width_m: @reckoning.runner_width_m, out_m: @reckoning.width_m / 2.0 }
    end
  end
end
