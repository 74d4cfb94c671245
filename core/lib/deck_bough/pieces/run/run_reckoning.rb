# frozen_string_literal: true

require_relative "run_greenery"
require_relative "run_holding"

module DeckBough
  # Everything computed for one greenery run; ledger, drawing, cautions and minutes all read from here.
  #
  # Nothing is computed twice. Metres along the garland's way, kilograms.
  class RunReckoning
    include RunGreenery
    include RunHolding
    include Asking

    # Which setting to mend when a rule refuses what the settings come to.
    POINTERS = {
      "garland.swag" => %w[length spans], "garland.swag_pull" => %w[length sag_m], "garland.wrap" => %w[length pitch_m],
      "garland.profile" => %w[rise_and_trail stems], "garland.anchors" => %w[anchors rated_kg],
      "garland.loft" => %w[body bodies],
      "garland.lights" => %w[lights school], "ribbon.bow" => %w[ribbon method],
      "stockings.spacing" => %w[mantel stockings],
      "balance.mantel" => %w[survey length_m]
    }.freeze

    GRAMS = 1_000.0

    attr_reader :settings, :surroundings, :house, :units, :styles, :elsewhere

    # @param settings [Hash] from RunSettings.check, measured
    # @param styles [Hash{String => Style}] by id
    # @param elsewhere [Array<String>] ids of the styles in the other pieces of the room
    def initialize(settings:, surroundings:, styles:, house:, units:, elsewhere: [])
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
      @elsewhere = elsewhere
    end

    def survey
      @survey ||= RunSurvey.of(settings[:survey], heat: surroundings.heat)
    end

    def path
      @path ||= Greenery::RunPath.of(survey: survey, length: settings[:length])
    end

    def items
      @items ||= bodies.map(&:item) +
                 stems.flat_map { |those| those.places.flat_map { |at| Greenery::Closing.even(those.stem, at, at, 1) } }
    end

    def outline
      @outline ||= Greenery::RunOutline.new(path, settings[:rise_and_trail])
    end

    # The rule's answer for the whole run; a run with drops has its outline given place by place.
    def profile
      @profile ||= ask("garland.profile",
                       run_m: path.length, items: items, wanted: { shape: "free", points: wanted_points })
    end

    def layers
      @layers ||= Greenery::Profile.new(run_m: path.length, items: items, unfluffed: house["garland.unfluffed"])
    end

    # Lights, accents and ribbon weigh evenly all along.
    def extras_kg
      accents.sum { |style, count| kg_of(style) * count } + (lights ? lights[:strings] * kg_of(string_style) : 0) +
        (ribbon_m * kg_of(ribbon_style))
    end

    def kg
      layers.kg + extras_kg
    end

    def kg_between(from, to)
      layers.kg_between(from, to) + (extras_kg * (to - from) / path.length)
    end

    # Evenly mixed by how many there are of each.
    #
    # @return [Array<Style>] from one end to the other
    def accents_in_order
      accents.flat_map { |style, count| (0...count).map { |i| [(i + 0.5) / count, style] } }
             .sort_by { |at, style| [at, style.id.to_s] }.map(&:last)
    end

    def accents
      settings[:accents][:accents].map { |said| [styles.fetch(said[:style]), said[:count]] }
    end

    def lights
      return nil if settings[:lights][:school] == "none"

      @lights ||= ask("garland.lights",
                      run_m: path.length, school: settings[:lights][:school], bulbs_per_string: bulbs_per_string)
    end

    def string_style
      styles[settings[:lights][:style]]
    end

    def bulbs_per_string
      string_style&.bulbs || settings[:lights][:bulbs_per_string]
    end

    def ribbon_style
      styles[settings[:ribbon][:style]]
    end

    def joins
      bodies.sum(&:joins)
    end

    # Parts of ribbon, how long each and what they are called.
    def ribbon_parts
      said = settings[:ribbon]
      case said[:method]
      when "weave" then [1, house["garland.weave"] * path.length, "woven along"]
      when "loops" then [(path.length / house["garland.loop_each"]).round,
                         Parabola.arc(said[:chord_m], said[:stand_m]) + (2 * house["ribbon.tuck"]), "loops"]
      when "bows" then [[joins, 1].max, ask("ribbon.bow", **RibbonReckoning::TREE_BOW)[:length_m], "bows at the joins"]
      else [0, 0.0, "none"]
      end
    end

    def ribbon_m
      count, each_m, = ribbon_parts
      count * each_m
    end

    def stockings
      mantel = settings[:mantel]
      return nil if mantel[:stockings].zero? || survey[:length_m].nil?

      @stockings ||= ask("stockings.spacing",
                         clear_m: survey[:length_m], count: mantel[:stockings], width_m: mantel[:stocking_width_m])
    end

    # Greens and what stands on the shelf, weighed by the eye.
    def balance
      return nil if survey[:length_m].nil? || !%w[mantel ledge].include?(survey[:kind])

      @balance ||= ask("balance.mantel", length_m: survey[:length_m], items: green_weights + thing_weights)
    end

    # Styles of greenery used, of bodies and stems.
    def greenery_styles
      (bodies.flat_map { |body| [body.style, body.also] } + stems.map(&:style)).compact.uniq
    end

    def greens
      greenery_styles.select { |style| Greenery::Mixing::GREENS.include?(style.texture) }
    end

    # Of the greens that lead.
    def green_colour
      greenery_styles.find(&:colour)&.colour || Looks::GREEN
    end

    def greenery_area
      samples = profile[:samples]
      samples.each_cons(2).sum do |one, next_one|
        (one[:thickness_m] + next_one[:thickness_m]) / 2 * (next_one[:at_m] - one[:at_m])
      end
    end

    # What accents hide of the greens: the outline of each, a hand's width where none is said.
    def accent_share
      return 0.0 if greenery_area.zero?

      accents.sum { |style, count| count * Math::PI * (((style.diameter_mm || 60) / GRAMS)**2) / 4 } / greenery_area
    end

    def kg_of(style)
      (style&.mass_g || 0) / GRAMS
    end

    private

    def wanted_points
      Greenery::Profile.places(path.length).map { |place| { at_m: place, thickness_m: outline.at(place) } }
    end

    # The greens in parts of a hand's length, as dark as what lies there most.
    def green_weights
      lightness = Lightness.of((bodies.first&.style || PLAIN).colour)
      profile[:samples].each_slice(4).filter_map do |part|
        x, = path.at(part[part.size / 2][:at_m])
        area = part.sum { |sample| sample[:thickness_m] } * Greenery::Profile::STEP
        { at_m: x.clamp(0, survey[:length_m]), area_m2: area, lightness: lightness } if area.positive?
      end.first(150)
    end

    def thing_weights
      settings[:mantel][:things].map do |thing|
        { at_m: thing[:at_m].clamp(0, survey[:length_m]), area_m2: thing[:width_m] * thing[:height_m],
          lightness: thing[:lightness] }
      end
    end
  end
end
