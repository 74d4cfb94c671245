# frozen_string_literal: true

module DeckBough
  module Server
    # The pieces of a home as its client is told them: how large, of what, what of it is theirs, what is bought, what
    # comes from the store; and what another version would be more or less of.
    #
    #   ProposalPieces.new(database, studio).of(home, {})[:rooms].first[:pieces].first[:told]
    #   # => "2.10 m tall: 93 ornaments, 7.2 m of ribbon"
    class ProposalPieces
      # What is counted of a piece, as people say it: one, several, of metres.
      NOUNS = { "ornament" => %w[ornament ornaments], "light" => ["string of lights", "strings of lights"],
                "garland" => %w[garland garlands], "wreath" => %w[wreath wreaths], "stem" => %w[stem stems],
                "pick" => %w[pick picks], "decor" => %w[thing things] }.freeze
      RIBBON = "ribbon"
      # What nobody sees of it.
      UNSEEN = %w[fixing tool].freeze
      # So many names of a list; the rest is counted.
      MOST_NAMED = 4
      OFFERED = %i[yours bought store].freeze
      CANDLE = "candle"
      # As the bench says it, and as the client reads it.
      UNCHOSEN = ", none chosen"
      TO_CHOOSE = ", still to be chosen"

      def initialize(database, studio)
        @database = database
        @studio = studio
        @rows = store(Store::Needs)
      end

      # @param versions [Hash{String => Array<String>}] which of a piece's versions are offered, by piece
      # @return [Hash] rooms, yours_cents, down_minutes, colours, kinds (lit, flame, real), heat, highest_m, optional
      #   (names), pending
      def of(home, versions)
        @home = home
        rooms = store(Store::Rooms).of_home(home[:id])
        down = SeasonEnd.new(@database, @studio).of(home[:id])
        read(rooms, down, versions)
        shown = rooms.filter_map { |room| room(room) }
        { rooms: shown, yours_cents: @lines.values.flatten.sum { |line| theirs?(line) ? line[:stock_cents] : 0 },
          down_minutes: down[:minutes], colours: colours, kinds: kinds, highest_m: highest,
          heat: rooms.filter_map { |room| room[:heat] if shown.any? { |one| one[:id] == room[:id] } },
          optional: @pieces.select { |piece| piece[:optional] }.map { |piece| piece[:name] }, pending: down[:pending] }
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      def read(rooms, down, versions)
        @pieces = store(Store::Pieces).listed(rooms.map { |room| room[:id] })
        ids = @pieces.map { |piece| piece[:id] }
        @lines = @rows.lines(ids)
        @kept = @rows.of(ids)
        @down = down[:pieces].to_h { |piece| piece.values_at(:id, :minutes) }
        @marks = store(Store::ProposalStates).marks([@home[:id]]).fetch(@home[:id], {})
        @own = @database[:styles].where(studio_id: @studio[:id], owner_home_id: @home[:id]).select_map(:id).to_set
        @versions = versions
        @version_marks = store(Store::ProposalStates).version_marks(versions.keys)
      end

      def room(room)
        mine = @pieces.select { |piece| piece[:room_id] == room[:id] }
        mine.empty? ? nil : { **room.slice(:id, :name), pieces: mine.map { |piece| piece(piece) } }
      end

      def piece(piece)
        lines = @lines.fetch(piece[:id], [])
        { **piece.slice(:id, :name, :kind), told: told(lines, @kept[piece[:id]]&.fetch(:measured)),
                                            **offered(lines), lines: lines.map { |line| counted(line) }.sort,
                                            mark: @marks.fetch(piece[:id], ""), versions: versions(piece) }
      end

      def theirs?(line)
        line[:own] || @own.include?(line[:style])
      end

      # @return [Hash] yours, bought, store: texts
      def offered(lines)
        seen = lines.reject { |line| UNSEEN.include?(line[:kind]) }
        parts = OFFERED.to_h { |name| [name, []] }
        seen.each do |line|
          there = [line[:need], line[:have]].min
          parts[theirs?(line) ? :yours : :store] << [line, there]
          parts[:bought] << [line, line[:need] - there]
        end
        parts.transform_values { |all| named(all) }
      end

      # Of one thing on several steps once; the most first.
      def named(all)
        of_each = all.group_by { |line, _| line[:label] }.map do |label, same|
          [label.sub(UNCHOSEN, TO_CHOOSE), same.first.first[:unit], same.sum { |_, much| much }.round(3)]
        end
        told = of_each.select { |_, _, much| much.positive? }.sort_by { |label, _, much| [-much, label] }
                      .map { |label, unit, much| "#{amount(much, unit)} #{label}" }
        told.size > MOST_NAMED ? [*told.first(MOST_NAMED - 1), "#{told.size - MOST_NAMED + 1} more things"] : told
      end

      def amount(much, unit)
        unit == "m" ? Length.print(much, @studio[:units]) : much.ceil.to_s
      end

      def counted(line)
        "#{amount(line[:need], line[:unit])} #{line[:label]}"
      end

      # @param measured [Hash, nil] height_m, length_m
      def told(lines, measured)
        large = measured && (size(measured[:height_m], "tall") || size(measured[:length_m], "long"))
        of_what = NOUNS.filter_map { |kind, nouns| many(lines, kind, nouns) } + ribbon(lines)
        [large, of_what.join(", ")].compact.reject(&:empty?).join(": ")
      end

      def size(metres, word)
        metres && "#{Length.print(metres, @studio[:units])} #{word}"
      end

      def many(lines, kind, nouns)
        count = lines.select { |line| line[:kind] == kind }.sum { |line| line[:need] }.ceil
        "#{count} #{count == 1 ? nouns.first : nouns.last}" if count.positive?
      end

      def ribbon(lines)
        metres = lines.select { |line| line[:kind] == RIBBON }.sum { |line| line[:need] }
        metres.positive? ? ["#{Length.print(metres, @studio[:units])} of ribbon"] : []
      end

      def versions(piece)
        wanted = @versions.fetch(piece[:id], [])
        return [] if wanted.empty?

        read = store(Store::Pieces).find(piece[:id])
        store(Store::Variants).list(piece[:id], page: 1)[:items].select { |one| wanted.include?(one[:id]) }
                                                                .map { |one| version(piece, read, one) }
      end

      # Counted as its own plan has it against the plan of the piece as it is.
      def version(piece, read, variant)
        plan = planning.of(read, settings: variant[:settings])
        here = @kept.fetch(piece[:id])[:summary]
        there = plan.summary
        minutes = there[:minutes] - here[:minutes]
        share = here[:minutes].positive? ? @down.fetch(piece[:id], 0) / here[:minutes] : 0
        lines = plan.lines
        measured = Kinds.of(read[:kind]).measure.call(variant[:settings])
        { **variant.slice(:id, :name), lines: lines.map { |line| counted(line) }.sort, told: told(lines, measured),
                                       mark: @version_marks.fetch(variant[:id], ""),
                                       more: { materials_cents: there[:buy_cents] - here[:buy_cents],
                                               stock_cents: there[:stock_cents] - here[:stock_cents],
                                               minutes: minutes, down_minutes: minutes * share } }
      end

      def planning
        @planning ||= Planning.new(@database, @studio)
      end

      # Of what is seen there is most of.
      def colours
        of_colour = @lines.values.flatten.reject { |line| line[:colour].nil? || UNSEEN.include?(line[:kind]) }
                          .group_by { |line| line[:style] }.values
        of_colour.sort_by { |same| -same.sum { |line| line[:need] } }
                 .map { |same| { name: same.first[:label], colour: same.first[:colour] } }.uniq { |one| one[:colour] }
      end

      def kinds
        ids = @pieces.map { |piece| piece[:id] }
        all = @lines.values.flatten
        facts = store(Store::SeasonThings).facts(all.filter_map { |line| line[:style] }.uniq)
        { lit: all.any? { |line| line[:kind] == "light" }, real: store(Store::CutTrees).any?(ids),
          flame: facts.values.any? { |fact| fact[:shape] == CANDLE } }
      end

      def highest
        @kept.values.filter_map { |kept| kept[:measured][:height_m] }.max || 0
      end
    end
  end
end
