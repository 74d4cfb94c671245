# frozen_string_literal: true

module DeckBough
  # What a mantel as a whole wants watched: the fire under it, its balance, its mirror, its stockings.
  # Source: handbook 50, Mantel as a whole.
  #
  # Part of RunCautions.
  module MantelCautions
    private

    def fire
      return [] unless @survey[:kind] == "mantel"

      zone = RunDrawing.clear_zone(@survey, @house)
      burning = @survey[:firebox] == "working"
      into = zone ? into_zone(zone) : nil
      kept = { beside_m: @house["garland.fire_beside"], above_m: @house["garland.fire_above"] }
      [(of(:fire_zone, what: into, **kept) if into),
       (of(:fire_lit) if burning && @survey[:dressed_lit]), (of(:fire_unlit) if burning && !@survey[:dressed_lit])]
    end

    # What reaches into the zone kept clear, in words; nil when nothing does.
    def into_zone(zone)
      inner = @reckoning.profile[:samples].select do |sample|
        inside?(zone, lower_edge(sample)) || inside?(zone, @reckoning.path.at(sample[:at_m]))
      end
      drops, shelf = inner.partition { |sample| @reckoning.path.part_at(sample[:at_m]).holds == "drop" }
      parts = [("the drop" if drops.any?), ("what trails from the shelf" if shelf.any?)].compact
      parts << "the stockings" if stockings_in?(zone)
      parts.empty? ? nil : parts.join(" and ")
    end

    def lower_edge(sample)
      x, y = @reckoning.path.at(sample[:at_m])
      out_x, out_y = @reckoning.path.outward(sample[:at_m])
      [x - (out_x * sample[:lower_m]), y - (out_y * sample[:lower_m])]
    end

    def inside?(zone, point)
      point[0].between?(zone[:left_m], zone[:right_m]) && point[1] < zone[:top_m]
    end

    def stockings_in?(zone)
      answer = @reckoning.stockings or return false
      return false if @reckoning.holder == "rail"

      foot = @survey[:height_m] - @settings[:mantel][:stocking_length_m]
      answer[:centres_m].any? { |x| inside?(zone, [x, foot]) }
    end

    def mantel
      return [] unless %w[mantel ledge].include?(@survey[:kind])

      [*leaning, (of(:mirror_competes) if mirror_competes?), *overhanging, *stockings]
    end

    # What is deeper than the shelf stands over its edge.
    def overhanging
      depth = @survey[:depth_m] or return []
      @settings[:mantel][:things].select { |thing| thing[:depth_m] > depth }.first(RunCautions::TOLD).map do |thing|
        of(:thing_deep, name: thing[:name], wants_m: thing[:depth_m], depth_m: depth)
      end
    end

    def leaning
      return [] if @reckoning.balance.nil? || @reckoning.bodies.empty?

      @settings[:mantel][:school] == "mirrored" ? mirrored(@reckoning.balance) : one_sided(@reckoning.balance[:value])
    end

    def mirrored(answer)
      even = answer[:value].abs <= @house["balance.mirrored"]
      even ? [] : [of(:leans, side: answer[:side], percent: (answer[:value].abs * 100).round)]
    end

    def one_sided(value)
      side = @settings[:mantel][:side]
      towards = side == "left" ? -value : value
      return [of(:one_sided_little, side: side)] if towards < @house["balance.one_sided_low"]

      towards > @house["balance.one_sided_high"] ? [of(:one_sided_much, side: side)] : []
    end

    # A large mirror over busy greens: wide, and they stand up before it.
    def mirror_competes?
      wide = @survey[:length_m] && @survey[:mirror_width_m] > @survey[:length_m] / 2
      wide && @reckoning.profile[:samples].map { |sample| sample[:upper_m] }.max > 0.15 &&
        @reckoning.greenery_styles.size + @reckoning.accents.size >= 4
    end

    def stockings
      answer = @reckoning.stockings or return []
      said = @settings[:mantel]
      holder = @reckoning.holder
      return answer.findings if holder == "rail"

      may = @house["garland.#{holder}"] * @house["garland.rated_share"]
      [*answer.findings, (of(:stocking_heavy, weighs_kg: said[:stocking_kg], may_kg: may) if said[:stocking_kg] > may),
       (of(:stockings_fire) if @survey[:firebox] == "working"),
       (of(:shelf_holder) if holder == "shelf_weight" && @place.children.any?),
       (of(:holder_no_nails) unless Greenery::Fixings::BY_NAME.fetch(holder).permitted?(@place))]
    end
  end
end
