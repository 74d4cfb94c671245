# frozen_string_literal: true

module DeckBough
  # What would mend the cautions of a wreath, each tried on the wreath before it is offered: it takes its caution away
  # and brings no other in its step, notes apart.
  #
  # Source: handbook 60, Size, Hanging and Dressing; the step back.
  class WreathMends
    MOST = 6
    # How far a centre is moved at most, and by how much a try; metres.
    FAR = 0.5
    TRY = 0.02
    # Both sides weigh the same in these.
    EVEN = { "bottom_swag" => "as a bottom swag", "top_swag" => "as a top swag", "all_round" => "all round" }.freeze
    # Of each caution: the step it is told at, and who looks for a mend.
    WAYS = { "wreath_over_top" => %i[size centres], "wreath_under_edge" => %i[size centres],
             "wreath_covers" => %i[size centres], "wreath_glass" => %i[size centres],
             "wreath_lying_narrow" => %i[size openings],
             "wreath_wider" => %i[size sizes], "wreath_large" => %i[size sizes], "wreath_small" => %i[size sizes],
             "anchor_near" => %i[hang anchors],
             "wreath_over" => %i[hang fixings], "wreath_hold_not_here" => %i[hang fixings],
             "fixing_no_nails" => %i[hang fixings], "wreath_leans" => %i[layers layouts],
             "wreath_tails" => %i[star tails], "wreath_star_hidden" => %i[star stars],
             "wreath_wires" => %i[step_back wires] }.freeze

    # @param reckoning [WreathReckoning] measured
    # @param choice [Hash, nil] of the plan: style of the stock that fits
    # @param stock [Array<Style>]
    def initialize(reckoning, choice:, stock:)
      @reckoning = reckoning.knowing(stock)
      @choice = choice
    end

    # @return [Array<Hash>] code of the caution, says, changes (fields by group)
    def call
      codes = WreathCautions.new(@reckoning).call.map { |caution| caution[:code].to_s }.uniq
      mends = codes.filter_map { |code| WAYS.key?(code) && mend(code, *WAYS.fetch(code)) }
      mends.uniq { |one| one[:changes] }.first(MOST)
    end

    private

    # The first of what could be tried that really mends it.
    def mend(code, step, way)
      before = worries(@reckoning, step)
      send(way).each do |says, changes|
        made = @reckoning.with(changes)
        WreathSettings.check(made.settings)
        after = worries(made, step)
        next if after.key?(code) || (after.keys - before.keys).any? { |one| after[one] != "info" }

        return { code: code, says: says.call, changes: whole(changes) }
      rescue InputError, UnplannableError
        next
      end
      nil
    end

    # Severity by code.
    def worries(reckoning, step)
      WreathCautions.new(reckoning).at(step.to_s).to_h { |finding| [finding.code.to_s, finding.severity] }
    end

    # Groups as settings take them, with what stays.
    def whole(changes)
      changes.to_h { |group, fields| [group, @reckoning.settings[group].merge(fields)] }
    end

    def say(code, **values)
      -> { Finding.of(code, units: @reckoning.units, **values).message }
    end

    # Near ones first.
    def centres
      now = @reckoning.centre_m
      (1..(FAR / TRY).round).flat_map { |i| [now + (i * TRY), now - (i * TRY)] }.filter_map do |centre|
        at = centre.round(2)
        [say(:mend_centre, centre_m: at), { size: { centre_m: at } }] if at.between?(0, 5)
      end
    end

    # So that its hook is where one is already.
    def anchors
      near = @reckoning.nearly or return []
      at = (@reckoning.centre_m + near.floor_m - @reckoning.hook_floor_m).round(2)
      [[say(:mend_anchor, centre_m: at), { size: { centre_m: at } }]]
    end

    # What goes round the base.
    def openings
      outer = (2 * @reckoning.least_opening_m).round(2) + 0.01
      ours = [say(:mend_size, outer_m: outer), { size: { style: nil, outer_m: outer, inner_m: nil } }]
      @choice ? [taken, ours] : [ours]
    end

    def taken
      [say(:mend_stock, what: @choice[:name], outer_m: @choice[:outer_m]),
       { size: { style: @choice[:style], outer_m: nil, inner_m: nil } }]
    end

    def sizes
      middle = ((@reckoning.size[:low_m] + @reckoning.size[:high_m]) / 2).round(2)
      ours = [say(:mend_size, outer_m: middle), { size: { style: nil, outer_m: middle, inner_m: nil } }]
      @choice ? [taken, ours] : [ours]
    end

    # What carries least of those that will do.
    def fixings
      fitting = Wreaths::Holding::ALL.select { |hold| hold.hosts.include?(@reckoning.place[:host]) }
      fitting.sort_by { |hold| @reckoning.house[hold.house_rule] }.map do |hold|
        [say(:mend_fixing, what: hold.title.downcase), { hang: { fixing: hold.name, style: nil, rated_kg: nil } }]
      end
    end

    def layouts
      EVEN.map { |layout, says| [say(:mend_layout, what: says), { layers: { layout: layout } }] }
    end

    def tails
      wanted = (WreathCautions::TAILS.last * @reckoning.ring.outer_m).round(2)
      [[say(:mend_tails, tail_m: wanted), { star: { tail_m: wanted } }]]
    end

    # From where it is both ways round.
    def stars
      now = @reckoning.settings[:star][:at_h]
      (1..12).flat_map { |half| [now + (half / 2.0), now - (half / 2.0)] }.map { |hour| hour % 12 }.map do |hour|
        [say(:mend_star, hour: Wreaths::Clock.told(hour)), { star: { at_h: hour } }]
      end
    end

    def wires
      looked = [*@reckoning.settings[:step_back][:looked], "wires"]
      [[say(:mend_wires), { step_back: { looked: looked } }]]
    end
  end
end
