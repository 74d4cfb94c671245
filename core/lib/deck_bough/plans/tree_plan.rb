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
    def initialize(settings:, surroundings:, styles:, house: HouseRules.default, units: "metric")
      @settings = TreeSettings.check(settings)
      @reckoning = TreeReckoning.new(settings: @settings, surroundings: surroundings, styles: styles.to_h { |style| [style.id, style] },
                                     house: house, units: units)
    end

    def call
      if @reckoning.chosen?
        chosen
      else
        { chosen: false, settings: @settings, best_size: best_size, figures: {}, sheets: best_sheet, ledger: [],
          totals: { buy_cents: 0, stock_cents: 0, unpriced: 0 }, cautions: best_cautions,
          drawing: { room: TreeDrawing.room(@reckoning) } }
      end
    end

    # What the season desk wants to know, without drawing anything.
    #
    # @return [Hash] chosen, short_lines, buy_cents, unpriced, stops, cautions, minutes, worst (message or nil)
    def summary
      return { chosen: false, short_lines: 0, buy_cents: 0, unpriced: 0, stops: 0, cautions: 0, minutes: 0, worst: nil } unless @reckoning.chosen?

      ledger = TreeLedger.new(@reckoning, shares)
      told = TreeCautions.new(@reckoning, shares, sites).call
      serious = told.reject { |caution| caution[:severity] == "info" }
      { chosen: true, short_lines: ledger.lines.count { |line| line.short.positive? }, **ledger.totals.slice(:buy_cents, :unpriced),
        stops: told.count { |caution| caution[:severity] == "stop" }, cautions: told.count { |caution| caution[:severity] == "caution" },
        minutes: figures.call[:minutes][:value], worst: serious.first&.fetch(:message) }
    end

    private

    def chosen
      ledger = TreeLedger.new(@reckoning, shares)
      { chosen: true, settings: @settings, best_size: best_size, figures: figures.call,
        sheets: { **best_sheet, **figures.sheets, **ledger.sheets }, ledger: ledger.lines.map(&:to_h),
        totals: ledger.totals, cautions: TreeCautions.new(@reckoning, shares, sites).call,
        drawing: TreeDrawing.new(@reckoning, sites).call }
    end

    def figures
      @figures ||= TreeFigures.new(@reckoning)
    end

    def shares
      @shares ||= OrnamentShares.new(total: @reckoning.ornament_total, mix: @reckoning.mix, styles: @reckoning.ornament_styles,
                                     house: @reckoning.house, even: @settings[:ornaments][:count_by] == "foot")
    end

    def sites
      reach = @reckoning.surroundings.reach_m(@reckoning.house)
      @sites ||= OrnamentSites.new(surface: @reckoning.surface, counts: shares.counts, styles: @reckoning.ornament_styles,
                                   shares: shares, reach_m: reach && (reach - @reckoning.measure[:riser_m]), house: @reckoning.house).call
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
