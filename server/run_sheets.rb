# frozen_string_literal: true

module DeckBough
  module Server
    # One visit as it is worked from, thing after thing, and what is said of it meanwhile.
    #
    #   RunSheets.new(database, studio, planning: planning, kept: kept).of(visit_id, today: today)[:steps]
    #
    # What is said may come late, twice and from several phones: acts are kept by their keys, and how far the work is
    # follows from all of them (Days::Journal), never from the order they came in.
    class RunSheets
      TREE = RunThings::TREE

      def initialize(database, studio, planning:, kept:)
        @database = database
        @studio = studio
        @planning = planning
        @schedules = Schedules.new(database, studio, kept: kept)
        @visits = Store::Visits.new(database, studio[:id])
        @workers = Store::Workers.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @needs = Store::Needs.new(database, studio[:id])
        @things = RunThings.new(database, studio, planning: planning)
        @boxes = Store::Boxes.new(database, studio[:id])
        @hung = Store::HungOrnaments.new(database, studio[:id])
        @acts = Store::VisitActs.new(database, studio[:id])
      end

      # @return [Hash] as the contract's RunSheet
      def of(visit_id, today:)
        visit = @visits.find(visit_id)
        span, told = @schedules.of_visit(visit, today: today)
        journal = @acts.journal(visit[:home])
        work = VisitWork.new(span, told, visit, journal)
        things = @things.of(work.pieces, down: strike?(visit))
        sheet = sheet(visit, work, things)
        lots = lots(sheet, work, used(visit, journal))
        over = over(visit, work, things)
        sites = @needs.sites(work.pieces.map { |piece| piece[:id] })
        { visit: @visits.answered(visit), pending: told[:pending], problem: told[:problem],
          home: told[:homes].find { |one| one[:id] == visit[:home] }.slice(:id, :name, :client, :rooms),
          workers: @workers.list.select { |one| visit[:workers].include?(one[:id]) }
                           .map { |one| one.slice(:id, :name) },
          steps: work.steps.map { |step| step_of(step, work.told(step[:id]), sheet, things) },
          pieces: work.pieces.map { |piece| piece_of(piece, things[piece[:id]], over, sites) },
          places: lots.flat_map { |style, all| all.map { |lot| { style: style, **lot } } },
          loads: DeckBough::Days::Loading.of(wanted(sheet, work), lots), kit: kit(sheet, work, down: strike?(visit)),
          surplus: surplus(work, things), **strike(visit, lots), **state(visit) }
      end

      # How far the work is: all that anybody needs to go on.
      #
      # @return [Hash] stamp of the plans, acts, hung, done
      def state(visit)
        home = visit[:home]
        progress = @acts.progress([home])[home]
        pieces = pieces_of(home)
        { stamp: Store::Needs.digest(pieces.to_h { |piece| piece.values_at(:id, :version) }),
          acts: @acts.told(progress[:journal]), done: progress[:done].sort,
          hung: pieces.select { |piece| piece[:kind] == TREE }.flat_map { |piece| hung(piece[:id]) } }
      end

      # @param given [Array<Hash>] acts
      # @return [Hash] state, and refused: key, message
      def take(visit_id, given, account_id:, today:)
        visit = @visits.find(visit_id)
        refused = Store::Table.tried(@database) do
          @acts.one_at_a_time(visit[:home])
          taken = @acts.take(visit, given, of_home: ids_of(visit[:home]), account_id: account_id)
          journal = @acts.journal(visit[:home])
          @acts.hang(journal, taken.fresh)
          impossible = standing(taken.fresh, journal).filter_map { |act| refusal(act, account_id) }
          @acts.keep_done(visit[:home], done(visit, journal, touched(taken.fresh), today))
          [*taken.refused, *impossible]
        end
        { **state(visit), refused: refused }
      end

      private

      # What was taken back before it came does nothing.
      def standing(rows, journal)
        live = journal.live.to_h { |act| [act.key, true] }
        rows.select { |row| row[:kind] == "undo" || live.key?(row[:key]) }
      end

      # What cannot be is refused by itself, and nothing of it is kept.
      #
      # @return [Hash, nil] key, message
      def refusal(act, account_id)
        @database.transaction(savepoint: true) { effects.apply(act, account_id) }
        nil
      rescue Problem => e
        @acts.forget(act[:key])
        { key: act[:key], message: e.message }
      end

      def effects
        VisitEffects.new(@database, @studio, planning: @planning)
      end

      def pieces_of(home)
        @pieces.listed(@rooms.of_homes([home]).map { |room| room[:id] })
      end

      # Of what the acts of a home may be about.
      def ids_of(home)
        rooms = @rooms.of_homes([home]).map { |room| room[:id] }
        { **rooms.to_h { |id| [id, :room] }, **@pieces.listed(rooms).to_h { |piece| [piece[:id], :piece] } }
      end

      def hung(piece)
        @hung.of(piece).map do |one|
          { piece: piece, turn: "#{one[:style]} #{one[:number]}", by: one[:by], at: one[:at] }
        end
      end

      def strike?(visit)
        visit[:purpose] == Store::Visits::STRIKE
      end

      def sheet(visit, work, things)
        return DeckBough::Days::RunSheet.new(work.all, things) unless strike?(visit)

        DeckBough::Days::StrikeSheet.new(work.all, things, StrikeBridge.new(@database, @studio[:id]).of(visit[:home]))
      end

      # Of taking down, where things go.
      def strike(visit, lots)
        strike?(visit) ? { strike: StrikePacking.new(@database, @studio[:id]).of(visit[:home], lots) } : {}
      end

      def step_of(step, told, sheet, things)
        { **step.slice(:id, :title, :room, :piece, :key, :count, :minutes, :needs, :high, :from_min, :to_min, :workers,
                       :done, :waits_for),
          things: sheet.things(told).map { |thing| thing_of(thing, things.dig(step[:piece], :map)) },
          turns: sheet.turns.fetch(step[:id]).map { |turn| turn_of(turn) },
          caution: caution(told), how: how(told) }
      end

      # How large it is drawn, and what is said of what breaks.
      def thing_of(thing, map)
        style = map && map[:styles].find { |one| one[:id] == thing.style }
        reach = map && map[:flat][:reach_m]
        { **thing.to_h, diameter_mm: style && style[:diameter_mm],
                        caution: breakable(style, reach) }
      end

      def turn_of(turn)
        place = turn.place&.slice(:number, :tier, :clock, :angle_deg, :height_m, :across_m, :up_m, :depth_word)
        { key: turn.key, thing: turn.thing, need: turn.need, check: turn.check || false, place: place,
          instead_of: turn.instead_of }
      end

      # What may go on trees instead of what runs out.
      def over(visit, work, things)
        return {} if strike?(visit)

        trees = work.pieces.select { |piece| piece[:kind] == TREE }
        MakingDo.new(@database, @studio[:id]).of(visit[:home], trees.map { |tree| tree[:id] },
                                                 things.transform_values { |one| one[:lines] })
      end

      def piece_of(piece, things, over, sites)
        flat = things[:map] && things[:map][:flat]
        tiers = flat ? flat[:tiers].map { |tier| tier.slice(:tier, :low_m, :high_m) } : []
        { **piece.slice(:id, :name, :kind, :portrait, :state),
          over: over.fetch(piece[:id], []), sites: sites.fetch(piece[:id], []), stays: things.fetch(:stays, []),
          reach_m: flat && flat[:reach_m], riser_m: flat && flat[:riser_m], tiers: tiers }
      end

      # How a thing is made, as its recipe says.
      def how(told)
        style = DeckBough::Days::HomeSteps.made_by(told.key) or return
        @recipes ||= Store::Recipes.new(@database, @studio[:id]).list
        @recipes.find { |recipe| recipe[:product][:style] == style }&.fetch(:note)
      end

      def caution(told)
        DeckBough::Days::StepCaution.of_step(told, house: @planning.house, units: @studio[:units])&.message
      end

      def breakable(style, reach)
        DeckBough::Days::StepCaution.of_breakable(reach, units: @studio[:units])&.message if style && style[:breakable]
      end

      # Where what it takes lies, box by box, as it lay before some of it was used: how much that is the acts tell.
      def lots(sheet, work, used)
        styles = work.mine.flat_map { |told| sheet.things(told) }.filter_map(&:style).uniq
        @boxes.of_styles(styles).to_h do |style, (first, *lots)|
          before = { **first, quantity: (first[:quantity] + used.fetch(style, 0)).round(3) }
          [style, [before, *lots].map { |lot| lot.slice(:box, :number, :place, :quantity) }]
        end
      end

      def used(visit, journal)
        return {} if strike?(visit)

        journal.live.select(&:used?).group_by(&:turn).transform_values { |acts| acts.sum { |act| act.quantity.to_f } }
      end

      def wanted(sheet, work)
        rooms = work.rooms
        work.mine.flat_map do |told|
          sheet.things(told).map do |thing|
            DeckBough::Days::Loading::Wanted.new(thing: thing, step: [told.piece, told.key], room: rooms[told.room])
          end
        end
      end

      def kit(sheet, work, down:)
        mine = work.mine
        DeckBough::Days::Kit.of(keys: mine.map(&:key).uniq, high: mine.any?(&:high), down: down,
                                kinds: mine.flat_map { |told| sheet.things(told).map(&:kind) }.uniq)
      end

      # What spares leave on the table, with the pieces of the home that lack just that.
      def surplus(work, things)
        lines = work.pieces.flat_map do |piece|
          things[piece[:id]][:lines].map { |line| { **line, piece: piece } }
        end
        lines.group_by { |line| line[:style] }.filter_map do |style, of_it|
          spares = of_it.sum { |line| [line[:spares] - line[:spares_short], 0].max }
          next if style.nil? || spares.zero?

          { style: style, label: of_it.first[:label], unit: of_it.first[:unit], count: spares.round(3),
            rooms: of_it.map { |line| line[:piece][:room] }.uniq,
            lacking: of_it.select { |line| line[:short] > line[:spares_short] }
                          .map { |line| { piece: line[:piece][:name], short: line[:short] - line[:spares_short] } } }
        end
      end

      # Steps that acts are about, or what they take back was about.
      def touched(rows)
        rows.filter_map { |row| (row[:kind] == "undo" ? @acts.taken_back_by(row) : row)&.fetch(:step) }.uniq - [""]
      end

      # @return [Hash{String => Boolean}] by step; all parts of a piece's step are looked at together
      def done(visit, journal, steps, today)
        return {} if steps.empty?

        work = VisitWork.new(*@schedules.of_visit(visit, today: today), visit, journal)
        about = work.beside(steps)
        pieces = work.pieces.select { |piece| about.any? { |one| one.piece == piece[:id] } }
        turns = sheet(visit, work, @things.of(pieces, down: strike?(visit))).turns
        hung = hung_of(pieces)
        about.to_h { |one| [one.step.id, turns[one.step.id].all? { |turn| up?(one, turn, journal, hung) }] }
      end

      # What has a place is up where it is up on the map.
      def up?(told, turn, journal, hung)
        turn.hangs? ? hung.key?([told.piece, turn.key]) : journal.up?(told.step.id, turn.key)
      end

      def hung_of(pieces)
        pieces.select { |piece| piece[:kind] == TREE }.flat_map { |piece| hung(piece[:id]) }
              .to_h { |one| [[one[:piece], one[:turn]], true] }
      end
    end
  end
end
