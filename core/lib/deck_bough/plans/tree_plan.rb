# frozen_string_literal: true

module DeckBough
  # A tree planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = TreePlan.new(settings: { "measure" => { "height_m" => 2.4 } }, surroundings: place, styles: []).call
  #   plan[:figures][:area][:value].round(1) # => 5.3
  #
  # Everything is JSON-ready. Lengths metres, money cents, time minutes. Deterministic: same settings, same plan.
  # @raise [InputError] on settings that cannot be
  class TreePlan
    # @param picks ["before", "after"] the studio's school, where the settings do not say
    # @param kept [#fetch, nil] keeps answers that take long
    def initialize(settings:, surroundings:, styles:, house: HouseRules.default, units: "metric", picks: "after", kept: nil)
      @settings = TreeSettings.check(settings)
      @picks = picks
      @reckoning = TreeReckoning.new(settings: @settings, surroundings: surroundings, styles: styles.to_h { |style| [style.id, style] },
                                     house: house, units: units, kept: kept)
    end

    def call
      if @reckoning.chosen?
        chosen
      else
        { chosen: false, settings: @settings, steps: steps, best_size: best_size, figures: {}, sheets: best_sheet, ledger: [],
          totals: { buy_cents: 0, stock_cents: 0, unpriced: 0 }, cautions: best_cautions,
          hanging: nil, drawing: { room: TreeDrawing.room(@reckoning) } }
      end
    end

    # What the season desk wants to know, without drawing anything.
    #
    # @return [Hash] as PlanSummary tells it
    def summary
      return PlanSummary::NONE unless @reckoning.chosen?

      PlanSummary.of(ledger: TreeLedger.new(@reckoning), cautions: TreeCautions.new(@reckoning).call, minutes: figures.call[:minutes][:value])
    end

    # @param hung [Array<Hash>] style, number, height_m, angle_deg of what is up
    # @return [Hash, nil] the hanging map to work from; nil without a tree
    def hanging_sheet(hung: [])
      @reckoning.chosen? ? HangingSheet.new(@reckoning, hung: hung).call : nil
    end

    # @param up [Array<Hash>, nil] what is up; the plan itself when nil
    # @return [Hash, nil] findings, heat, counted
    def step_back(up: nil)
      @reckoning.chosen? ? StepBack.new(@reckoning, up: up || @reckoning.hanging.sites).call : nil
    end

    # @return [Array<Hash>] what to cut of each ribbon
    def cut_sheets(part_rolls: {})
      @reckoning.chosen? ? CutSheets.new(@reckoning, part_rolls: part_rolls).call : []
    end

    private

    # The piece's own schools decide, else the studio's.
    def steps
      OrderOfWork.steps(topper: @settings[:crown][:topper], picks: @settings[:picks][:goes] || @picks)
    end

    def chosen
      ledger = TreeLedger.new(@reckoning)
      { chosen: true, settings: @settings, steps: steps, best_size: best_size, figures: figures.call,
        sheets: { **best_sheet, **figures.sheets, **ledger.sheets }, ledger: ledger.lines.map(&:to_h), totals: ledger.totals,
        cautions: TreeCautions.new(@reckoning).call, hanging: hanging, drawing: TreeDrawing.new(@reckoning).call }
    end

    def hanging
      plan = @reckoning.hanging
      { evenness: plan.evenness, unplaced: plan.unplaced, crossed_out: plan.crossed_out, to_fill: plan.spots_to_fill.size, findings: plan.findings.map(&:to_h) }
    end

    def figures
      @figures ||= TreeFigures.new(@reckoning)
    end

    def best_size
      best = @reckoning.best_size
      { height_m: best[:height_m], limit: best[:limit], findings: best[:findings].map(&:to_h), sizes: best[:sizes] }
    end

    def best_sheet
      { "best_size" => WorkingSheet.of("Best size for this place", [@reckoning.best_size[:answer]], @reckoning.house) }
    end

    def best_cautions
      @reckoning.best_size[:findings].map { |finding| { step: "measure", **finding.to_h } }
    end
  end
end
