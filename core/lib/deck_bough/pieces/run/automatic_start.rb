# frozen_string_literal: true

require "json"

module DeckBough
  # Builds a run from what is on hand: garlands first, then stems, for the outline wanted and within what its anchors
  # bear.
  #
  #   AutomaticStart.new(reckoning, stock: styles).call
  #   # => { bodies: [{ style:, passes: }], stems: [{ style:, count:, from_m:, to_m: }], most_kg: 9.0,
  #   #      fullness: 0.97, kg: 4.2, wishes: ["Only 2 textures are there; three make it rich."] }
  #
  # What it says it reached is measured on the layers it proposes, not taken from the builder. Source: handbook 50.
  class AutomaticStart
    # Stems further apart than this are told one by one; gaps that differ by less are even.
    NEAR = 0.4
    EVEN = 0.01
    # So much of what the anchors may carry is all of it.
    FULL_LOAD = 0.95

    # @param reckoning [RunReckoning] of a measured run
    # @param stock [Array<Style>]
    def initialize(reckoning, stock:)
      @reckoning = reckoning
      @greens = StockGreens.new(reckoning, stock)
      @limits = StartLimits.new(reckoning, stock.to_h { |style| [style.id, style] })
    end

    # @return [Hash] bodies and stems as settings take them, fullness reached, kg, most_kg (nil where it carries
    #   itself), wishes that could not be kept
    def call
      built = Greenery::Building.new(run_m: @reckoning.path.length, wanted: @reckoning.outline,
                                     garlands: @limits.fitting(@greens.garlands),
                                     stems: @limits.fitting(@greens.stems), most_kg: most_kg,
                                     allowed: @limits.method(:allow?)).call
      made = reckoned_with(built)
      { bodies: made.settings[:body][:bodies], stems: made.settings[:rise_and_trail][:stems],
        most_kg: most_kg.finite? ? most_kg : nil,
        fullness: made.profile[:fullness], kg: made.kg, wishes: wishes(made) }
    end

    private

    # What was wished and could not be, each in a sentence.
    def wishes(made)
      told = @limits.told.map { |code| of(code) }
      return [*told, of(:start_nothing)].map(&:message) if made.bodies.empty? && made.stems.empty?

      textures = made.greenery_styles.filter_map(&:texture).uniq.size
      [*told, (of(:start_greens) if made.greens.size < 2), (of(:start_textures, count: textures) if textures < 3),
       *thin(made)].compact.map(&:message)
    end

    def thin(made)
      count = made.profile[:short].size
      return [] if count.zero?

      full = most_kg.finite? && made.kg > FULL_LOAD * most_kg
      [of(full ? :start_weight : :start_thin, count: count)]
    end

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    def reckoned_with(built)
      settings = { **@reckoning.settings, body: { bodies: built[:bodies].map { |body| whole_run(body) } },
                                          rise_and_trail: { **@reckoning.settings[:rise_and_trail],
                                            stems: gathered(built[:stems]) } }
      RunReckoning.new(settings: RunSettings.check(JSON.parse(JSON.generate(settings))),
                       surroundings: @reckoning.surroundings, styles: @reckoning.styles,
                       house: @reckoning.house, units: @reckoning.units)
    end

    # What the anchors of the plain spacing may carry together; a laid garland carries itself.
    def most_kg
      return Float::INFINITY unless @reckoning.held?

      places = Greenery::Anchoring.places(@reckoning.path, spacing: @reckoning.house["garland.anchor_spacing"])
      [(places.size * @reckoning.may_kg) - @reckoning.extras_kg, 0].max
    end

    def whole_run(body)
      body[:from_m].zero? && (body[:to_m] - @reckoning.path.length).abs < 1e-6 ? body.slice(:style, :passes) : body
    end

    # Neighbouring stems of one kind that stand evenly become one entry, so that a person can turn it as one.
    def gathered(stems)
      rows = stems.group_by { |stem| stem[:style] }.flat_map do |style, those|
        even_rows(those.map { |stem| stem[:at_m] }.sort).map do |row|
          { style: style, count: row.size, **reach_of(row) }
        end
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
  end
end
