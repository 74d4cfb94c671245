# frozen_string_literal: true

require_relative "run_holding_cautions"
require_relative "mantel_cautions"

module DeckBough
  # Cautions of a run at the step where they matter (handbook 50, 95). It warns and defers; it certifies nothing.
  class RunCautions
    include RunHoldingCautions
    include MantelCautions

    # Of many places the worst are told.
    TOLD = 2

    def initialize(reckoning)
      @reckoning = reckoning
      @survey = reckoning.survey
      @settings = reckoning.settings
      @place = reckoning.surroundings
      @house = reckoning.house
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of("measure" => measure, "anchors" => anchors, "body" => body, "rise_and_trail" => rise_and_trail,
                  "lights" => lights,
                  "accents" => accents, "mantel" => mantel)
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    def measure
      [*fire, *rail, (of(:ring_power) if @survey[:kind] == "ring"), *heights, *room,
       (of(:run_exit) if @survey[:kind] == "frame")]
    end

    def heights
      high = @reckoning.path.parts.any? do |part|
        [part.from_m, part.to_m].any? { |place| @reckoning.path.above_standing(place) > @house["tree.ladder"] }
      end
      [(of(:ladder, ladder_m: @house["tree.ladder"]) if high), (of(:ladder_stairs) if @survey[:kind] == "rail"), *drops]
    end

    def drops
      low = @reckoning.path.drops.map { |part| @reckoning.path.lowest(part) }.min
      least = @house["garland.off_floor"]
      low && low < least && @survey[:kind] != "rail" ? [of(:drop_on_floor, off_m: low, least_m: least)] : []
    end

    # What is longer or higher than the room cannot be in it.
    def room
      long = RunSettings.length(@settings)
      wide = [@place.ceiling.width_m, @place.room_depth_m].compact.max
      ends = @reckoning.path.parts.flat_map { |part| [part.from_m, part.to_m] }
      top = ends.map { |at| @reckoning.path.at(at)[1] }.max
      low = [@place.ceiling.left_m, @place.ceiling.right_m].max
      [(of(:run_beyond_room, length_m: long, room_m: wide) if long && long > wide),
       (of(:run_beyond_ceiling, top_m: top, ceiling_m: low) if top > low && @survey[:kind] != "rail")]
    end

    def rail
      return [] unless @survey[:kind] == "rail"

      [(of(:rail_no_grasp) unless @survey[:free_side]), of(:rail_treads)]
    end

    def body
      styles = @reckoning.greenery_styles
      allergy = @place.conifer_allergy && styles.any? { |style| style.material == "real" }
      [(of(:body_none) if @reckoning.bodies.empty?), *shelf_shallow, (of(:conifer_allergy) if allergy), *hands(styles)]
    end

    def hands(styles)
      styles.empty? ? [] : [of(:wire_hands)]
    end

    # A mantel shallower than the loft and what stands on it: fix to the edge, keep the shelf for candles.
    def shelf_shallow
      depth = @survey[:depth_m]
      return [] unless depth && %w[mantel ledge].include?(@survey[:kind]) && @reckoning.bodies.any?

      wants = @reckoning.bodies.map { |one| one.item[:loft_m] }.max +
              (@settings[:mantel][:things].map { |thing| thing[:depth_m] }.max || 0)
      return [] unless depth < wants

      candles = @place.climbers.nil? && @survey[:firebox] != "working"
      [of(candles ? :shelf_shallow : :shelf_shallow_clear, depth_m: depth, wants_m: wants)]
    end

    def rise_and_trail
      [*outline, *nests, *mix]
    end

    def outline
      thin = @reckoning.profile[:short].max_by(TOLD) { |part| part[:by_m] }.sort_by { |part| part[:from_m] }
      full = @reckoning.profile[:over].max_by { |part| part[:by_m] }
      @reckoning.bodies.empty? ? [] : [*thin.map { |part| stretch(:thin, part) }, (stretch(:too_thick, full) if full)]
    end

    def stretch(code, part)
      told, values = Greenery::Comparison.told(code, part)
      of(told, **values)
    end

    def nests
      least = @house["garland.nest"]
      thin = @reckoning.stems.select { |stems| stems.stem.trail_m.positive? }
                       .flat_map(&:places).map { |at| @reckoning.layers.body_at(at) }
                       .min
      thin && thin < least ? [of(:nest_thin, body_m: thin, least_m: least)] : []
    end

    def mix
      styles = @reckoning.greenery_styles
      return [] if styles.empty?

      textures = styles.filter_map(&:texture).uniq.size
      [(of(:greens_few) if @reckoning.greens.size < 2), (of(:textures_few, count: textures) if textures < 3), *apart]
    end

    # Greens repeat in the room's other pieces.
    def apart
      others = @reckoning.elsewhere
      return [] if others.nil? || others.empty? || others.intersect?(@reckoning.greenery_styles.map(&:id))

      [of(:greens_alone)]
    end

    def lights
      return [of(:dark_at_night)] unless @reckoning.lights

      [of(:test_lights), (of(:see_through) if @settings[:mantel][:things].any? { |thing| thing[:see_through] })]
    end

    def accents
      most = @house["garland.accents_most"]
      small =
        @reckoning.greenery_styles.any? { |style| style.texture == "berry" } &&
        @place.children.any? { |age| age < @house["tree.small_parts_age"] }
      share = @reckoning.accent_share
      [(of(:accents_hide, percent: (share * 100).round, most: (most * 100).round) if share > most),
       (of(:small_parts) if small)]
    end
  end
end
