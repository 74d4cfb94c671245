# frozen_string_literal: true

module DeckBough
  # A tree planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = TreePlan.new(settings: { "measure" => { "height_m" => 2.4 } }, surroundings: place, styles: []).call
  #   plan[:figures][:area][:value].round(1) # => 5.3
  #
  # It answers in parts, so that a turned dial shows its figures at once: `reckoned` has all that follows from rules,
  # `places` what only the places of the ornaments tell, `working` one sheet, `call` everything. Everything is
  # JSON-ready. Lengths metres, money cents, time minutes. Deterministic: same settings, same plan.
  # @raise [InputError] on settings that cannot be, UnplannableError on settings that come to nothing a rule can reckon
  class TreePlan
    include Planned

    # @param picks ["before", "after"] the studio's school, where the settings do not say
    # @param region [Region] sizes trees are sold in, and the mains
    # @param kept [#fetch, nil] keeps answers that take long
    def initialize(settings:, surroundings:, styles:, house: HouseRules.default, units: "metric", picks: "after",
                   region: Region.default, kept: nil)
      @settings = TreeSettings.check(settings)
      @picks = picks
      @reckoning = TreeReckoning.new(settings: @settings, surroundings: surroundings,
                                     styles: styles.to_h { |style| [style.id, style] },
                                     house: house, units: units, region: region, kept: kept)
    end

    def chosen?
      @reckoning.chosen?
    end

    def call
      return reckoned.merge(sheets: best_sheet) unless chosen?

      placed = places
      told = reckoned
      { **told, sheets: sheets, hanging: placed[:hanging], cautions: placed[:cautions],
                figures: told[:figures].merge(placed[:figures]),
                drawing: told[:drawing].merge(placed[:drawing]) }
    end

    # All but places and workings.
    def reckoned
      return nothing_chosen unless chosen?

      envelope(chosen: true, figures: figures.call, ledger: ledger,
               cautions: cautions, tasks: figures.work.tasks, make_do: make_do,
               drawing: drawing.call)
    end

    # @return [Hash, nil] hanging, figures, cautions and the parts of the drawing that follow from where ornaments hang
    def places
      return nil unless chosen?

      { hanging: hanging, figures: figures.placed, cautions: TreeCautions.new(@reckoning).call,
        drawing: drawing.placed }
    end

    # @param hung [Array<Hash>] style, number, height_m, angle_deg of what is up
    # @return [Hash, nil] the hanging map to work from; nil without a tree
    def hanging_sheet(hung: [])
      chosen? ? HangingSheet.new(@reckoning, hung: hung).call : nil
    end

    # @param up [Array<Hash>, nil] what is up; the plan itself when nil
    # @return [Hash, nil] findings, heat, counted
    def step_back(up: nil)
      chosen? ? StepBack.new(@reckoning, up: up || @reckoning.hanging.sites).call : nil
    end

    # @return [Array<Task>] by the schools of the house, or its own
    def tasks
      super.sort_by.with_index { |task, i| [steps.index(task.step), i] }
    end

    # @return [Array<Hash>] what to cut of each ribbon
    def cut_sheets(part_rolls: {})
      chosen? ? CutSheets.new(@reckoning, part_rolls: part_rolls).call : []
    end

    # Its visible surface; what is on the sides turns away.
    #
    # @return [Looks::Surface]
    def dressed_surface
      Looks::Surface.new(area_m2: @reckoning.area[:area_m2], ground: Looks::GREEN,
                         seen: @reckoning.house["palette.seen_round"])
    end

    # Ribbon that goes on instead of some that ran out.
    #
    # @return [Array<Hash>] style, instead_of (ids), name (of what ran out), need (metres as cut)
    def stood_in
      return [] unless chosen? && @reckoning.ribbon

      @reckoning.ribbon_shares.stood_in.map do |one|
        { step: "ribbon", style: one[:style].id, instead_of: one[:instead_of].id, name: one[:instead_of].name,
          need: one[:length_m] }
      end
    end

    # @return [Hash, nil] settings, unchecked, with some more of a style
    def dressed_with(style, pieces)
      TreeClosing.new(@reckoning).with(style, pieces)
    end

    def tuck_m
      @reckoning.cut_length(@reckoning.tuck_piece[:piece_m])
    end

    # How much of it is dressed, square metres; nil without a height.
    def extent
      chosen? ? @reckoning.area[:area_m2] : nil
    end

    # The same tree as tall as fits here: as it is, or the best size of the place.
    #
    # @return [Hash] settings, unchecked
    def fitted
      best = @reckoning.best_size
      measure = @settings[:measure]
      return @settings unless chosen? && best[:height_m] && measure[:height_m] > best[:tallest_m]

      @settings.merge(measure: measure.merge(height_m: best[:height_m], spread_m: nil, hem_m: nil))
    end

    # How it would ask less of the eye: the next size down that is sold.
    #
    # @return [Array<Hash>] way, settings (unchecked)
    def quieter
      return [] unless chosen?

      measure = @settings[:measure]
      sizes = @reckoning.best_size[:sizes].map { |size| size[:height_m] }
      smaller = sizes.select { |size| size < measure[:height_m] - SAME_SIZE_M }.max or return []

      spread = measure[:spread_m] && (measure[:spread_m] * smaller / measure[:height_m]).round(3)
      resized = { **measure, height_m: smaller, spread_m: spread, hem_m: nil }
      [{ way: "smaller", settings: @settings.to_h.merge(measure: resized) }]
    end

    # Sizes nearer than this are one.
    SAME_SIZE_M = 0.05
    private_constant :SAME_SIZE_M

    # The best size of its place.
    def best_size
      best = @reckoning.best_size
      { **best.slice(:height_m, :limit, :tallest_m, :sizes), findings: best[:findings].map(&:to_h) }
    end

    private

    def drawn
      TreePortrait.of(@reckoning)
    end

    def kind
      "tree"
    end

    def looking
      ceiling = @reckoning.surroundings.ceiling.height_at(@reckoning.surroundings.from_left_m)
      tall = @settings[:measure][:height_m] + @settings[:measure][:riser_m]
      { outline: [looks(:looks_tall, height_m: tall, percent: (tall / ceiling * 100).round)],
        bare_spots: bare_spots, evenness: evenness, mechanics: [foot] }
    end

    def bare_spots
      holes = step_back[:findings].select { |finding| finding[:code] == "hole" }
      return [looks(:looks_no_holes)] if holes.empty?

      widest = holes.flat_map { |hole| hole[:spots] }.map { |spot| spot[:radius_m] }.max
      [looks(:looks_holes, spots: counted(holes.size, "spot"), wide_m: 2 * widest)]
    end

    def evenness
      whole = @reckoning.hanging.evenness[:whole]
      whole ? [looks(:looks_evenness, value: format("%.2f", whole))] : []
    end

    def mending
      { bare_spots: fills, mechanics: covers }
    end

    # How the widest bare spots are filled.
    def fills
      step_back = @settings[:step_back]
      holes = self.step_back[:findings].select { |finding| finding[:code] == "hole" }.first(MOST_HOLES)
      holes.flat_map { |hole| hole[:mends].first(MOST_FILLS) }.map do |offered|
        mended = { **step_back, mends: [*step_back[:mends], *offered[:mends]] }
        { label: offered[:label], settings: @settings.to_h.merge(step_back: mended) }
      end
    end

    # So many bare spots are mended from across the room, each in so many ways.
    MOST_HOLES = 2
    MOST_FILLS = 2
    private_constant :MOST_HOLES, :MOST_FILLS

    def covers
      return [] unless @settings[:foot][:kind] == "none"

      [{ label: "Put a skirt round its foot",
         settings: @settings.to_h.merge(foot: { **@settings[:foot], kind: "skirt" }) }]
    end

    def foot
      kind = @settings[:foot][:kind]
      kind == "none" ? looks(:looks_foot_bare) : looks(:looks_foot, kind: kind)
    end

    def stands
      surface = @reckoning.surface
      { middle_m: 0.0, area_m2: surface.outline_m2, depth_m: surface.spread, round: true,
        lit: @reckoning.lights[:need].positive? }
    end

    def envelope(**told)
      PlanEnvelope.of(kind: kind, settings: @settings, steps: steps, sheets: nil, best_size: best_size, **told)
    end

    def nothing_chosen
      envelope(chosen: false, drawing: { room: TreeDrawing.room(@reckoning) },
               cautions: @reckoning.best_size[:findings].map { |finding| { step: "measure", **finding.to_h } })
    end

    # The piece's own schools decide, else the studio's.
    def steps
      OrderOfWork.steps(topper: @settings[:crown][:topper], picks: @settings[:picks][:goes] || @picks)
    end

    def sheets
      chosen? ? { **best_sheet, **figures.sheets, **ledger.sheets } : best_sheet
    end

    def hanging
      plan = @reckoning.hanging
      { evenness: plan.evenness, unplaced: plan.unplaced, findings: plan.findings.map(&:to_h) }
    end

    def make_do
      plan = @reckoning.hanging
      planned = @reckoning.shares.counts
      { crossed_out: plan.crossed_out, to_fill: plan.to_fill,
        styles: plan.crossed.map do |style, count|
          { style: style, planned: planned.fetch(style), crossed_out: count,
            stood_in: plan.stand_ins.of.fetch(style, {}).values.sum }
        end }
    end

    def cautions
      @cautions ||= TreeCautions.new(@reckoning, placed: false).call
    end

    def ledger
      @ledger ||= TreeLedger.new(@reckoning)
    end

    def figures
      @figures ||= TreeFigures.new(@reckoning)
    end

    def drawing
      @drawing ||= TreeDrawing.new(@reckoning)
    end

    def best_sheet
      { "best_size" => WorkingSheet.of("Best size for this place", [@reckoning.best_size[:answer]], @reckoning.house) }
    end
  end
end
