# frozen_string_literal: true

module DeckBough
  # Every rule's answer for one tree in its place; the plan's ledger, drawing and cautions all read from here.
  #
  # Nothing is computed twice and nothing is computed that the chosen methods do not need.
  class TreeReckoning
    include RibbonReckoning
    include Asking

    # What picks call lush is full cover everywhere else.
    PICKS_COVER = { "airy" => "airy", "balanced" => "balanced", "full" => "lush" }.freeze
    # Which setting to mend when a rule refuses what the settings come to.
    POINTERS = {
      "tree.visible_area" => %w[measure height_m], "tree.fit" => %w[measure height_m],
      "tree.best_size" => %w[measure riser_m],
      "tree.tip_angle" => %w[measure support_width_m], "lights.count" => %w[lights school],
      "lights.power" => %w[lights bulbs_per_string],
      "lights.battery" => %w[lights battery_units], "lights.pitch" => %w[lights string_m],
      "ornaments.by_foot" => %w[ornaments styles],
      "ornaments.by_cover" => %w[ornaments cover], "ornaments.mix" => %w[ornaments own_total],
      "ornaments.map" => %w[ornaments own_total],
      "picks.tree" => %w[picks cover], "ribbon.tuck" => %w[ribbon stand_m], "ribbon.cascade" => %w[ribbon streams],
      "ribbon.spiral" => %w[ribbon pitch_m], "ribbon.bow" => %w[crown loop_m],
      "ribbon.two_part_bow" => %w[crown loop_m],
      "ribbon.share" => %w[ribbon share], "ribbon.fabric_strips" => %w[ribbon cloth_width_m],
      "ribbon.cut_plan" => %w[ribbon method],
      "garland.tree" => %w[ribbon garland_pitch_m], "garland.swag" => %w[ribbon garland_width_m],
      "garland.pieces" => %w[ribbon garland_pitch_m]
    }.freeze

    attr_reader :settings, :surroundings, :house, :units, :region

    # @param settings [Hash] from TreeSettings.check, with a height
    # @param styles [Hash{String => Style}] by id
    # @param kept [#fetch] answers that took long, by what was asked; fetch(key) { answer }
    def initialize(settings:, surroundings:, styles:, house:, units:, region: Region.default, kept: nil)
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
      @region = region
      @kept = kept
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
      @surface ||= TreeSurface.new(height_m: measure[:height_m], spread_m: spread, hem_m: area[:hem_m],
                                   arc_deg: arc_deg,
                                   p: roundness)
    end

    def area
      @area ||= ask("tree.visible_area", height_m: measure[:height_m], spread_m: spread, hem_m: measure[:hem_m],
                                         arc_deg: arc_deg,
                                         p: roundness)
    end

    def fit
      @fit ||= fit_of(measure[:height_m], spread)
    end

    # The fit of any size in this place; the bench shows it for every size of the catalogue.
    def fit_of(height_m, spread_m)
      ask("tree.fit", ceiling_m: ceiling_above(spread_m), height_m: height_m, spread_m: spread_m,
                      riser_m: measure[:riser_m],
                      topper_rise_m: topper_rise, free_width_m: surroundings.free_width_m,
                      free_depth_m: surroundings.free_depth_m, walkway_m: surroundings.walkway_m,
                      wall_m: surroundings.wall_m)
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
      @lights ||= ask("lights.count", area_m2: lit_area, height_m: measure[:height_m],
                                      school: settings[:lights][:school], working_bulbs: working_bulbs,
                                      bulbs_per_string: string_style&.bulbs || settings[:lights][:bulbs_per_string])
    end

    # In to the trunk and out along branches there is more to light than the outside (handbook 20).
    def lit_area
      area[:area_m2] * (deep_wrap? ? house["lights.deep_wrap"] : 1)
    end

    def deep_wrap?
      settings[:lights][:way] == "deep"
    end

    # Lights already on the tree count only if they work.
    def working_bulbs
      said = settings[:lights]
      said[:working_bulbs] + ((said[:prelit_strings] - said[:prelit_dead]) * said[:prelit_bulbs])
    end

    def globe_style
      @styles[settings[:lights][:globe_style]]
    end

    # Round bulbs on top of the small ones.
    def globes
      school = settings[:lights][:globes]
      school == "none" ? 0 : (house["lights.globe_#{school}"] * area[:area_m2]).round
    end

    # @return [LightPower]
    def power
      @power ||= LightPower.new(self)
    end

    def battery
      said = settings[:lights]
      return nil if said[:battery_units].zero?

      @battery ||= ask("lights.battery", hours_per_set: said[:battery_hours],
                                         hours_per_day: said[:battery_hours_a_day], days: said[:battery_days],
                                         cells_per_set: said[:battery_cells], units: said[:battery_units])
    end

    # Bulbs already on the tree lie as long as strings of the same kind would.
    def pitch
      lit = [lights[:need], working_bulbs + (lights[:strings] * bulbs_per_string)].max.fdiv(bulbs_per_string)
      @pitch ||= ask("lights.pitch", area_m2: lit_area, slant_m: area[:slant_m], lit_length_m: lit * string_length)
    end

    def string_length
      string_style&.lit_length_m || settings[:lights][:string_m]
    end

    def bulbs_per_string
      lights.inputs[:bulbs_per_string]
    end

    def crown_style
      @styles[settings[:crown][:style]] || ribbon_styles.first
    end

    def ornament_styles
      chosen(:ornaments)
    end

    # @return [Array<Style>] those chosen, then those that stand in for what is missing
    def hung_styles
      @hung_styles ||= begin
        instead = if ornament_styles.empty?
                    []
                  else
                    settings[:ornaments][:missing].filter_map do |one|
                      stand_in(one[:instead], "ornament")
                    end
                  end
        (ornament_styles + instead).uniq
      end
    end

    # @return [Style, nil]
    def style(id)
      @styles[id]
    end

    # What is named to stand in for something of a kind, if it is of that kind.
    #
    # @return [Style, nil]
    def stand_in(id, kind)
      style(id)&.then { |style| style if style.kind == kind }
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

    # How many hang: the planned number, less what is crossed out or has no place, with what mends added.
    def hung_total
      ornament_styles.empty? ? ornament_total : hanging.total
    end

    # Picks by cover, and those that fill empty spots.
    def picks_total
      picks[:total] + hanging.fill_count("picks")
    end

    def mix
      @mix ||= ask("ornaments.mix", height_m: measure[:height_m], total: ornament_total)
    end

    def pick_styles
      chosen(:picks)
    end

    def picks
      @picks ||= ask("picks.tree",
                     area_m2: area[:area_m2], cover: PICKS_COVER.fetch(settings[:picks][:cover]),
                     crown: settings[:picks][:crown])
    end

    def best_size
      @best_size ||= BestSizeSearch.new(self).call
    end

    # For a rule that takes its time: asked again only when it would answer otherwise.
    def ask_once(rule, **inputs)
      return ask(rule, **inputs) unless @kept

      @kept.fetch([rule, inputs, house.changes, units]) { ask(rule, **inputs).settled }
    end

    def shares
      @shares ||= OrnamentShares.new(total: ornament_total, mix: mix, styles: ornament_styles, house: house,
                                     even: settings[:ornaments][:count_by] == "foot",
                                     wary: surroundings.pets.include?("cat"))
    end

    def hanging
      @hanging ||= HangingPlan.new(self)
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
