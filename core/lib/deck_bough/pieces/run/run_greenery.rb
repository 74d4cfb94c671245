# frozen_string_literal: true

module DeckBough
  # The greens of a run: which garland lies where and how many pieces that takes, which stems stand where, what is left.
  #
  # Part of RunReckoning, which gives it settings, styles, house rules and the path.
  module RunGreenery
    # A garland nobody chose yet, so that an outline can be tried before the greens are bought.
    PLAIN = Style.new(id: nil, kind: "garland", name: "Garland, no style chosen", length_m: 2.7, loft_m: 0.2,
                      mass_g: 1_100, texture: "needle", two_way: true)
    # A stem of a kind that says nothing of itself.
    STEM = { rise_m: 0.0, trail_m: 0.0, spread_m: 0.25 }.freeze
    # One garland laid over a stretch: `garland_m` of it are needed, in the pieces `counts` says, `surplus_m` is cut
    # off.
    Body = Struct.new(:style, :also, :from_m, :to_m, :passes, :fluffed, :garland_m, :counts, :joins, :surplus_m,
                      :from_offcut, :item, keyword_init: true)
    # Stems of one kind over a stretch, with the place of each.
    Stems = Struct.new(:style, :places, :stem, keyword_init: true)

    # How many metres of garland a stretch of the run takes.
    def garland_m(from, to)
      path.parts.sum { |part| [[to, part.to_m].min - [from, part.from_m].max, 0].max * takes(part) }
    end

    def bodies
      @bodies ||= begin
        @offcuts = Hash.new { |all, style| all[style] = [] }
        settings[:body][:bodies].map { |said| body(said) }
      end
    end

    def stems
      @stems ||= settings[:rise_and_trail][:stems].map do |said|
        style = styles.fetch(said[:style])
        Stems.new(style: style,
                  places: Greenery::Closing.spread(said[:from_m], said[:to_m] || path.length, said[:count]),
                  stem: stem_of(style))
      end
    end

    # What a garland of the stock is worth on this run, for builders and closers; all of it still free.
    def garland_offer(style)
      Greenery::Building::Garland.new(style: style.id, loft_m: style.loft_m || PLAIN.loft_m,
                                      kg_per_m: kg_per_m(style) * takes_on_average,
                                      piece_m: (style.length_m || PLAIN.length_m) / takes_on_average,
                                      pieces: style.on_hand.floor, join_m: house["garland.join"] / takes_on_average,
                                      joint_m: house["garland.joint"] / takes_on_average, texture: style.texture)
    end

    # What is left of each garland of the stock once this run's own are laid, in metres of run.
    def supplies_left(offered)
      offered.to_h do |offer|
        used = bodies.select { |body| body.counts.key?(offer.style) }
        left = [offer.pieces - used.sum { |body| body.counts[offer.style] }, 0].max
        offs = used.empty? ? [] : @offcuts.fetch(offer.style, []).map { |off| off / takes_on_average }
        [offer.style,
         Greenery::Supply.new(**offer.to_h.slice(:piece_m, :join_m, :joint_m), pieces: left, offcuts: offs)]
      end
    end

    # The garland of a body, or the plain one while none is chosen.
    def garland(id)
      styles[id] || PLAIN
    end

    # What is cut off at stem joints in the end, metres by style.
    def offcuts
      bodies
      @offcuts
    end

    def stem_of(style)
      values = STEM.merge(style.to_h.slice(:rise_m, :trail_m, :spread_m).compact)
      Greenery::Building::Stem.new(style: style.id, **values, kg: kg_of(style), texture: style.texture,
                                   on_hand: style.on_hand.floor)
    end

    private

    # Metres of garland a metre of this part takes (handbook 50, Length).
    def takes(part)
      return 1.0 if part.holds == "swag"
      return house["garland.allowance"] if part.holds == "drop"

      case settings[:length][:method]
      when "wrapped" then wrap[:length_m] / wrap.inputs[:length_m]
      when "woven" then house["garland.woven"]
      else house["garland.allowance"]
      end
    end

    def wrap
      from, to = path.main
      loft = styles[settings[:body][:bodies].first&.fetch(:style)]&.loft_m || PLAIN.loft_m
      @wrap ||= ask("garland.wrap",
                    length_m: to - from, diameter_m: survey[:diameter_m] + loft, pitch_m: settings[:length][:pitch_m])
    end

    def body(said)
      style = styles.fetch(said[:style], PLAIN)
      from = said[:from_m]
      to = [said[:to_m] || path.length, path.length].min
      needed = garland_m(from, to) * said[:passes]
      pieces = pieces_of(style, styles[said[:also]], needed, halves(style, from, to))
      item = { kind: "body", from_m: from, to_m: to, loft_m: style.loft_m || PLAIN.loft_m, fluffed: said[:fluffed],
               passes: said[:passes],
               kg_per_m: to > from ? kg_per_m(style) * garland_m(from, to) / (to - from) : 0.0 }
      Body.new(style: style, also: styles[said[:also]], from_m: from, to_m: to, passes: said[:passes],
               fluffed: said[:fluffed], garland_m: needed, item: item,
               **pieces)
    end

    # All tips one way and both sides alike: two start back to back in the middle and run outwards (handbook 50).
    def halves(style, from, to)
      whole = from < 1e-6 && to > path.length - 1e-6
      settings[:length][:direction] == "from_middle" && !style.two_way && whole ? 2 : 1
    end

    # A stretch that fits into what an earlier one left is laid from that; else from pieces, what is on hand first.
    def pieces_of(style, also, needed, halves)
      off = halves == 1 && @offcuts[style.id].select { |one| one >= needed - 1e-9 }.min
      return from_offcut(style, off, needed) if off

      kinds = [style, also].compact.map do |one|
        Greenery::PieceMix::Kind.new(id: one.id, length_m: one.length_m || PLAIN.length_m, on_hand: one.for_piece,
                                     price_cents: one.price_cents)
      end
      mix = Greenery::PieceMix.best([needed / halves, 0.05].max, kinds, join_m: house["garland.join"])
      halves.times { keep_offcut(style, mix[:surplus_m]) }
      counts = mix[:counts].transform_values { |count| count * halves }
      { counts: counts, joins: counts.values.sum - 1, surplus_m: mix[:surplus_m] * halves, from_offcut: false }
    end

    def from_offcut(style, off, needed)
      @offcuts[style.id].delete_at(@offcuts[style.id].index(off))
      keep_offcut(style, off - needed)
      { counts: { style.id => 0 }, joins: 0, surplus_m: off - needed, from_offcut: true }
    end

    def keep_offcut(style, surplus)
      off = Greenery::Offcut.of(surplus, house["garland.joint"])
      @offcuts[style.id] << off if off.positive?
    end

    def takes_on_average
      garland_m(0, path.length) / path.length
    end

    def kg_per_m(style)
      kg_of(style) / (style.length_m || PLAIN.length_m)
    end
  end
end
