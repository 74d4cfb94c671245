# frozen_string_literal: true

module DeckBough
  # The geometry of a wreath as numbers in metres: x from the middle of what it hangs on, y from the floor; round the
  # ring hours and distances from its centre. The drawing room only projects and paints.
  class WreathDrawing
    # Bulbs lie where neighbours do not line up: the golden section.
    GOLDEN = 0.6180339887

    def initialize(reckoning)
      @reckoning = reckoning
      @ring = reckoning.ring
    end

    # What stands round the wreath; also before it was measured.
    def self.host(place)
      place.slice(:host, :width_m, :height_m, :floor_m, :colour, :handle, :handle_m, :knocker_m, :slot_m,
                  :glass_from_m, :glass_to_m, :opens, :backing_m)
           .merge(backing_colour: place[:backing_colour] || WreathReckoning::BACKING)
    end

    def call
      { host: WreathDrawing.host(@reckoning.place),
        ring: { outer_m: @ring.outer_m, inner_m: @ring.inner_m, radius_m: @ring.radius_m, centre_m: @reckoning.centre_m,
                body_m: @reckoning.body_m },
        samples: @reckoning.profile[:samples], thin: @reckoning.profile[:short],
        arcs: @reckoning.arcs.map { |from, hours| { from_h: from, hours: hours } },
        base: base, stems: stems, elements: elements, styles: styles, star: star, hanger: hanger, hook: hook,
        bulbs: bulbs }.compact
    end

    private

    # Of what the ring itself is made: every bundle by its hour, or the bought wreath's own greens all round.
    def base
      count = @reckoning.bundle_count
      from, hours = @reckoning.green_arc
      { making: @reckoning.settings[:greens][:making], style: @reckoning.bundle_style&.id || @reckoning.ring_style&.id,
        from_h: from, hours: hours, bundles: count.zero? ? [] : WreathLayout.sites([from, hours], count),
        bundle_m: @reckoning.settings[:greens][:bundle_m] }
    end

    def stems
      @reckoning.stems.flat_map do |those|
        style = those.style
        those.places.map do |hour|
          { style: style.id, at_h: hour, rise_m: style.rise_m || WreathReckoning::PLAIN[:rise_m],
            trail_m: [style.trail_m || 0.0, @ring.radius_m].min,
            spread_m: style.spread_m || WreathReckoning::PLAIN[:spread_m] }
        end
      end
    end

    # On the middle of the ring, those between a little further out or in.
    def elements
      @reckoning.elements.each_with_index.map do |element, i|
        off = if element.site
                0.0
              else
                @ring.thickness_m * (i.even? ? 0.16 : -0.16)
              end
        { style: element.style.id, at_h: element.at_h, from_centre_m: @ring.radius_m + off, site: element.site }
      end
    end

    def styles
      used = [@reckoning.ring_style, @reckoning.bundle_style, @reckoning.star_style, @reckoning.hanger_style,
              *@reckoning.stems.map(&:style), *@reckoning.elements.map(&:style)].compact.uniq
      used.to_h do |style|
        [style.id, { name: style.name, kind: style.kind, colour: style.colour, texture: style.texture || style.material,
                     diameter_m: style.diameter_mm && (style.diameter_mm / 1_000.0),
                     width_m: style.width_mm && (style.width_mm / 1_000.0) }]
      end
    end

    def star
      said = @reckoning.settings[:star]
      return nil if said[:kind] == "none"

      { kind: said[:kind], at_h: said[:at_h], style: said[:style], words: said[:words],
        width_m: said[:kind] == "word" ? @reckoning.word_width_m : @reckoning.bow_width_m, tail_m: said[:tail_m] }
    end

    def hanger
      return nil if @reckoning.hanger_kind == "none"

      { kind: @reckoning.hanger_kind, style: @reckoning.settings[:hang][:ribbon], drop_m: @reckoning.drop_m }
    end

    def hook
      { x_m: @reckoning.hook_across_m, floor_m: @reckoning.hook_floor_m, held: @reckoning.held?,
        leaf: @reckoning.hook ? @reckoning.settings[:hang][:leaf] : nil }
    end

    def bulbs
      return [] unless @reckoning.lights

      count = [@reckoning.lights[:need], 600].min
      Array.new(count) do |i|
        off = (((i * GOLDEN) % 1) - 0.5) * @reckoning.body_m * 0.8
        { at_h: 12.0 * (i + 0.5) / count, from_centre_m: @ring.radius_m + off }
      end
    end
  end
end
