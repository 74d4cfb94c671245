# frozen_string_literal: true

module DeckBough
  # Everything computed for a table: who sits where, its runner, what lies at each place, what stands along the middle,
  # over what of it the guests see each other, what leaves for a meal.
  #
  # Nothing is computed twice. Metres along from the left end, across from the near edge, above the top.
  class TableReckoning
    include Asking

    # Which setting to mend when the rule refuses what the settings come to.
    POINTERS = { "table.places" => %w[table length_m], "table.runner" => %w[table length_m],
                 "ribbon.bow" => %w[setting loop_m] }.freeze
    # Greens are never narrower than a garland.
    SLIM_M = 0.12
    # One looks past what is as slim as a taper.
    PAST_M = 0.06
    BOW = { loops: 2, tails: 2 }.freeze

    # What one who sits does not see of the one opposite: over which thing the line of sight goes, from how far, up to
    # where.
    Hidden = Struct.new(:thing, :away_m, :meets_m, keyword_init: true)
    # What a seat has before it: so much, up to what (nil for the middle of the table).
    Room = Struct.new(:seat, :depth_m, :up_to, keyword_init: true)
    # What lies at a place.
    Lying = Struct.new(:layer, :style, :across_m, :colour, :patterned, :own, keyword_init: true)

    attr_reader :settings, :surroundings, :house, :units, :styles

    # @param settings [CheckedSettings] of TableSettings, measured
    # @param styles [Hash{String => Style}] by id
    def initialize(settings:, surroundings:, styles:, house:, units:)
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
    end

    def board
      @board ||= Tables::Board.new(shape: settings[:table][:shape], length_m: length_m, width_m: width_m,
                                   ends: settings[:table][:ends], side: round? ? nil : sides,
                                   most_ends: ends_wide)
    end

    def round?
      settings[:table][:shape] == "round"
    end

    def length_m
      round? ? settings[:table][:diameter_m] : settings[:table][:length_m]
    end

    def width_m
      round? ? settings[:table][:diameter_m] : settings[:table][:width_m]
    end

    # @return [Answer] of table.places
    def places
      @places ||= ask("table.places", **settings[:table].slice(:shape, :length_m, :width_m, :diameter_m))
    end

    # At least one sits there, however small it is.
    def guests
      settings[:table][:guests] || [places[:places], 1].max
    end

    # Spares of what lies at each place, one in so many.
    def spares
      (guests / house["table.spare_in"].to_f).ceil
    end

    # @return [Array<Tables::Board::Seat>]
    def seats
      @seats ||= board.seats(guests)
    end

    def runner?
      settings[:runner][:kind] != "none"
    end

    def greens?
      settings[:runner][:kind] == "greens"
    end

    # @return [Answer] of table.runner
    def runner
      @runner ||= ask("table.runner", table_length_m: length_m, table_width_m: width_m,
                                      overhang_m: settings[:runner][:overhang_m])
    end

    # From where to where it lies; greens end before who sits at an end.
    #
    # @return [Array(Float, Float)] along the table
    def runner_ends
      over = settings[:runner][:overhang_m]
      return [-over, length_m + over] unless greens?
      return [depth_wanted, length_m - depth_wanted].minmax if round?

      laid = board.laid_ends(guests)
      [laid.positive? ? depth_wanted : -over, length_m + (laid > 1 ? -depth_wanted : over)].minmax
    end

    def runner_length_m
      runner_ends.reduce(:-).abs
    end

    # Greens leave what a place takes; they are no wider than cloth, and no narrower than a garland.
    def runner_width_m
      said = settings[:runner][:width_m]
      return said || runner[:width_m] unless greens?

      said || (width_m - (2 * depth_wanted)).clamp(SLIM_M, [runner[:width_m], SLIM_M].max)
    end

    def depth_wanted
      house["table.place_depth"]
    end

    # @return [Array<Lying>] from the cloth up
    def layers
      @layers ||= settings[:setting][:layers].sort_by { |said| Tables::Layer::NAMES.index(said[:layer]) }.map do |said|
        usual = Tables::Layer.of(said[:layer])
        style = styles[said[:style]]
        Lying.new(layer: said[:layer], style: style, across_m: said[:across_m] || style&.across_m || usual.across_m,
                  colour: said[:colour] || style&.colour || usual.colour, patterned: said[:patterned], own: said[:own])
      end
    end

    def runner_colour
      settings[:runner][:colour] || styles[settings[:runner][:style]]&.colour || (greens? ? GREENS : CLOTH)
    end
    GREENS = "#56775a"
    GREENS_NAME = "the greens"
    CLOTH = "#d8cdb8"

    def bows
      settings[:setting][:bow] ? guests : 0
    end

    # @return [Answer] of ribbon.bow
    def bow
      @bow ||= ask("ribbon.bow", **BOW, **settings[:setting].slice(:loop_m, :tail_m))
    end

    # @return [Array<Groupings::Standing>] in the order they were said
    def things
      @things ||= Groupings::Standing.raised(laid)
    end

    # Whether it leaves before a meal: as it was said, else when nobody would see over it.
    def leaves?(thing)
      meal = said[thing.number - 1][:meal]
      meal ? meal == "leaves" : blocks?(thing)
    end

    def staying
      @staying ||= things.reject { |thing| leaves?(thing) }
    end

    def leaving
      things - staying
    end

    # Neither low nor to be looked through or past.
    def blocks?(thing)
      thing.top_m > house["table.centre_high"] + 1e-9 && !seen_through?(thing)
    end

    def seen_through?(thing)
      said[thing.number - 1][:see_through] || thing.form.solid <= 0.5 || thing.across_m <= PAST_M
    end

    # What hides most of who sits opposite.
    #
    # @param those [Array<Groupings::Standing>] what stands there just then
    # @return [Hidden, nil] nil where nothing does
    def hidden(those)
      those.reject { |thing| seen_through?(thing) }.flat_map { |thing| lines_over(thing) }
           .max_by { |line| [line.meets_m, -line.thing.number] }
    end

    # The place with least before it, a meal on the table: from its edge to what stays, or to the middle of the table.
    #
    # @return [Room]
    def least_room
      @least_room ||= seats.map { |seat| room_before(seat) }.min_by { |room| [room.depth_m, room.seat] }
    end

    # Which of them stand in the middle third.
    def middle_third?(thing)
      (thing.left_m - (length_m / 2.0)).abs <= (length_m / 6.0) + 1e-9
    end

    def tallest
      things.max_by { |thing| [thing.top_m, -thing.number] }
    end

    # How a thing is told where it has no name of its own.
    def named(thing)
      thing.name || Messages.sentence("things", thing.form.name, {})
    end

    def lit?
      settings[:runner][:lit]
    end

    # As many as reach along the runner.
    def strings
      return 0 unless lit?

      lit = styles[settings[:runner][:lights]]&.lit_length_m
      lit ? (runner_length_m / lit).ceil : 1
    end

    # @return [Groupings::Pots]
    def pots
      @pots ||= Groupings::Pots.new(self)
    end

    private

    def sides
      (places[:places] - ends_wide) / 2
    end

    # An end counts where it is wide enough.
    def ends_wide
      width_m >= house["table.end_place"] ? 2 : 0
    end

    def said
      @said ||= settings[:centre][:standing]
    end

    def laid
      sized = said.map { |thing| Groupings::Standing.sized(thing, styles[thing[:style]], riser: styles[thing[:riser]]) }
      along = Tables::Along.of(sized.map { |one| [one[:form].name, one[:slot], one[:across_m], one[:height_m]] })
      sized.zip(along).each_with_index.map do |(one, at), i|
        Groupings::Standing.new(**one.except(:at_m, :out_m), number: i + 1, base_m: 0,
                                                             left_m: (length_m / 2.0) + (one[:at_m] || at),
                                                             out_m: one[:out_m] || (width_m / 2.0))
      end
    end

    # From either side, as far as it stands between the two edges.
    def lines_over(thing)
      return [] unless thing.out_m.between?(1e-6, width_m - 1e-6)

      [thing.out_m, width_m - thing.out_m].map do |away|
        meets = Groupings::LineOfSight.hidden_to(eye_m: house["table.eye"], distance_m: width_m,
                                                 object_m: thing.top_m, away_m: away)
        Hidden.new(thing: thing, away_m: away, meets_m: meets)
      end
    end

    def room_before(seat)
      half = [house["table.place"], board.apart_m(guests)].min / 2.0
      found = spots.filter_map { |spot| (free = seat.free_before(spot, half)) && [free, spot.name] }
      depth, name = [[board.half_before(seat), nil], *found].min_by(&:first)
      Room.new(seat: seat.number, depth_m: [depth, 0].max, up_to: name)
    end

    # What stays on the table for a meal and is in the way of plates; cloth lies under them.
    def spots
      @spots ||= staying.map do |thing|
        Tables::Board::Spot.new(name: named(thing), at_m: thing.left_m, out_m: thing.out_m, long_m: thing.across_m,
                                wide_m: thing.deep_m, round: thing.form.round)
      end + [greens].compact
    end

    def greens
      return unless greens?

      from, to = runner_ends
      Tables::Board::Spot.new(name: GREENS_NAME, at_m: (from + to) / 2.0, out_m: width_m / 2.0, long_m: to - from,
                              wide_m: runner_width_m, round: false)
    end
  end
end
