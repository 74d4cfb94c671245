# frozen_string_literal: true

module DeckBough
  # What every plan can be asked for beside itself: one working, its ledger's lines, what the season desk wants.
  #
  # Part of a plan that has `chosen?`, `reckoned` and, privately, `drawn` (its Portrait), `ledger`, `figures`, the
  # `cautions` that follow from rules, `stands` (where its middle is in its portrait, area, depth, whether it is round,
  # whether it is lit) and `looking` (what its figures say when one steps back).
  module Planned
    # Everything, the workings with it.
    def call
      reckoned.merge(sheets: sheets)
    end

    # What it is measured by comes along with it, unless its kind fits it to another place.
    #
    # @return [CheckedSettings]
    def fitted
      @settings
    end

    # @return [Hash, nil] the sheet behind a figure or a line
    def working(key)
      sheets[key]
    end

    # @return [Hash, nil] as Portrait tells it
    def portrait
      chosen? ? drawn.to_h : nil
    end

    # Where things have a place of their own, as its portrait is drawn.
    #
    # @return [Array<Hash>] as Portrait#sites
    def sites
      chosen? ? drawn.sites : []
    end

    # @return [Array<Hash>] the ledger's lines, for lists over many pieces
    def lines
      chosen? ? ledger.lines.map(&:to_h) : []
    end

    # What there is to do on it, in the order it is done.
    #
    # @return [Array<Task>]
    def tasks
      chosen? ? figures.work.tasks : []
    end

    # What is seen of it against the colours of a look.
    #
    # @param palette [Looks::Palette, nil]
    # @return [Looks::Seen, nil] nil without a look, and where there is nothing yet to be dressed
    def seen(palette)
      surface = palette && chosen? ? dressed_surface : nil
      return if surface.nil? || surface.area_m2 < Rules::Palette::Actual::LEAST_M2

      Looks::Seen.new(ledger.lines, surface, palette, @reckoning.house, units: @reckoning.units)
    end

    # What is seen of it whatever the look, to be put together with the other pieces of its room.
    #
    # @return [Hash, nil] areas (by "#rrggbb"), surface_m2, ground; as Looks::Together takes it
    def seen_areas
      told = seen(Looks::NONE) or return
      { areas: told.areas.to_h, surface_m2: dressed_surface.area_m2, ground: dressed_surface.ground }
    end

    # What parts of a portrait stand out of the wall.
    OUTLINED = %w[foliage topper].freeze

    # @return [Outline, nil] nil where there is nothing yet to be seen
    def outline
      return unless chosen?

      shapes = portrait[:shapes].select { |shape| OUTLINED.include?(shape[:part]) }
      return if shapes.empty?

      stands => { middle_m:, **rest }
      polygons = shapes.map { |shape| shape[:points].map { |x, y| [(x - middle_m).round(3), y] } }
      Outline.new(polygons: polygons, middle_m: middle_m, lightness: lightness, **rest)
    end

    # What its figures say to the questions of stepping back (Rooms::Round::OF_PIECES).
    #
    # @return [Hash{Symbol => Array<Finding>}] outline, bare_spots, evenness, mechanics
    def looked
      chosen? ? looking : {}
    end

    # What a press would do about what was found there.
    #
    # @return [Hash{Symbol => Array<Hash>}] by question: label, settings (unchecked)
    def mends
      chosen? ? mending : {}
    end

    # @param shelf [Array<Style>] what is free for this piece, what it takes of it among that
    # @return [Array<Hash>] as Looks::Closing tells them, each with settings (nil where no press does it)
    def colour_ways(palette, shelf)
      told = seen(palette) or return []
      ways = Looks::Closing.new(told, dressed_surface, palette, left_of(shelf), @reckoning.house, tuck_m: tuck_m).ways
      ways.map { |way| { **way, settings: settled(dressed_with(way[:style], way[:pieces])) } }
    end

    # The ribbon of one tuck where nothing says how long it is.
    TUCK_M = 0.5

    def tuck_m
      TUCK_M
    end

    # What the season desk wants to know, without drawing or placing anything.
    #
    # @return [Hash] as PlanSummary tells it
    def summary
      return PlanSummary::NONE unless chosen?

      PlanSummary.of(ledger: ledger, cautions: cautions, minutes: figures.work.minutes)
    end

    private

    def sheets
      chosen? ? { **figures.sheets, **ledger.sheets } : {}
    end

    def unlit
      @settings.to_h.merge(lights: { **@settings[:lights], school: "none" })
    end

    # What a kind can do about nothing by itself is done on its bench.
    def mending
      {}
    end

    # Whether somebody has looked for what shows how it is held.
    LOOKED = { "wires" => { still: :looks_wires, done: :looks_wires_done },
               "cords" => { still: :looks_cords, done: :looks_cords_done },
               "hooks" => { still: :looks_hooks, done: :looks_hooks_done } }.freeze
    private_constant :LOOKED

    def looked_for(what)
      looks(LOOKED.fetch(what).fetch(@settings[:step_back][:looked].include?(what) ? :done : :still))
    end

    # That they were looked for is said by a press.
    def looking_for(what)
      step_back = @settings[:step_back]
      return [] if step_back[:looked].include?(what)

      [{ label: "They were looked for",
         settings: @settings.to_h.merge(step_back: { **step_back, looked: [*step_back[:looked], what] }) }]
    end

    def counted(number, one, many = "#{one}s")
      "#{number} #{number == 1 ? one : many}"
    end

    def looks(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    # Stretches of greens that fall short of the outline wanted.
    def thin(short)
      return [looks(:looks_full)] if short.empty?

      worst = short.map { |part| part[:by_m] }.max
      [looks(:looks_thin, stretches: counted(short.size, "stretch", "stretches"), by_m: worst)]
    end

    # Of what hangs and of the greens between, each by as much of it as is seen.
    def lightness
      told = seen(Looks::NONE)
      told ? told.lightness : Lightness.of(dressed_surface.ground)
    end

    # What the settings cannot hold any more no press does.
    def settled(settings)
      settings && Kinds.of(kind).check(settings)
    rescue InputError
      nil
    end

    # What the piece takes already closes nothing more.
    def left_of(shelf)
      taken = ledger.lines.select(&:style).group_by { |line| line.style.id }
                    .transform_values { |lines| lines.sum { |line| line.need + line.spares } }
      shelf.map { |style| style.with(on_hand: [style.for_piece - taken.fetch(style.id, 0), 0].max, cut: 0) }
    end
  end
end
