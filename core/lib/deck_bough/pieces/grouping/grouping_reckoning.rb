# frozen_string_literal: true

module DeckBough
  # Everything computed for a grouping: its site, each thing where it stands and how high, what hides the socket, what
  # the vessel takes.
  #
  # Nothing is computed twice. Metres from the left end of the surface, from the wall, above the surface.
  class GroupingReckoning
    include Asking

    # Which setting to mend when the rule refuses what the settings come to.
    POINTERS = { "group.sites" => %w[surface length_m], "group.hides" => %w[site distance_m],
                 "group.heights" => %w[things standing], "bowl.mix" => %w[fill balls] }.freeze
    # Air that stays under what hangs above (handbook 70, Under cabinets).
    UNDER = 0.02
    # Three heights at least.
    HEIGHTS = 3
    # How much darker or lighter a thing is than what is behind it.
    CONTRAST = 20
    # Nobody looks along the surface to the wall, nor up to what hangs at the ceiling.
    LEAST_EYE = 0.3
    HIGHEST = 3

    # A thing that hides a socket, or would with a riser.
    Hiding = Struct.new(:socket, :thing, :answer, keyword_init: true)

    attr_reader :settings, :surroundings, :house, :units, :styles, :surface, :fill

    # @param settings [CheckedSettings] of GroupingSettings, measured
    # @param styles [Hash{String => Style}] by id
    def initialize(settings:, surroundings:, styles:, house:, units:)
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
      @surface = Groupings::Surface.new(settings[:surface])
      @fill = GroupingFill.new(settings[:fill], self) unless settings[:fill][:shape] == "none"
    end

    # @return [Answer] of group.sites, before the sockets that nobody uses
    def sites
      @sites ||= ask("group.sites", length_m: surface.length_m,
                                    sockets_m: surface.sockets.reject { |one| one[:in_use] }.map { |one| one[:at_m] },
                                    keep_free: surface.keep_free.map { |one| one.slice(:from_m, :to_m) })
    end

    def site_width_m
      [settings[:site][:width_m] || house["group.width"], surface.length_m].min
    end

    # Its middle: as said, else the first site there is, else the middle of the surface.
    def site_m
      half = site_width_m / 2.0
      (settings[:site][:at_m] || sites[:sites_m].first || (surface.length_m / 2.0))
        .clamp(half, surface.length_m - half)
    end

    def site_from_m
      site_m - (site_width_m / 2.0)
    end

    def site_to_m
      site_m + (site_width_m / 2.0)
    end

    # What is put away so that there is room; a row nobody has written into yet is none.
    def lifted
      settings[:site][:lifted].reject { |one| one[:what].strip.empty? }
    end

    # What of the surface this group leaves free.
    def free_share
      1 - (site_width_m / surface.length_m.to_f)
    end

    # @return [Array<Groupings::Standing>] in the order they were said, the vessel that is filled last
    def things
      @things ||= Groupings::Standing.raised(laid)
    end

    # Those whose heights make the line of the group, tallest first.
    def line
      @line ||= things.select(&:in_line?).sort_by { |thing| [-thing.top_m, thing.number] }
    end

    def tallest_m
      line.first&.top_m
    end

    # @return [Answer, nil] of group.heights; nil where there is no line yet
    def heights
      return if line.empty? || tallest_m < 0.02

      @heights ||= ask("group.heights", tallest_m: tallest_m, count: line.size)
    end

    # How far each of the line is to be raised to stand as high as the rule has it; those too tall already by nothing.
    #
    # @return [Hash{Integer => Float}] metres by the number of the thing
    def wanted_risers
      return {} unless heights

      line.zip(heights[:heights_m]).to_h { |thing, high| [thing.number, [high - thing.top_m, 0].max.round(3)] }
    end

    # How many different heights there are.
    def steps
      line.map(&:top_m).each_cons(2).count do |one, other|
        (one - other).abs > Groupings::Candles::ALIKE_M
      end + (line.empty? ? 0 : 1)
    end

    # The socket behind the group, with what hides most of it; nil where none is there.
    #
    # @return [Hiding, nil]
    def hiding
      return @hiding if defined?(@hiding)

      @hiding = socket && (hidden_by(socket) || Hiding.new(socket: socket))
    end

    # The socket behind the group, the nearest to its middle; one that nobody uses before one that is in use.
    #
    # @return [Hash, nil] at_m, top_m, in_use
    def socket
      behind = surface.sockets.select { |one| one[:at_m].between?(site_from_m, site_to_m) }
      behind.min_by { |one| [one[:in_use] ? 1 : 0, (one[:at_m] - site_m).abs] }
    end

    # How far the group leans about its own middle, by what weighs to the eye: below nothing to the left.
    #
    # @return [Float] share, -1 to 1; 0 of one thing
    def leaning
      return 0.0 if line.size < 2

      from = line.map(&:from_m).min
      to = line.map(&:to_m).max
      items = line.map do |thing|
        { at_m: thing.left_m - from, area_m2: thing.across_m * thing.height_m, lightness: Lightness.of(thing.colour) }
      end
      Beam.new(span_m: to - from, items: items).value
    end

    # The widest stretch between two of the line that stand beside each other.
    #
    # @return [Float] metres; 0 where they touch
    def widest_gap_m
      line.sort_by(&:left_m).each_cons(2).map { |one, other| other.from_m - one.to_m }.max.to_f.clamp(0, nil)
    end

    # How much air is left under what hangs above; nil where nothing does.
    def under_m
      things.filter_map { |thing| (clear = surface.clear_over(thing.from_m, thing.to_m)) && (clear - thing.top_m) }.min
    end

    # @return [Groupings::Pots]
    def pots
      @pots ||= Groupings::Pots.new(self)
    end

    # @return [Groupings::Snow, nil] nil where none is wanted
    def snow
      deep = settings[:snow][:deep_m]
      @snow ||= deep && Groupings::Snow.new(things, deep_m: deep)
    end

    # How a thing is told where it has no name of its own.
    def named(thing)
      thing.name || Messages.sentence("things", thing.form.name, {})
    end

    private

    # Where each stands, before what it stands on is known.
    def laid
      @laid ||= said.zip(by_itself).each_with_index.map do |(thing, (at, out)), i|
        Groupings::Standing.new(**thing.except(:at_m, :out_m), number: i + 1, base_m: 0,
                                                               left_m: site_m + (thing[:at_m] || at),
                                                               out_m: thing[:out_m] || out)
      end
    end

    def by_itself
      before = socket && (socket[:at_m] - site_m)
      Groupings::Arrangement.new(site_width_m, surface.depth_m, before_m: before).of(
        said.map { |thing| [thing[:form].name, thing[:slot], thing[:across_m], thing[:deep_m]] }
      )
    end

    def said
      @said ||= begin
        standing = settings[:things][:standing]
        standing.map { |thing| Groupings::Standing.sized(thing, styles[thing[:style]], riser: styles[thing[:riser]]) } +
          [*([glass] if fill)]
      end
    end

    def glass
      form = Groupings::Form.filled(fill.full_m / fill.height_m)
      vessel = fill.vessel
      style = styles[settings[:fill][:style]]
      { form: form, slot: form.slot, style: style, across_m: vessel.across_m,
        deep_m: vessel.shape == "box" ? vessel.deep_m : vessel.across_m, height_m: fill.height_m,
        **settings[:fill].slice(:riser_m, :at_m, :out_m), colour: style&.colour || form.colour, finish: form.finish,
        flame: false }
    end

    # Of those before it the one behind which most of the wall is hidden.
    def hidden_by(socket)
      return if settings[:site][:eye_m] < surface.height_m + LEAST_EYE || high(socket[:top_m]) > HIGHEST

      before = things.select { |thing| covers?(thing, socket) }
      before.map { |thing| Hiding.new(socket: socket, thing: thing, answer: hides(thing, socket)) }
            .max_by { |one| one.answer[:hidden_to_m] }
    end

    def covers?(thing, socket)
      socket[:at_m].between?(thing.from_m, thing.to_m) && thing.solid_m > thing.foot_m &&
        thing.back_m.clamp(0, nil) < settings[:site][:distance_m] && high(thing.solid_m) <= HIGHEST
    end

    # All measured from the floor, where the eye is.
    def hides(thing, socket)
      ask("group.hides", eye_m: settings[:site][:eye_m], distance_m: settings[:site][:distance_m],
                         object_m: high(thing.solid_m), away_m: [thing.back_m, 0].max,
                         socket_top_m: high(socket[:top_m]))
    end

    def high(above)
      surface.height_m + above
    end
  end
end
