# frozen_string_literal: true

module DeckBough
  # The hanging map of one tree as planned: what is crossed out, spread again or filled, and what was mended by hand.
  #   reckoning.hanging.sites.first
  #   # => { style: "bell", number: 1, height_m: 0.31, angle_deg: -87.0, depth: 0.82, tier: 1, clock: 9.0, order: 1 }
  #
  # `number` counts within the style in hanging order; it names an ornament from day to day. Heights are above the
  # stand.
  class HangingPlan
    # A style without a size hangs as a common one would.
    COMMON_MM = 70
    # So many empty spots are looked for; whoever misses more makes another plan.
    MOST_FILLED = 200
    # Which mend fills a spot with what.
    FILLED_BY = { "ribbon" => "tuck", "picks" => "pick" }.freeze

    def initialize(reckoning)
      @reckoning = reckoning
      @said = reckoning.settings[:ornaments]
      @house = reckoning.house
    end

    # @return [Hash{String => Integer}] how many of each style hang: less what is crossed out or has no place, with what
    #   a mend added
    def counts
      @counts ||= placeable.to_h { |style, count| [style, count - gone_from(style, count) + come_to(style)] }
    end

    # @return [Integer] how many hang
    def total
      counts.values.sum
    end

    # @return [Hash{String => Integer}] how many of each style are crossed out: what was said to be missing, and what is
    #   not there when all that is short is crossed out; never more than are planned
    def crossed
      @crossed ||= @reckoning.shares.counts.to_h do |style, count|
        absent = @said[:cross_out_short] ? [count - free_of(style), 0].max : 0
        [style, missing.fetch(style, 0).clamp(absent, count)]
      end
    end

    # @return [Integer] how many are crossed out
    def crossed_out = crossed.values.sum

    # @return [StandIns] what hangs in the place of some of them
    def stand_ins
      @stand_ins ||= StandIns.new(@said[:missing], crossed: crossed, over: over)
    end

    # @return [Integer] how many mends added
    def added_count = added.values.sum

    # @return [Integer] how many have no place
    def without_place = unplaced_counts.values.sum

    # @return [Integer] how many spots want something instead of what is crossed out
    def to_fill
      [crossed_out - stand_ins.total, MOST_FILLED].min
    end

    # @return [Array<Hash>] every ornament that hangs, in hanging order
    def sites
      @sites ||= number(mended(@reckoning.settings[:ornaments][:make_do] == "keep_places" ? thinned.first : mapped))
    end

    # @return [Hash] whole, largest_gap, styles, as measured from the map
    def evenness
      answer ? answer[:evenness] : { whole: nil, largest_gap: nil, styles: {} }
    end

    # @return [Array<Hash>] style, count, reason
    def unplaced
      answer ? answer[:unplaced] : []
    end

    # @return [Array<Finding>]
    def findings
      answer ? answer.findings : []
    end

    # How many spots a kind of filling takes: those an absent ornament leaves, and those mended by hand.
    #
    # @param kind ["ribbon", "picks"]
    def fill_count(kind)
      mends(FILLED_BY.fetch(kind)).size + (@said[:fill] == kind ? to_fill : 0)
    end

    # Spots that want ribbon or a pick: places left empty, or the emptiest ones of what was spread again; and spots
    # filled by mends.
    #
    # @return [Hash{String => Array<Array(Float, Float)>}] "ribbon" and "picks": height, angle
    def fills
      filled = FILLED_BY.transform_values { |kind| mends(kind).map { |mend| [mend[:height_m], mend[:angle_deg]] } }
      filled[@said[:fill]] += spots_to_fill if filled.key?(@said[:fill])
      filled
    end

    # @return [Array<Array(Float, Float)>] height and angle of each spot that an absent ornament leaves
    def spots_to_fill
      return [] if to_fill.zero? || answer.nil?

      @spots_to_fill ||= if keep_places?
                           thinned.last.first(to_fill).map { |site| [site[:height_m], site[:angle_deg]] }
                         else
                           emptiest(to_fill)
                         end
    end

    # The answer of ornaments.map; nil when nothing hangs.
    def answer
      return nil if hung_counts.values.sum.zero?

      @answer ||= @reckoning.ask_once("ornaments.map", **question)
    end

    # What has no place, told without placing anything.
    #
    # @return [Array<Finding>]
    def wishes
      rule ? rule.wishes : []
    end

    def flat
      @flat ||= UnrolledSurface.new(@reckoning.surface)
    end

    # @return [Array<Array(Float, Float)>] height and angle of the emptiest spots, each as if those before were filled
    def emptiest(count)
      points = sites.map { |site| [flat.reach_at(site[:height_m]), flat.turn_of(site[:angle_deg])] }
      crown = flat.reach_at(Hanging::Zones.top(@reckoning.surface, @house))
      Hanging::Evenness.new(flat).emptiest(points, crown, count).map do |spot|
        [flat.height_at(spot[:reach]), flat.angle_deg(spot[:turn])]
      end
    end

    private

    def question
      { tree: tree, styles: styles, pattern: @said[:pattern], seed: @said[:seed], reach_m: reach_m,
        riser_m: @reckoning.measure[:riser_m] }
    end

    def rule
      return nil if hung_counts.values.sum.zero?

      @rule ||= @reckoning.asked("ornaments.map", **question)
    end

    def missing
      @missing ||= @said[:missing].each_with_object(Hash.new(0)) { |entry, sum| sum[entry[:style]] += entry[:count] }
    end

    def added
      @added ||= mends("add").map { |mend| mend[:style] }.tally
    end

    # Whole pieces of a style that this tree may count on.
    def free_of(style)
      @reckoning.style(style).for_piece.floor
    end

    # What is there of the styles that are named to stand in, beside what hangs of them anyway.
    def over
      planned = @reckoning.shares.counts
      @reckoning.hung_styles.to_h do |style|
        [style.id, [free_of(style.id) - planned.fetch(style.id, 0) + crossed.fetch(style.id, 0), 0].max]
      end
    end

    # What comes to those that have a place of their own: in kept places what stands in, and what mends added.
    def come_to(style)
      added.fetch(style, 0) + (keep_places? ? stand_ins.by_style.fetch(style, 0) : 0)
    end

    def keep_places?
      @said[:make_do] == "keep_places"
    end

    def unplaced_counts
      @unplaced_counts ||= (rule ? rule.unplaced : []).each_with_object(Hash.new(0)) do |one, sum|
        sum[one[:style]] += one[:count]
      end
    end

    def placeable
      @placeable ||= hung_counts.to_h { |style, count| [style, count - unplaced_counts.fetch(style, 0)] }
    end

    # Kept places are left by what is crossed out; what is spread again never had one.
    def gone_from(style, count)
      keep_places? ? [crossed.fetch(style, 0), count].min : 0
    end

    def mends(kind)
      @reckoning.settings[:step_back][:mends].select do |mend|
        mend[:kind] == kind && (kind != "add" || known?(mend[:style]))
      end
    end

    def known?(style)
      @reckoning.hung_styles.any? { |known| known.id == style }
    end

    # What the map spreads: places kept for absent ones are spread with the rest and then left empty, or taken by what
    # stands in.
    def hung_counts
      @hung_counts ||= begin
        planned = @reckoning.shares.counts
        @reckoning.hung_styles.to_h do |style|
          count = planned.fetch(style.id, 0)
          come = stand_ins.by_style.fetch(style.id, 0) - crossed.fetch(style.id, 0)
          [style.id, keep_places? ? count : count + come]
        end
      end
    end

    def styles
      @reckoning.hung_styles.map do |style|
        { id: style.id, count: hung_counts.fetch(style.id), diameter_mm: style.diameter_mm || COMMON_MM,
          mass_g: style.mass_g || 0, colour: style.colour,
          breakable: style.breakable, keepsake: style.keepsake }
      end
    end

    def tree
      surface = @reckoning.surface
      { height_m: surface.height, spread_m: surface.spread, hem_m: surface.hem, arc_deg: surface.arc_deg, p: surface.p }
    end

    def reach_m
      @reckoning.surroundings.reach_m(@house) || 0
    end

    def mapped
      answer ? answer[:sites] : []
    end

    # The places of absent ornaments, evenly out of each style's own; the first of them go to what stands in.
    #
    # @return [Array(Array<Hash>, Array<Hash>)] sites that hang, and those left empty
    def thinned
      @thinned ||= begin
        left = mapped.group_by { |site| site[:style] }.flat_map do |style, own|
          gone = gone_from(style, own.size)
          places = own.each_with_index.select { |_, i| ((i + 1) * gone / own.size) > (i * gone / own.size) }
          instead = stand_ins.of.fetch(style, {}).flat_map { |other, count| [other] * count }
          places.map(&:first).zip(instead)
        end
        [hanging_instead(left), left.reject(&:last).map(&:first)]
      end
    end

    # @param left [Array<Array(Hash, String or nil)>] places that were left, with what hangs there now
    def hanging_instead(left)
      now = left.to_h { |site, instead| [site, instead && site.merge(style: instead)] }
      mapped.filter_map { |site| now.fetch(site, site) }
    end

    def mended(sites)
      return sites if @reckoning.settings[:step_back][:mends].empty?

      numbered = number(sites)
      moved = mends("move").to_h { |mend| [[mend[:style], mend[:number]], mend] }
      kept = numbered.map do |site|
        moved.key?([site[:style], site[:number]]) ? hung_at(site, moved[[site[:style], site[:number]]]) : site
      end
      kept + mends("add").map { |mend| hung_at({ style: mend[:style], depth: 1.0, order: kept.size + 1 }, mend) }
    end

    def hung_at(site, mend)
      site.merge(height_m: mend[:height_m], angle_deg: mend[:angle_deg], clock: Hanging::Order.clock(mend[:angle_deg]),
                 tier: @reckoning.surface.tier_at(mend[:height_m], @house["tree.tier"]))
    end

    def number(sites)
      seen = Hash.new(0)
      sites.map { |site| { style: site[:style], number: seen[site[:style]] += 1, **site.except(:style, :number) } }
    end
  end
end
