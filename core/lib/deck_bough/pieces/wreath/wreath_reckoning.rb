# frozen_string_literal: true

require_relative "wreath_hanging"
require_relative "wreath_sizing"

module DeckBough
  # Everything computed for one wreath; ledger, drawing, cautions and minutes all read from here.
  #
  # Nothing is computed twice. Metres, kilograms, hours of the clock.
  class WreathReckoning
    include WreathHanging
    include WreathSizing
    include Asking

    # Which setting to mend when a rule refuses what the settings come to.
    POINTERS = {
      "wreath.size" => %w[place width_m], "wreath.ground" => %w[place colour], "wreath.hook" => %w[hang offset_m],
      "wreath.hanger" => %w[hang hanger], "wreath.elements" => %w[layers layout],
      "wreath.bundles" => %w[greens bundle_m],
      "wreath.hoop_strip" => %w[size outer_m], "wreath.profile" => %w[greens stems], "ribbon.bow" => %w[star kind],
      "garland.lights" => %w[lights school]
    }.freeze

    # A stem nobody measured, and a green nobody chose.
    PLAIN = { rise_m: 0.12, spread_m: 0.15, trail_m: 0.0 }.freeze
    GREEN = Looks::GREEN
    GRAMS = 1_000.0

    Stems = Struct.new(:style, :places)
    Element = Struct.new(:style, :at_h, :site)

    attr_reader :settings, :surroundings, :house, :units, :styles

    # @param settings [Hash] from WreathSettings.check, measured
    # @param styles [Hash{String => Style}] by id
    def initialize(settings:, surroundings:, styles:, house:, units:)
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
    end

    # The same wreath with some settings otherwise.
    #
    # @param changes [Hash{Symbol => Hash}] fields by group
    # @return [WreathReckoning]
    def with(changes)
      told = settings.to_h { |group, fields| [group, fields.merge(changes.fetch(group, {}))] }
      WreathReckoning.new(settings: told, surroundings: surroundings, styles: styles, house: house, units: units)
    end

    # The same with styles that it did not name before.
    def knowing(more)
      WreathReckoning.new(settings: settings, surroundings: surroundings,
                          styles: styles.merge(more.to_h { |style| [style.id, style] }), house: house, units: units)
    end

    def place
      @place ||= WreathPlace.of(settings[:place])
    end

    def ring_style
      styles[settings[:size][:style]]
    end

    def centre_m
      settings[:size][:centre_m] || WreathPlace.centre(place)
    end

    def body_m
      settings[:greens][:body_m] || ring.thickness_m
    end

    # @return [Array<Stems>] where each stem stands
    def stems
      @stems ||= settings[:greens][:stems].map do |said|
        hours = (said[:to_h] - said[:from_h]) % 12
        arc = [said[:from_h], hours.zero? ? 12.0 : hours]
        Stems.new(styles.fetch(said[:style]), WreathLayout.sites(arc, said[:count]))
      end
    end

    # The rule's answer for the whole ring.
    def profile
      @profile ||= ask("wreath.profile", outer_m: ring.outer_m, inner_m: ring.inner_m, body_m: body_m, items: items,
                                         wanted: outline)
    end

    def layers
      @layers ||= Wreaths::RingProfile.new(ring, body_m: body_m, items: items)
    end

    # Outward and inward together.
    def thickness_at(hour)
      layers.at(hour).values_at(:outward_m, :inward_m).sum
    end

    # Some stems by themselves.
    #
    # @param places [Array<Float>] hours
    def layers_of(style, places)
      Wreaths::RingProfile.new(ring, body_m: 0, items: places.flat_map { |hour| items_of(style, hour) })
    end

    def ground
      @ground ||= against(green_colour)
    end

    # A colour against what is behind the wreath: its host, or the backing before that.
    #
    # @return [Answer]
    def against(colour)
      ask("wreath.ground", greens: colour, ground: behind)
    end

    def behind
      place[:backing_m] ? place[:backing_colour] || BACKING : place[:colour]
    end

    # A woven tray nobody said the colour of.
    BACKING = "#e6d9bd"

    # What is put on it that reads where its greens do not.
    #
    # @return [Style, nil]
    def standing_out
      dressed = [(star_style if settings[:star][:kind] != "none"), *elements.map(&:style)].compact.uniq
      dressed.find { |style| style.colour && against(style.colour)[:reads] == "well" }
    end

    def green_colour
      leading = [bundle_style, ring_style, *stems.map(&:style)].compact.find(&:colour)
      leading&.colour || GREEN
    end

    def bundle_style
      styles[settings[:greens][:bundle]]
    end

    # @return [Answer, nil] how many bundles go round, where it is made of them
    def bundles
      return nil unless %w[frame hoop].include?(settings[:greens][:making])

      @bundles ||= ask("wreath.bundles", outer_m: ring.outer_m, inner_m: ring.inner_m,
                                         bundle_m: settings[:greens][:bundle_m])
    end

    # A hoop carries greens on a third of its round, below: three ready bundles do.
    HOOP_BUNDLES = 3
    HOOP_ARC = [4.0, 4.0].freeze
    ALL_ROUND = [0.0, 12.0].freeze

    # Where the ring itself is green: from an hour, so many clockwise.
    def green_arc
      settings[:greens][:making] == "hoop" ? HOOP_ARC : ALL_ROUND
    end

    def bundle_count
      return 0 unless bundles

      settings[:greens][:making] == "hoop" ? [bundles[:count], HOOP_BUNDLES].min : bundles[:count]
    end

    def strip
      return nil unless settings[:greens][:making] == "hoop"

      @strip ||= ask("wreath.hoop_strip", diameter_m: ring.outer_m, thickness_m: settings[:greens][:wood_m])
    end

    def arcs
      @arcs ||= WreathLayout.arcs(settings[:layers])
    end

    # @return [Array<Answer>] sites of each arc
    def site_answers
      @site_answers ||= arcs.map do |_, hours|
        ask("wreath.elements", outer_m: ring.outer_m, inner_m: ring.inner_m, arc_share: hours / 12.0,
                               spacing_m: house["wreath.spacing_#{settings[:layers][:spacing]}"])
      end
    end

    def sites
      site_answers.sum { |answer| answer[:count] }
    end

    # @return [Array<Element>] what stands on each site, and between them; nothing where nothing is chosen
    def elements
      @elements ||= arcs.zip(site_answers).flat_map do |arc, answer|
        on_sites(WreathLayout.sites(arc, answer[:count])) + between_sites(WreathLayout.between(arc, answer[:count]))
      end
    end

    # @return [Answer, nil]
    def bow
      return nil unless settings[:star][:kind] == "bow"

      @bow ||= ask("ribbon.bow", loops: 2, loop_m: bow_width_m / 2, tails: 2, tail_m: settings[:star][:tail_m])
    end

    # A third of the wreath (handbook 60, Dressing).
    def bow_width_m
      (ring.outer_m * house["wreath.bow_share"]).clamp(0.04, 4.0)
    end

    def star_style
      styles[settings[:star][:style]]
    end

    # A word spans the opening to the middle of the ring.
    def word_width_m
      2 * ring.radius_m
    end

    def lights
      return nil if settings[:lights][:school] == "none"

      @lights ||= ask("garland.lights", run_m: [ring.middle_m, 0.05].max, school: settings[:lights][:school],
                                        bulbs_per_string: string_style&.bulbs || settings[:lights][:bulbs_per_string])
    end

    def string_style
      styles[settings[:lights][:style]]
    end

    # How far to the right the dressing pulls it, as a share of its radius and weight.
    def lean
      return 0.0 if kg.zero?

      moment = elements.sum { |element| kg_of(element.style, LIGHT) * Math.sin(turn(element.at_h)) } +
               stems.sum { |those| those.places.sum { |hour| kg_of(those.style, LIGHT) * Math.sin(turn(hour)) } }
      moment / kg
    end

    private

    def turn(hour)
      hour / 6.0 * Math::PI
    end

    def items
      @items ||= stems.flat_map do |those|
        those.places.flat_map { |hour| items_of(those.style, hour) }
      end
    end

    # What stands outward and what hangs inward of one stem, no further than the opening allows.
    def items_of(style, hour)
      spread = (style.spread_m || PLAIN[:spread_m]).clamp(0.02, 10)
      rise = style.rise_m || PLAIN[:rise_m]
      trail = [style.trail_m || PLAIN[:trail_m], ring.radius_m].min
      [({ kind: "rise", at_h: hour, spread_m: spread, rise_m: [rise, 4].min } if rise.positive?),
       ({ kind: "trail", at_h: hour, spread_m: spread, trail_m: trail } if trail.positive?)].compact
    end

    def outline
      greens = settings[:greens]
      high = greens[:high_m] || [body_m, 0.01].max
      { shape: greens[:shape], low_m: greens[:low_m], high_m: high, from_h: settings[:layers][:from_h],
        to_h: settings[:layers][:to_h] }
    end

    # Styles take turns along the arc.
    def on_sites(hours)
      picks = settings[:layers][:picks].map { |id| styles.fetch(id) }
      return [] if picks.empty?

      hours.each_with_index.map { |hour, i| Element.new(picks[i % picks.size], hour, true) }
    end

    def between_sites(hours)
      style = styles[settings[:layers][:between]]
      style ? hours.map { |hour| Element.new(style, hour, false) } : []
    end
  end
end
