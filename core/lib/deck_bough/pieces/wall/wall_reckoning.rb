# frozen_string_literal: true

module DeckBough
  # Everything computed for a wall of wreaths: where each hangs by the rule, and each as a wreath of its own.
  #
  # Nothing is computed twice. Metres, kilograms.
  class WallReckoning
    include Asking

    # Which setting to mend when the rule refuses what the settings come to.
    POINTERS = { "wreath.wall" => %w[arrange gap_m] }.freeze
    # A ring nobody chose.
    OUTER = 0.3
    DEPTH = 0.12
    # By so much wider the way of a drag is found.
    STEP = 0.01

    attr_reader :settings, :surroundings, :house, :units, :styles, :place

    # @param settings [CheckedSettings] of WallSettings, measured
    # @param styles [Hash{String => Style}] by id
    def initialize(settings:, surroundings:, styles:, house:, units:)
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
      @place = WallPlace.new(settings)
    end

    # What is to hang, one entry a ring: as said, or as many as there are openings, or two.
    #
    # @return [Array<Hash>]
    def wanted
      hung = settings[:wreaths][:hung]
      return Array.new(settings[:wall][:openings]) { |i| sized_as(hung.first, hung[i % hung.size]) } if place.openings?
      return [hung.first, hung.first] if place.flanking?

      hung
    end

    # @return [Answer] the rule's, over all that is wanted
    # @raise [UnplannableError]
    def laid
      refuse_narrow_openings
      @laid ||= ask("wreath.wall", wall_width_m: settings[:wall][:width_m], wall_height_m: settings[:wall][:height_m],
                                   diameters_m: diameters, arrangement: place.arrangement, gap_m: gap_m,
                                   middle_height_m: place.middle_m, furniture: furniture, overlap: place.overlap)
    end

    # @return [Array<WallRing>] those that fit, in the order they were said
    def rings
      @rings ||= laid[:centres].zip(kept).each_with_index.map { |(centre, said), i| ring(centre, said, i) }
    end

    # @return [Array<WallLook>] the different ones, in the order they hang
    def looks
      @looks ||= rings.group_by(&:look).values.map { |those| WallLook.new(rings: those) }
    end

    # The hook that is there already for each of them, where one is.
    #
    # @return [Array<StayingAnchor, nil>]
    def staying
      @staying ||= StayingAnchors.holding(surroundings.anchors.select(&:own), rings.map do |ring|
        [ring.left_m, ring.hook_m, ring.reckoning.kg]
      end, house)
    end

    # From edge to edge of the nearest two; less than nothing where they overlap, nil for one alone.
    def clear_m
      rings.combination(2).map do |one, other|
        Math.hypot(one.left_m - other.left_m, one.floor_m - other.floor_m) -
          ((one.diameter_m + other.diameter_m) / 2)
      end.min
    end

    # From the top of one to the foot of the one over it, the least of them; nil where none hangs over another.
    def free_above
      rings.permutation(2).filter_map do |ring, over|
        next unless over.floor_m > ring.floor_m && (over.left_m - ring.left_m).abs < over.diameter_m / 2

        over.floor_m - (over.diameter_m / 2) - ring.floor_m - (ring.diameter_m / 2)
      end.min
    end

    # From the outer edge of the first to that of the last.
    def across_m
      return 0.0 if rings.empty?

      rings.map { |one| one.left_m + (one.diameter_m / 2) }.max -
        rings.map { |one| one.left_m - (one.diameter_m / 2) }.min
    end

    def kg
      looks.sum { |look| look.count * look.reckoning.kg }
    end

    def heaviest
      looks.map(&:reckoning).max_by(&:kg)
    end

    # How far each moves for one metre more between them: [across, up].
    #
    # @return [Array<Array(Float, Float)>]
    def moves
      @moves ||= begin
        before, after = [0, STEP].map { |more| arranged((gap_m || house["wreath.wall_gap"]) + more) }
        before.zip(after).map { |one, other| [0, 1].map { |axis| share(other[axis] - one[axis]) } }
      end
    end

    private

    # Nothing runs into its neighbour, whatever is between the openings.
    def refuse_narrow_openings
      return unless place.openings? && gap_m < house["wreath.wall_gap"] - 1e-9

      fault = Inputs.fault(:opening_narrow, %w[wreaths hung], outer: Measure.new(diameters.first, "m"),
                                                              pitch: Measure.new(diameters.first + gap_m, "m"))
      raise UnplannableError.new("wreath.wall", [fault])
    end

    # In openings that are alike hang wreaths of one size.
    def sized_as(first, entry)
      entry.merge(first.slice(:style, :outer_m))
    end

    def diameters
      @diameters ||= wanted.map { |entry| outer(entry) }
    end

    def outer(entry)
      entry[:outer_m] || styles[entry[:style]]&.across_m || usual_outer
    end

    # The middle of the band of what it hangs in.
    def usual_outer
      return OUTER unless place.openings?

      @usual_outer ||= begin
        band = ask("wreath.size", host: place.host, host_width_m: place.opening[:width_m], stock_m: [])
        (band[:low_m] + band[:high_m]) / 2
      end
    end

    def gap_m
      @gap_m ||= place.gap_m(diameters.first)
    end

    def furniture
      place.thing&.slice(:left_m, :width_m)
    end

    def arranged(gap)
      return rings.map { [0.0, 0.0] } if place.openings? || place.overlap.positive?

      Wreaths::Arrangement.of(place.arrangement, rings.map(&:diameter_m), gap_m: gap)
    end

    # Of a pair both gaps grow when they move apart.
    def share(moved)
      (moved / STEP * (place.flanking? ? 2 : 1)).round(6)
    end

    # The rule tells what it leaves out by its size; of several of one size the last ones go.
    #
    # @return [Array<Integer>] numbers of the entries that stay, from 0
    def kept
      left = laid[:left_out].dup
      gone = diameters.each_index.to_a.reverse.select do |i|
        at = left.index { |one| (one - diameters[i]).abs < 1e-9 }
        left.delete_at(at) if at
      end
      diameters.each_index.to_a - gone
    end

    def ring(centre, said, index)
      told = wreath(wanted[said], centre, mirrored: place.flanking? && index.odd?)
      reckoning = WreathReckoning.new(settings: told, surroundings: bare, styles: styles, house: house,
                                      units: units)
      WallRing.new(number: index + 1, left_m: centre[:left_m], floor_m: centre[:floor_m], visible: centre[:visible],
                   layer: centre[:layer], said: said, reckoning: reckoning)
    end

    # Hooks that stay are looked for on the wall as a whole.
    def bare
      @bare ||= Surroundings.new(**surroundings.to_h, anchors: [])
    end

    # One of them as the document of a wreath has it.
    def wreath(entry, centre, mirrored:)
      { place: host_of(centre), hang: { **settings[:hang], hanger: hanger, leaf: "left", offset_m: 0 },
        size: { style: entry[:style], outer_m: centre[:diameter_m], inner_m: opening_of(entry), depth_m: DEPTH,
                centre_m: centre[:floor_m] },
        greens: settings[:greens], lights: settings[:lights],
        layers: layers(entry, mirrored), star: star(entry), step_back: settings[:step_back] }
    end

    # A wreath from stock has its own opening, at its own size.
    def opening_of(entry)
      entry[:outer_m] ? nil : styles[entry[:style]]&.opening_m
    end

    def layers(entry, mirrored)
      said = settings[:layers]
      { **said, layout: entry[:layout] || said[:layout], picks: entry[:pick] ? [entry[:pick]] : said[:picks],
                mirrored: said[:mirrored] ^ mirrored }
    end

    def star(entry)
      { **settings[:star], kind: entry[:star] || settings[:star][:kind] }
    end

    # On a bare wall a ribbon is for the look.
    def hanger
      said = settings[:hang][:hanger]
      return said if place.openings?

      said.nil? || said == "none" ? "none" : "false"
    end

    # What it hangs on: its opening, or as much wall as its ribbon shows above it.
    def host_of(centre)
      fittings = { handle: "none", handle_m: 0, knocker_m: nil, slot_m: nil, glass_from_m: nil, glass_to_m: nil,
                   storm_gap_m: nil, opens: "inward", backing_m: nil, backing_colour: nil,
                   outdoors: settings[:wall][:outdoors], colour: place.colour }
      return { **fittings, host: place.host, **place.opening } if place.openings?

      top = centre[:floor_m] + (centre[:diameter_m] / 2) + (hanger == "none" ? 0 : settings[:hang][:drop_m])
      { **fittings, host: place.host, width_m: settings[:wall][:width_m], floor_m: 0.0, height_m: top }
    end
  end
end
