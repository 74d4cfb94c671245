# frozen_string_literal: true

module DeckBough
  # The single figures the bench shows large, each with the sheet of its working.
  class TreeFigures
    def initialize(reckoning)
      @reckoning = reckoning
    end

    # @return [Hash{Symbol => Hash}] { value:, unit:, sheet: } by name
    def call
      shown(entries)
    end

    # Those that only the places of the ornaments give.
    def placed
      shown(hanging_entries)
    end

    # @return [Work]
    def work
      @work ||= TreeWork.of(@reckoning)
    end

    # @return [Hash{String => Hash}]
    def sheets
      house = @reckoning.house
      { "area" => WorkingSheet.of("Visible surface", [@reckoning.area], house),
        "fit" => WorkingSheet.of("Fit in its place", [@reckoning.fit], house),
        "bulbs" => WorkingSheet.of("Bulbs", [@reckoning.area, @reckoning.lights], house, others: [by_height]),
        "pitch" => WorkingSheet.of("Distance between turns", [@reckoning.pitch], house),
        "ornaments_total" => ornaments_sheet, "picks_total" => picks_sheet,
        "minutes" => work.sheet, **optional_sheets }
    end

    private

    def shown(figures)
      figures.transform_values { |value, unit, sheet| { value: value, unit: unit, sheet: sheet } }
    end

    def entries
      fit = @reckoning.fit
      { area: [@reckoning.area[:area_m2], "m2", "area"], spread: [@reckoning.spread, "m", "area"],
        slant: [@reckoning.area[:slant_m], "m", "area"], hem: [@reckoning.area[:hem_m], "m", "area"],
        arc: [@reckoning.arc_deg, "degrees", "area"], tip_gap: [fit[:tip_gap_m], "m", "fit"],
        air_gap: [fit[:air_gap_m], "m", "fit"], share: [fit[:share], "share", "fit"],
        height_verdict: [fit[:height], "verdict", "fit"],
        floor_verdict: [fit[:floor], "verdict", "fit"], bulbs: [@reckoning.lights[:need], "bulbs", "bulbs"],
        bulbs_by_height: [@reckoning.lights[:by_height], "bulbs", "bulbs"],
        strings: [@reckoning.lights[:strings], "strings", "bulbs"],
        spare_strings: [@reckoning.lights[:spare_strings], "strings", "bulbs"],
        pitch: [@reckoning.pitch[:pitch_m], "m", "pitch"],
        turns: [@reckoning.pitch[:turns], "turns", "pitch"],
        ornaments: [@reckoning.hung_total, "pieces", "ornaments_total"],
        ornaments_planned: [@reckoning.ornament_total, "pieces", "ornaments_total"],
        by_cover: [@reckoning.by_cover[:total], "pieces", "ornaments_total"],
        picks: [@reckoning.picks_total, "picks", "picks_total"],
        skirt: [@reckoning.spread * @reckoning.settings[:foot][:cover_share], "m", "area"],
        minutes: [work.minutes, "minutes", "minutes"], **optional_entries }
    end

    def optional_entries
      found = {}
      found[:by_foot] = [@reckoning.by_foot[:total], "pieces", "ornaments_total"] if @reckoning.by_foot
      found[:tip_angle] = [@reckoning.tip_angle[:tip_angle_deg], "degrees", "tip_angle"] if @reckoning.tip_angle
      found[:crown_ribbon] = [@reckoning.crown_m, "m", "crown_ribbon"] if @reckoning.crown_bow
      found.merge(ribbon_entries, garland_entries, light_entries)
    end

    def light_entries
      power = @reckoning.power.answer
      found = {}
      if power
        found.merge!(amps: [power[:amps], "A", "power"], load_limit: [power[:limit_amps], "A", "power"],
                     load: [power[:load], "verdict", "power"],
                     sockets: [power[:runs], "sockets", "power"], load_share: [power[:share], "share", "power"])
      end
      found[:cord] = [@reckoning.power.cord_m, "m", "cord"] if @reckoning.power.cord_m
      found[:globes] = [@reckoning.globes, "bulbs", "globes"] if @reckoning.globes.positive?
      found[:cells] = [@reckoning.battery[:cells], "cells", "battery"] if @reckoning.battery
      found
    end

    def hanging_entries
      whole = @reckoning.hanging.evenness[:whole] or return {}
      { evenness: [whole, "of 2.15", "hanging"],
        largest_gap: [@reckoning.hanging.evenness[:largest_gap], "spacings", "hanging"] }
    end

    def garland_entries
      @reckoning.garland ? { garland: [@reckoning.garland[:length_m], "m", "garland"] } : {}
    end

    def ribbon_entries
      return {} unless @reckoning.ribbon

      found = { ribbon: [@reckoning.body_m, "m", "ribbon"],
                ribbon_parts: [@reckoning.ribbon_shares.parts, "pieces", "ribbon"] }
      found[:cloth_strips] = [@reckoning.cloth[:strips], "strips", "cloth"] if @reckoning.cloth
      found[:scarce_pieces] = [scarce[:scarce_pieces], "pieces", "scarce"] if scarce
      found
    end

    def optional_sheets
      house = @reckoning.house
      found = {}
      found["tip_angle"] = WorkingSheet.of("Tip angle", [@reckoning.tip_angle], house) if @reckoning.tip_angle
      if @reckoning.crown_bow
        found["crown_ribbon"] = WorkingSheet.of("Bow for the crown", [@reckoning.crown_bow], house,
                                                more: cut_steps(@reckoning.crown_cuts.values.flatten))
      end
      found["ribbon"] = ribbon_sheet if @reckoning.ribbon
      found["garland"] = WorkingSheet.of("Garland on the tree", [@reckoning.garland], house) if @reckoning.garland
      found["cloth"] = WorkingSheet.of("Strips of cloth", [@reckoning.cloth], house) if @reckoning.cloth
      found["scarce"] = WorkingSheet.of("Sharing a scarce ribbon", [scarce], house) if scarce
      if @reckoning.power.answer
        found["power"] = WorkingSheet.of("Load on the circuit", [@reckoning.power.answer], house)
      end
      found["cord"] = WorkingSheet.of("Cord to the socket", [], house, more: [cord_step]) if @reckoning.power.cord_m
      found["hanging"] = hanging_sheet if @reckoning.hanging.answer
      found
    end

    def ribbon_sheet
      WorkingSheet.of("Ribbon", [@reckoning.ribbon], @reckoning.house,
                      more: cut_steps(@reckoning.body_cuts.flat_map(&:last)))
    end

    def scarce
      said = @reckoning.settings[:ribbon]
      return nil unless said[:share] == "scarce" && @reckoning.ribbon && @reckoning.ribbon_styles.size > 1

      @scarce ||= @reckoning.ribbon_shares.scarce
    end

    def cord_step
      way = @reckoning.settings[:lights][:socket_way_m]
      slack = @reckoning.house["lights.cord_slack"]
      WorkingStep.new(says: "Way round the room and slack, next length that is sold",
                      sum: "#{@reckoning.jotting.long(way)} × #{Figure.print(1 + slack)}", gives: "cord_m",
                      value: @reckoning.power.cord_m, unit: "m")
    end

    # Places and evenness are lists; what the sheet tells is what was measured.
    def hanging_sheet
      answer = @reckoning.hanging.answer
      sheet = WorkingSheet.of("Hanging map", [answer], @reckoning.house)
      measured = { "sites" => [answer[:sites].size, "pieces"],
                   "evenness" => [answer[:evenness][:whole]&.round(3), "of 2.15"],
                   "unplaced" => [answer[:unplaced].sum { |one| one[:count] }, "pieces"] }
      { **sheet, steps: sheet[:steps].map do |step|
        if measured.key?(step[:gives])
          { **step, value: measured[step[:gives]].first, unit: measured[step[:gives]].last }
        else
          step
        end
      end }
    end

    # What the rule gives, as it is cut.
    def cut_steps(lengths)
      sum = lengths.tally.sort.map { |length, count| "#{count} × #{@reckoning.jotting.long(length)}" }.join(" + ")
      step = Length.print(@reckoning.cut_length(0.01), @reckoning.units)
      [WorkingStep.new(says: "Cut, rounded up to whole #{step}", sum: sum, gives: "length_m", value: lengths.sum,
                       unit: "m")]
    end

    # Both schools side by side, whichever is used, and why they part.
    def ornaments_sheet
      used = @reckoning.settings[:ornaments][:count_by]
      answers = [(used == "foot" ? @reckoning.by_foot : @reckoning.by_cover), @reckoning.mix].compact
      others = []
      if used != "foot" && @reckoning.by_foot
        others << { says: "By the foot it would be", value: @reckoning.by_foot[:total], unit: "pieces" }
      end
      others << { says: "By cover it would be", value: @reckoning.by_cover[:total], unit: "pieces" } if used != "cover"
      WorkingSheet.of("Ornaments", answers, @reckoning.house, others: others, more: [*planned_step, *changes])
    end

    def planned_step
      return [] unless @reckoning.settings[:ornaments][:count_by] == "own"

      [counted("As the person says", "own number", @reckoning.ornament_total)]
    end

    # What hangs differs from what was planned.
    def changes
      hanging = @reckoning.hanging
      parts = { "crossed out" => -hanging.crossed_out, "in their place" => hanging.stand_ins.total,
                "without a place" => -hanging.without_place,
                "added by mends" => hanging.added_count }.reject { |_, count| count.zero? }
      return [] if parts.empty? || @reckoning.ornament_styles.empty?

      sum = parts.map { |word, count| "#{count.negative? ? '−' : '+'} #{count.abs} #{word}" }.join(" ")
      [counted("What hangs", "#{@reckoning.ornament_total} #{sum}", @reckoning.hung_total)]
    end

    def picks_sheet
      filled = @reckoning.hanging.fill_count("picks")
      more = if filled.zero?
               []
             else
               [WorkingStep.new(says: "With those that fill empty spots", gives: "total", unit: "picks",
                                sum: "#{@reckoning.picks[:total]} + #{filled}", value: @reckoning.picks_total)]
             end
      WorkingSheet.of("Picks", [@reckoning.picks], @reckoning.house, more: more)
    end

    def counted(says, sum, value)
      WorkingStep.new(says: says, sum: sum, gives: "total", value: value, unit: "pieces")
    end

    def by_height
      { says: "By the foot it would be", value: @reckoning.lights[:by_height], unit: "bulbs" }
    end
  end
end
