# frozen_string_literal: true

module DeckBough
  # The geometry of a grouping as numbers in metres, from the left end of its surface, from the wall and above the
  # surface. The drawing room only projects and paints.
  class GroupingDrawing
    def initialize(reckoning)
      @reckoning = reckoning
      @surface = reckoning.surface
    end

    # What is known of the surface; also before it was measured.
    def self.surface(settings)
      surface = Groupings::Surface.new(settings[:surface])
      { kind: surface.kind, length_m: surface.length_m, depth_m: surface.depth_m, height_m: surface.height_m,
        wall_colour: surface.wall_colour, top_colour: surface.top_colour }
    end

    def call
      { surface: { **GroupingDrawing.surface(@reckoning.settings), **above }, site: site, high: high,
        sockets: @surface.sockets, keep_free: @surface.keep_free, things: things, eye: eye, ray: ray,
        fill: fill, snow: snow }.compact
    end

    private

    def above
      clear = @surface.said[:clear_m] or return {}
      from, to = @surface.above
      { clear_m: clear, above_from_m: from, above_to_m: to }
    end

    def site
      { from_m: @reckoning.site_from_m, to_m: @reckoning.site_to_m, sites_m: @reckoning.sites[:sites_m] }
    end

    # How high the group is, and what is free above it.
    def high
      @reckoning.tallest_m && { tallest_m: @reckoning.tallest_m, under_m: @reckoning.under_m }.compact
    end

    # From the back to the front, as they are painted.
    def things
      order = @reckoning.things.sort_by { |thing| [Groupings::Form::SLOTS.index(thing.slot), thing.out_m, thing.number] }
      wanted = @reckoning.wanted_risers
      order.map do |thing|
        { number: thing.number, form: thing.form.name, slot: thing.slot, name: @reckoning.named(thing),
          left_m: thing.left_m, out_m: thing.out_m, across_m: thing.across_m, deep_m: thing.deep_m,
          height_m: thing.height_m, foot_m: thing.foot_m, base_m: thing.base_m, round: thing.form.round,
          colour: thing.colour, flame: thing.flame, pot_m: (thing.opening_m if thing.potted?),
          wanted_riser_m: wanted.fetch(thing.number, 0) }
      end
    end

    # Where somebody looks from.
    def eye
      said = @reckoning.settings[:site]
      { height_m: said[:eye_m] - @surface.height_m, distance_m: said[:distance_m] }
    end

    # From the eye over what hides most to the wall.
    def ray
      hiding = @reckoning.hiding
      answer = hiding&.answer or return nil
      thing = hiding.thing
      meets = answer[:hidden_to_m] - @surface.height_m
      { over_m: thing.solid_m, away_m: [thing.back_m, 0].max, meets_m: meets, socket_top_m: hiding.socket[:top_m],
        by_m: (meets - hiding.socket[:top_m]).abs, hides: answer[:hides], thing: thing.number }
    end

    # How deep it lies, in which of the things.
    def snow
      snow = @reckoning.snow or return nil
      { deep_m: snow.deep_m, litres: snow.litres, in: snow.trays.map(&:number) }
    end

    def fill
      fill = @reckoning.fill or return nil
      { shape: fill.vessel.shape, across_m: fill.vessel.across_m,
        deep_m: fill.vessel.shape == "box" ? fill.vessel.deep_m : fill.vessel.across_m, filled_m: fill.vessel.line_m,
        height_m: fill.height_m, lit: fill.lights?,
        sizes: fill.sizes.map do |size|
          { style: size.style.id, name: size.style.name, colour: size.style.colour, across_m: size.mm / 1000.0,
            count: size.count, on_hand: size.on_hand }
        end,
        balls: fill.lying.map { |ball| { size: ball.number, x_m: ball.x, y_m: ball.y, z_m: ball.z } } }
    end
  end
end
