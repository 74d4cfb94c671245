# frozen_string_literal: true

module DeckBough
  # The geometry of a run as numbers in metres: x from the left end of its main part, y from the floor.
  #
  # A sample tells a place of the way, its outward direction (on a shelf: up) and how far the greens reach to either
  # side. The drawing room only projects and paints.
  class RunDrawing
    # Spread over thickness so that neighbours do not line up: the golden section.
    GOLDEN = 0.6180339887
    SHELF = 0.05
    TREAD = 0.26

    def initialize(reckoning)
      @reckoning = reckoning
      @survey = reckoning.survey
      @path = reckoning.path
    end

    # What stands round the run; also before it was measured.
    def self.room(surroundings)
      { ceiling_left_m: surroundings.ceiling.left_m, ceiling_right_m: surroundings.ceiling.right_m,
        width_m: surroundings.ceiling.width_m }
    end

    # The zone kept clear of a firebox that works: left, right and top; nil without one.
    def self.clear_zone(survey, house)
      return nil unless survey[:firebox] == "working" && survey[:length_m]

      middle = survey[:length_m] / 2
      half = (survey[:firebox_width_m] / 2) + house["garland.fire_beside"]
      { left_m: middle - half, right_m: middle + half, top_m: survey[:firebox_height_m] + house["garland.fire_above"] }
    end

    def call
      { kind: @survey[:kind], room: RunDrawing.room(@reckoning.surroundings), **support,
        clear_zone: RunDrawing.clear_zone(@survey, @reckoning.house),
        samples: samples, stems: stems, styles: styles, anchors: @reckoning.anchors, joins: joins, accents: accents,
        bulbs: bulbs, ribbon: ribbon,
        stockings: stockings, things: things, thin: @reckoning.profile[:short] }.compact
    end

    private

    def point(along)
      x, y = @path.at(along)
      out_x, out_y = @path.outward(along)
      { x_m: x, y_m: y, out_x: out_x, out_y: out_y }
    end

    def edge(along, share)
      at = point(along)
      sample = @reckoning.layers.at(along)
      off = share.negative? ? share * sample[:lower_m] : share * sample[:upper_m]
      { x_m: at[:x_m] + (at[:out_x] * off), y_m: at[:y_m] + (at[:out_y] * off) }
    end

    def samples
      @reckoning.profile[:samples].map do |sample|
        { **sample, body_m: @reckoning.layers.body_at(sample[:at_m]), **point(sample[:at_m]) }
      end
    end

    # The shelf, frame, stair or ring the run is on, and what belongs to it.
    def support
      case @survey[:kind]
      when "rail" then { stair: stair }
      when "mantel", "ledge", "table" then { shelf: shelf, firebox: firebox, mirror: mirror }
      when "frame", "mirror" then { frame: { left_m: 0, right_m: @survey[:length_m], bottom_m: @survey[:height_m],
                                             top_m: @survey[:height_m] + @survey[:side_m] } }
      when "rod", "opening" then { rod: { left_m: 0, right_m: @survey[:length_m], height_m: @survey[:height_m],
                                          diameter_m: @survey[:diameter_m] } }
      else { ring: { middle_m: @survey[:diameter_m] / 2, height_m: @survey[:height_m],
                     diameter_m: @survey[:diameter_m] } }
      end
    end

    def shelf
      { left_m: 0, right_m: @survey[:length_m], top_m: @survey[:height_m], thickness_m: SHELF,
        depth_m: @survey[:depth_m] }
    end

    def firebox
      return nil if @survey[:firebox] == "none" || @survey[:kind] != "mantel"

      middle = @survey[:length_m] / 2
      { left_m: middle - (@survey[:firebox_width_m] / 2), right_m: middle + (@survey[:firebox_width_m] / 2),
        top_m: @survey[:firebox_height_m] }
    end

    def mirror
      return nil unless @survey[:mirror_width_m].positive? && @survey[:mirror_height_m].positive?

      middle = @survey[:length_m] / 2
      half = @survey[:mirror_width_m] / 2
      bottom = @survey[:height_m] + @survey[:mirror_up_m]
      { left_m: middle - half, right_m: middle + half, bottom_m: bottom, top_m: bottom + @survey[:mirror_height_m] }
    end

    def stair
      count = @survey[:steps] || [(@survey[:going_m] / TREAD).round, 1].max
      treads = (0...count).map { |i| { x_m: @survey[:going_m] * i / count, y_m: @survey[:rise_m] * (i + 1) / count } }
      { treads: treads, going_m: @survey[:going_m], rise_m: @survey[:rise_m], rail_m: @survey[:height_m],
        newel: @survey[:newel] }
    end

    # Each stem where it sits; the seed of its look is its place in this list.
    def stems
      @reckoning.stems.flat_map do |those|
        those.places.map do |at|
          { style: those.style.id, at_m: at, rise_m: those.stem.rise_m, trail_m: those.stem.trail_m,
            spread_m: those.stem.spread_m, **point(at) }
        end
      end
    end

    def styles
      used = [*@reckoning.greenery_styles, *@reckoning.accents.map(&:first), @reckoning.ribbon_style,
              @reckoning.string_style].compact.uniq
      used.to_h do |style|
        [style.id || "plain",
         { name: style.name, colour: style.colour, texture: style.texture, kind: style.kind,
           diameter_m: (style.diameter_mm || 60) / 1000.0 }]
      end
    end

    # Where one piece of garland goes into the next.
    def joins
      @reckoning.bodies.flat_map do |body|
        (1..body.joins).map { |i| point(body.from_m + ((body.to_m - body.from_m) * i / (body.joins + 1))) }
      end
    end

    # Evenly along the run, styles taking turns by how many there are of each.
    def accents
      order = @reckoning.accents_in_order
      order.each_with_index.map do |style, i|
        { style: style.id, **edge(@path.length * (i + 0.5) / order.size, (((i * GOLDEN) % 1) * 0.8) - 0.4) }
      end
    end

    def bulbs
      count = @reckoning.lights ? @reckoning.lights[:need] : 0
      (0...count).map { |i| edge(@path.length * (i + 0.5) / count, (((i * GOLDEN) % 1) * 1.8) - 0.9) }
    end

    def ribbon
      said = @reckoning.settings[:ribbon]
      count, = @reckoning.ribbon_parts
      places = case said[:method]
               when "weave" then (0..(@path.length / 0.1).ceil).map do |i|
                 edge([i * 0.1, @path.length].min, i.even? ? 0.6 : -0.6)
               end
               when "loops" then (0...count).map { |i| edge(@path.length * (i + 0.5) / count, i.even? ? 0.3 : -0.3) }
               when "bows" then joins.empty? ? [edge(@path.length / 2, 0)] : joins.map { |at| at.slice(:x_m, :y_m) }
               else []
               end
      { method: said[:method], style: said[:style], places: places, loop_m: said[:chord_m] }
    end

    def stockings
      answer = @reckoning.stockings or return []
      said = @reckoning.settings[:mantel]
      return [] if @reckoning.holder == "rail"

      answer[:centres_m].map do |x|
        { x_m: x, top_m: @survey[:height_m] - SHELF, width_m: said[:stocking_width_m],
          length_m: said[:stocking_length_m] }
      end
    end

    def things
      @reckoning.settings[:mantel][:things].map do |thing|
        drawn = thing.slice(:name, :width_m, :height_m, :lightness, :see_through)
        { **drawn, x_m: thing[:at_m], bottom_m: @survey[:height_m] }
      end
    end
  end
end
