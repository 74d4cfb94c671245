# frozen_string_literal: true

module DeckBough
  # Hanging things planned: settings and surroundings in; figures, ledger, cautions, drawing and workings out.
  #
  #   plan = DropsPlan.new(settings: { "place" => { "length_m" => 1.8 } }, surroundings: place, styles: []).call
  #   plan[:figures][:count][:value] # => 7
  #
  # Everything is JSON-ready. Lengths metres, masses kilograms, money cents, time minutes. Deterministic.
  # @raise [InputError] on settings that cannot be, UnplannableError on settings that come to nothing a rule can reckon
  class DropsPlan
    include ReckonedPlan

    STEPS = %w[place drops things hang step_back].freeze
    # What shows how it is held, in stepping back.
    LOOKED_FOR = "hooks"

    def chosen?
      !@settings[:place][:length_m].nil?
    end

    # What hangs of what a look is looked for in, seen flat; between it there is air.
    def dressed_surface
      Looks::Surface.new(area_m2: hung_m2(Looks::Seen::SEEN), ground: nil, seen: 1.0)
    end

    # As it is carried along.
    #
    # @return [Array<PaperTable>]
    def paper
      columns = { number: "no.", name: "what hangs", at_m: "from the left", out_m: "from the middle",
                  drop_m: "comes down", kg: "carries" }
      [PaperTable.of("Every line, from the left", reckoned[:drawing][:lines], **columns)]
    end

    # How wide it is, metres; nil before it is measured.
    def extent
      @settings[:place][:length_m]
    end

    # Nothing of it is lit that could be put out.
    def quieter
      []
    end

    private

    def parts
      { kind: "drops", settings: DropsSettings, reckoning: DropsReckoning, figures: DropsFigures,
        ledger: DropsLedger, cautions: DropsCautions, drawing: DropsDrawing, portrait: DropsPortrait }
    end

    def hung_m2(kinds = Style::KINDS)
      hung = @reckoning.lines.select { |line| line.style && kinds.include?(line.style.kind) }
      hung.sum { |line| line.balls * Math::PI * (line.across_m**2) / 4 }.to_f
    end

    def looking
      { evenness: [looks(:looks_drops, count: @reckoning.lines.size)], mechanics: [looked_for(LOOKED_FOR)] }
    end

    def mending
      { mechanics: looking_for(LOOKED_FOR) }
    end

    # One more kind takes its turn; how many of it follows from the lines.
    def dressed_with(style, _pieces)
      hung = @settings[:things][:hung]
      @settings.to_h.merge(things: { hung: [*hung, { style: style }] })
    end

    # Of all that hangs, each by as much of it as is seen.
    def lightness
      hung = @reckoning.lines.select(&:style)
      return Lightness::UNKNOWN if hung.empty?

      areas = hung.map { |line| line.balls * (line.across_m**2) }
      hung.zip(areas).sum { |line, area| Lightness.of(line.style.colour) * area } / areas.sum
    end

    def stands
      { middle_m: extent / 2.0, area_m2: hung_m2, depth_m: [@settings[:place][:depth_m], 0.1].max, round: false,
        lit: false }
    end

    # Before it is measured.
    def bare
      { place: DropsDrawing.place(@settings, @reckoning.hooks_m, @reckoning.below_m) }
    end

    # What stands for what nobody said, and what may hold them with its rated load.
    def assumed
      { hooks_m: @reckoning.hooks_m, below_m: @reckoning.below_m, fixing: @reckoning.fixing,
        rated_kg: @reckoning.rated_kg, colour: @settings[:place][:colour] || Groupings::Surface::WALL,
        holds: DropsSettings::FIXINGS.map do |name|
          { name: name, title: Greenery::Fixings::BY_NAME.fetch(name).title, rated_kg: @house["garland.#{name}"] }
        end }
    end
  end
end
