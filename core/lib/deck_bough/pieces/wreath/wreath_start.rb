# frozen_string_literal: true

module DeckBough
  # Builds the outline wanted of a ring from the stems that are free: the thinnest arc first, several greens before more
  # of one, and no heavier than what holds it may carry.
  #
  #   WreathStart.new(reckoning, stock: styles).call[:fullness]
  #
  # What it says it reached is measured on the ring it proposes. Source: handbook 60, Fullness round the ring.
  class WreathStart
    ROUNDS = 12
    # Of the ways that close an arc so many are looked at; one that closes this much less than the best will do when it
    # brings a green that is not there yet.
    WAYS = 6
    NEARLY = 0.2
    # Rich are two greens at least, and three textures.
    GREENS = 2
    TEXTURES = 3
    # A green that is there for the mix comes as a handful along the arcs that are dressed.
    HANDFUL = (3..6)

    # @param reckoning [WreathReckoning] measured
    # @param stock [Array<Style>] stems there are, with what is free of each
    def initialize(reckoning, stock:)
      @stock = stock
      @bare = reckoning.knowing(stock).with(greens: { stems: [] })
    end

    # @return [Hash] stems as settings take them, fullness reached, kg, most_kg (nil where no hook holds it), wishes
    def call
      made = @bare
      ROUNDS.times do
        entry = next_entry(made) or break
        made = with_entry(made, entry)
      end
      made = mixed(made)
      { stems: made.settings[:greens][:stems], fullness: made.profile[:fullness], kg: made.kg,
        most_kg: most_kg.finite? ? most_kg : nil, wishes: wishes(made) }
    end

    private

    def most_kg
      @bare.held? ? @bare.may_kg : Float::INFINITY
    end

    def with_entry(made, entry)
      made.with(greens: { stems: [*made.settings[:greens][:stems], entry] })
    end

    # Other greens beside those there are, as long as nothing stands too full by them.
    def mixed(made)
      @stock.select { |style| style.kind == "stem" }.reduce(made) do |so_far, style|
        next so_far if rich?(so_far) || textures(so_far).include?(style.texture)

        count = [HANDFUL.end, style.for_piece.floor, carried({ style: style.id, count: HANDFUL.end }, so_far)].min
        next so_far if count < HANDFUL.begin

        more = with_entry(so_far, handful(style, count))
        more.profile[:over].size > so_far.profile[:over].size ? so_far : more
      end
    end

    def handful(style, count)
      from, hours = WreathLayout.arcs(@bare.settings[:layers]).first
      { style: style.id, count: count, from_h: from, to_h: hours >= 12 ? from : (from + hours) % 12 }
    end

    def greens(made)
      [made.ring_style, made.bundle_style, *made.stems.map(&:style)].compact.uniq
    end

    def textures(made)
      greens(made).filter_map(&:texture).uniq
    end

    def rich?(made)
      greens(made).size >= GREENS && textures(made).size >= TEXTURES
    end

    # The best way for the thinnest arc that still has one.
    def next_entry(made)
      room = WreathSettings::MOST_STEMS - made.stems.sum { |those| those.places.size }
      return if room < 1 || made.stems.size >= 30

      WreathClosing.new(made, stock: @stock, ways: WAYS).call.each do |arc|
        way = choice(arc[:ways], made) or next
        count = [way[:count], room, carried(way, made)].min
        return entry(arc, way, count) if count.positive?
      end
      nil
    end

    # A green that is not there yet, where it closes nearly as much.
    def choice(ways, made)
      best = ways.first or return
      used = made.stems.map { |those| those.style.id }
      ways.find { |way| !used.include?(way[:style]) && way[:closes] >= best[:closes] - NEARLY } || best
    end

    # As many as may still be carried.
    def carried(way, made)
      return way[:count] unless most_kg.finite?

      style = @stock.find { |one| one.id == way[:style] }
      ((most_kg - made.kg) / made.kg_of(style, WreathHanging::LIGHT)).floor
    end

    # A single sample has no length to stand along.
    def entry(arc, way, count)
      { style: way[:style], count: count, from_h: arc[:from_h],
        to_h: arc[:from_h] == arc[:to_h] ? (arc[:to_h] + 0.25) % 12 : arc[:to_h] }
    end

    # What was wished and could not be, each in a sentence.
    def wishes(made)
      return [of(:start_nothing).message] if made.stems.empty? && @bare.profile[:short].any?

      count = textures(made).size
      [(of(:start_greens) if greens(made).size < GREENS), (of(:start_textures, count: count) if count < TEXTURES),
       thin(made)].compact.map(&:message)
    end

    def thin(made)
      count = made.profile[:short].size
      return if count.zero?

      full = most_kg.finite? && made.kg > AutomaticStart::FULL_LOAD * most_kg
      of(full ? :ring_start_weight : :ring_start_thin, count: count)
    end

    def of(code, **values)
      Finding.of(code, units: @bare.units, **values)
    end
  end
end
