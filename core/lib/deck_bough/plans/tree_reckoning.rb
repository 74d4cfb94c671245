# frozen_string_literal: true

module DeckBough
  # Every rule's answer for one tree in its place; the plan's ledger, drawing and cautions all read from here.
  #
  # Nothing is computed twice and nothing is computed that the chosen methods do not need.
  class TreeReckoning
    attr_reader :settings, :surroundings, :house, :units

    # @param settings [Hash] from TreeSettings.check, with a height
    # @param styles [Hash{String => Style}] by id
    def initialize(settings:, surroundings:, styles:, house:, units:)
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
    end

    def chosen?
      !measure[:height_m].nil?
    end

    def measure
      settings[:measure]
    end

    def ratio
      house["tree.ratio_#{measure[:shape]}"]
    end

    def roundness
      measure[:shape] == "full" ? house["tree.round_full"] : 1.0
    end

    def arc_deg
      house[measure[:shape] == "half" ? "tree.arc_half" : "tree.arc_#{surroundings.stance}"]
    end

    def spread
      measure[:spread_m] || (ratio * measure[:height_m])
    end

    def topper_rise
      settings[:crown][:topper] == "none" ? 0 : settings[:crown][:rise_m]
    end

    # The lowest ceiling above a spread standing in this place.
    def ceiling_above(spread_m)
      surroundings.ceiling.lowest_above(surroundings.from_left_m, spread_m)
    end

    def surface
      @surface ||= TreeSurface.new(height_m: measure[:height_m], spread_m: spread, hem_m: area[:hem_m], arc_deg: arc_deg,
                                   p: roundness)
    end

    def area
      @area ||= ask("tree.visible_area", height_m: measure[:height_m], spread_m: spread, hem_m: measure[:hem_m], arc_deg: arc_deg,
                                         p: roundness)
    end

    def fit
      @fit ||= fit_of(measure[:height_m], spread)
    end

    # The fit of any size in this place; the bench shows it for every size of the catalogue.
    def fit_of(height_m, spread_m)
      ask("tree.fit", ceiling_m: ceiling_above(spread_m), height_m: height_m, spread_m: spread_m, riser_m: measure[:riser_m],
                      topper_rise_m: topper_rise, free_width_m: surroundings.free_width_m,
                      free_depth_m: surroundings.free_depth_m, walkway_m: surroundings.walkway_m, wall_m: surroundings.wall_m)
    end

    def tip_angle
      return nil unless measure[:support_width_m]

      @tip_angle ||= ask("tree.tip_angle", support_width_m: measure[:support_width_m], riser_m: measure[:riser_m],
                                           height_m: measure[:height_m])
    end

    def string_style
      @styles[settings[:lights][:style]]
    end

    def lights
      @lights ||= ask("lights.count", area_m2: area[:area_m2], height_m: measure[:height_m], school: settings[:lights][:school],
                                      working_bulbs: settings[:lights][:working_bulbs],
                                      bulbs_per_string: string_style&.bulbs || settings[:lights][:bulbs_per_string])
    end

    # Bulbs already on the tree lie as long as strings of the same kind would.
    def pitch
      lit = [lights[:need], settings[:lights][:working_bulbs] + (lights[:strings] * bulbs_per_string)].max.fdiv(bulbs_per_string)
      @pitch ||= ask("lights.pitch", area_m2: area[:area_m2], slant_m: area[:slant_m], lit_length_m: lit * string_length)
    end

    def string_length
      string_style&.lit_length_m || settings[:lights][:string_m]
    end

    def bulbs_per_string
      lights.inputs[:bulbs_per_string]
    end

    def crown_bow
      crown = settings[:crown]
      return nil unless crown[:topper] != "none" && crown[:kind] == "bow"

      @crown_bow ||= ask("ribbon.bow", **crown.slice(:loops, :loop_m, :tails, :tail_m))
    end

    def crown_style
      @styles[settings[:crown][:style]] || ribbon_styles.first
    end

    def ribbon_styles
      chosen(:ribbon)
    end

    def streams
      settings[:ribbon][:streams] || Rules::Ribbon::Cascade.streams_for(arc_deg, house)
    end

    # The answer of the chosen method; nil for none. For bows it is the answer for one bow.
    def ribbon
      @ribbon ||= case settings[:ribbon][:method]
                  when "tuck" then ask("ribbon.tuck", area_m2: area[:area_m2], **ribbon_said(:cover, :loops, :chord_m, :stand_m))
                  when "cascade" then ask("ribbon.cascade", slant_m: area[:slant_m], streams: streams, **ribbon_said(:billow))
                  when "spiral" then ask("ribbon.spiral", area_m2: area[:area_m2], **ribbon_said(:pitch_m, :billow))
                  when "bows" then ask("ribbon.bow", **TREE_BOW)
                  end
    end

    # A bow tied on a branch; the crown has its own measures.
    TREE_BOW = { loops: 4, loop_m: 0.09, tails: 2, tail_m: 0.25 }.freeze

    def ornament_styles
      chosen(:ornaments)
    end

    def by_foot
      return nil if ornament_styles.empty?

      @by_foot ||= ask("ornaments.by_foot", height_m: measure[:height_m],
                                            styles: ornament_styles.map { |style| { breakable: style.breakable } })
    end

    def by_cover
      @by_cover ||= ask("ornaments.by_cover", area_m2: area[:area_m2], cover: settings[:ornaments][:cover])
    end

    def ornament_total
      case settings[:ornaments][:count_by]
      when "foot" then by_foot ? by_foot[:total] : 0
      when "cover" then by_cover[:total]
      when "own" then settings[:ornaments][:own_total]
      end
    end

    def mix
      @mix ||= ask("ornaments.mix", height_m: measure[:height_m], total: ornament_total)
    end

    def pick_styles
      chosen(:picks)
    end

    def picks
      @picks ||= ask("picks.tree", area_m2: area[:area_m2], **settings[:picks].slice(:cover, :crown))
    end

    def best_size
      @best_size ||= BestSizeSearch.new(self).call
    end

    def ask(rule, **inputs)
      Catalogue.answer(rule, inputs, house: house, units: units)
    end

    private

    def chosen(group)
      settings[group][:styles].filter_map { |id| @styles[id] }
    end

    def ribbon_said(*names)
      settings[:ribbon].slice(*names)
    end
  end
end
