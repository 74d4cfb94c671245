# frozen_string_literal: true

require "json"

module DeckBough
  # A greenery run planned: settings and surroundings in; figures, ledger, cautions, drawing, anchors and workings out.
  #
  #   plan = RunPlan.new(settings: { "survey" => { "length_m" => 1.52 } }, surroundings: place, styles: []).call
  #   plan[:figures][:run][:value] # => 1.52
  #
  # Everything is JSON-ready. Lengths metres, masses kilograms, money cents, time minutes. Deterministic.
  # @raise [InputError] on settings that cannot be
  class RunPlan
    # How many greens of the stock an automatic start looks at.
    MOST_STYLES = 30
    # Stems further apart than this are told one by one; gaps that differ by less are even.
    NEAR = 0.4
    EVEN = 0.01

    # @param lights ["before", "after"] the studio's school of when lights go on, where the settings do not say
    # @param elsewhere [Array<String>] ids of the styles in the room's other pieces
    # @param stock [Array<Style>] garlands and stems there are, for closing thin stretches and for the automatic start
    def initialize(settings:, surroundings:, styles:, house: HouseRules.default, units: "metric", elsewhere: [], stock: [], lights: "after")
      @settings = RunSettings.check(settings)
      @house = house
      @units = units
      @surroundings = surroundings
      @stock = stock
      @lights = lights
      @reckoning = RunReckoning.new(settings: @settings, surroundings: surroundings, styles: [*stock, *styles].to_h { |style| [style.id, style] },
                                    house: house, units: units, elsewhere: elsewhere)
    end

    def chosen?
      RunSettings.measured?(@settings)
    end

    def call
      return unmeasured unless chosen?

      ledger = RunLedger.new(@reckoning)
      { chosen: true, kind: "run", settings: @settings, steps: steps, figures: figures.call, sheets: { **figures.sheets, **ledger.sheets },
        ledger: ledger.lines.map(&:to_h), totals: ledger.totals, cautions: RunCautions.new(@reckoning).call, anchors: @reckoning.anchors,
        fixings: fixings, layers: layers, closing: closing, offcuts: offcuts, drawing: RunDrawing.new(@reckoning).call }
    end

    # What the season desk wants to know, without drawing anything.
    #
    # @return [Hash] as PlanSummary tells it
    def summary
      return PlanSummary::NONE unless chosen?

      PlanSummary.of(ledger: RunLedger.new(@reckoning), cautions: RunCautions.new(@reckoning).call, minutes: figures.minutes[:total])
    end

    # A good layering for the outline wanted, from what is on hand, within the weight the anchors may carry.
    #
    # @return [Hash, nil] bodies and stems as settings take them, fullness reached, kg, most_kg; nil before it is measured
    def build
      return nil unless chosen?

      built = Greenery::Building.new(run_m: @reckoning.path.length, wanted: @reckoning.outline, garlands: garlands, stems: stem_kinds, most_kg: most_kg).call
      settings = { **@settings, body: { bodies: built[:bodies].map { |body| whole_run(body) } },
                                rise_and_trail: { **@settings[:rise_and_trail], stems: gathered(built[:stems]) } }
      made = RunPlan.new(settings: JSON.parse(JSON.generate(settings)), surroundings: @surroundings, styles: @reckoning.styles.values, house: @house,
                         units: @units)
      { **made.laid_and_set, most_kg: most_kg.finite? ? most_kg : nil, **made.reached }
    end

    # @return [Hash] bodies and stems, complete
    def laid_and_set
      { bodies: @settings[:body][:bodies], stems: @settings[:rise_and_trail][:stems] }
    end

    # @return [Hash] fullness and kg
    def reached
      { fullness: @reckoning.profile[:fullness], kg: @reckoning.kg }
    end

    private

    def steps
      RunLayers.steps(@settings, lights: @lights)
    end

    def layers
      RunLayers.new(@reckoning, lights: @lights).call
    end

    def unmeasured
      { chosen: false, kind: "run", settings: @settings, steps: steps, figures: {}, sheets: {}, ledger: [],
        totals: { buy_cents: 0, stock_cents: 0, unpriced: 0 }, cautions: [], anchors: [], fixings: fixings, layers: [], closing: [], offcuts: [],
        drawing: { kind: @settings[:survey][:kind], room: RunDrawing.room(@surroundings) } }
    end

    def figures
      @figures ||= RunFigures.new(@reckoning)
    end

    # Every kind of fixing with what may be said of it here.
    def fixings
      survey = @settings[:survey]
      Greenery::Fixings::ALL.select { |fixing| fixing.name == "none" || Greenery::Fixings.fits?(fixing.name, survey[:kind]) }.map do |fixing|
        here = Greenery::Fixings.verdict(fixing.name, survey[:surface])
        here = "never" if fixing.nails && @surroundings.no_nails
        { name: fixing.name, title: fixing.title, here: here, rated_kg: fixing.name == "none" ? nil : @house["garland.#{fixing.name}"] }
      end
    end

    def garlands
      of_kind("garland").select(&:loft_m).map { |style| @reckoning.garland_offer(style) }
    end

    def stem_kinds
      of_kind("stem").map { |style| @reckoning.stem_of(style) }.select { |stem| stem.rise_m.positive? || stem.trail_m.positive? }
    end

    def of_kind(kind)
      @stock.select { |style| style.kind == kind }.sort_by { |style| style.id.to_s }.first(MOST_STYLES)
    end

    # What the anchors of the plain spacing may carry together; a laid garland carries itself.
    def most_kg
      return Float::INFINITY unless @reckoning.held?

      places = Greenery::Anchoring.places(@reckoning.path, spacing: @house["garland.anchor_spacing"])
      [(places.size * @reckoning.may_kg) - @reckoning.extras_kg, 0].max
    end

    def whole_run(body)
      body[:from_m].zero? && (body[:to_m] - @reckoning.path.length).abs < 1e-6 ? body.slice(:style, :passes) : body
    end

    # Neighbouring stems of one kind that stand evenly become one entry, so that a person can turn it as one.
    def gathered(stems)
      rows = stems.group_by { |stem| stem[:style] }.flat_map do |style, those|
        even_rows(those.map { |stem| stem[:at_m] }.sort).map { |row| { style: style, count: row.size, **reach_of(row) } }
      end
      rows.sort_by { |entry| entry[:from_m] }
    end

    def even_rows(places)
      places.each_with_object([]) do |at, rows|
        row = rows.last
        row && fits?(row, at) ? row << at : rows << [at]
      end
    end

    # A row has one gap throughout and, with half of it, begins on the run.
    def fits?(row, at)
      gap = at - row.last
      gap <= NEAR && row.first >= gap / 2 && (row.size == 1 || (gap - (row[1] - row[0])).abs < EVEN)
    end

    # Stems are spread over a stretch with half a gap at each end.
    def reach_of(row)
      half = row.size > 1 ? (row[1] - row[0]) / 2 : 0.0
      { from_m: (row.first - half).round(4), to_m: (row.last + half).round(4) }
    end

    def closing
      offered = garlands
      set = @reckoning.stems.group_by { |stems| stems.style.id }.transform_values { |those| those.sum { |stems| stems.places.size } }
      left = stem_kinds.map { |stem| stem.dup.tap { |free| free.on_hand -= set.fetch(stem.style, 0) } }
      closer = Greenery::Closing.new(run_m: @reckoning.path.length, items: @reckoning.items, wanted: @reckoning.outline, unfluffed: @house["garland.unfluffed"],
                                     garlands: offered, supplies: @reckoning.supplies_left(offered), stems: left, bodies: laid)
      worst = @reckoning.profile[:short].max_by(2) { |part| part[:by_m] }.sort_by { |part| part[:from_m] }
      worst.map { |part| { **part, ways: closer.ways(part).map { |way| told(way) } } }
    end

    def laid
      @reckoning.bodies.map { |body| { style: body.style.id, from_m: body.from_m, to_m: body.to_m, item: body.item } }
    end

    def told(way)
      style = @reckoning.styles[way.style]
      { **way.to_h, name: style&.name, have: style&.on_hand }
    end

    # What is cut off at stem joints, with what it belongs to.
    def offcuts
      @reckoning.offcuts.flat_map do |id, lengths|
        lengths.map { |length| { style: id, name: @reckoning.garland(id).name, length_m: length } }
      end
    end
  end
end
