# frozen_string_literal: true

module DeckBough
  module Server
    # What happens in a home after the day: of each piece what goes, into which box, and what stays; what goes onto the
    # surfaces that stand empty.
    #
    #   SeasonEnd.new(database, studio).of(home_id)[:pieces].first[:things].first[:stays] # => false
    class SeasonEnd
      # Whose surface is seen when it stands empty.
      SURFACES = %w[tree run grouping shelves table drinks stockings].freeze
      # So many kinds of things of the winter stock are looked at.
      MOST_OFFERED = 200
      DRAWN = %i[kind colour texture shape].freeze

      def initialize(database, studio)
        @database = database
        @studio = studio
        @homes = Store::Homes.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @needs = Needs.new(database, studio)
        @rows = Store::Needs.new(database, studio[:id])
        @things = Store::SeasonThings.new(database, studio[:id])
        @boxes = Store::Boxes.new(database, studio[:id])
        @claims = Store::Claims.new(database, studio[:id])
        @choices = Store::StripChoices.new(database, studio[:id])
      end

      # @return [Hash] as the contract has SeasonEnd
      def of(home_id)
        home = @homes.find(home_id)
        pieces = pieces(home)
        { home: home.slice(:id, :name, :client, :strike_on), pieces: pieces, goes: count(pieces, false),
          stays: count(pieces, true), minutes: pieces.sum { |piece| piece[:minutes] },
          boxes: boxes_wanted(pieces), bridge: bridge(home, pieces),
          pending: pieces.any? { |piece| !piece[:reckoned] } }
      end

      private

      def pieces(home)
        rooms = @rooms.of_homes([home[:id]])
        listed = @pieces.listed(rooms.map { |room| room[:id] })
        @needs.complete
        reckoned = @needs.of([home], rooms, listed)
        known = known(listed.map { |piece| piece[:id] })
        names = rooms.to_h { |room| room.values_at(:id, :name) }
        listed.map do |piece|
          told(piece, known).merge(room: names[piece[:room_id]], reckoned: !reckoned[piece[:id]].nil?)
        end
      end

      # All that is asked of many pieces at once.
      def known(ids)
        lines = @rows.lines(ids)
        styles = lines.values.flatten.filter_map { |line| line[:style] }.uniq
        { lines: lines, work: @rows.work(ids), said: @choices.of(ids), styles: @things.facts(styles),
          boxes: @boxes.of_styles(styles) }
      end

      def told(piece, known)
        things = things(piece, known)
        work = known[:work].fetch(piece[:id], { tasks: [], portrait: nil })
        { **piece.slice(:id, :name, :kind), portrait: work[:portrait], things: things,
                                            minutes: take_down(work[:tasks], things) }.compact
      end

      # What is of the home's own, or not chosen yet, no stock goes back to.
      def things(piece, known)
        counted = counted(known[:lines].fetch(piece[:id], [])).select { |one| known[:styles].key?(one[:style]) }
        facts = counted.map { |one| known[:styles][one[:style]] }
        said = counted.map { |one| known[:said][[piece[:id], one[:style]]] }
        verdicts = DeckBough::Seasons::Strip.of_piece(facts, piece: piece[:kind], said: said)
        counted.zip(facts, verdicts).map do |one, about, verdict|
          { **one, **about.slice(*DRAWN), stays: verdict.stays, why: verdict.why, boxes: boxes(one, known) }
        end
      end

      def counted(lines)
        of_styles = lines.reject { |line| line[:own] || line[:style].nil? }.group_by { |line| line[:style] }
        of_styles.filter_map do |style, of_it|
          count = of_it.sum { |line| line[:need] }.round(3)
          { style: style, label: of_it.first[:label], unit: of_it.first[:unit], count: count } if count.positive?
        end
      end

      def boxes(one, known)
        known[:boxes].fetch(one[:style], []).filter_map { |lot| lot.slice(:box, :number, :place) if lot[:box] }
      end

      # Of the minutes of dressing, for as much of it as goes.
      def take_down(tasks, things)
        return 0.0 if things.empty?

        share = things.count { |thing| !thing[:stays] } / things.size.to_f
        tasks.sum { |task| task[:minutes] } * @needs.house["minutes.take_down"] * share
      end

      def count(pieces, stays)
        pieces.sum { |piece| piece[:things].count { |thing| thing[:stays] == stays } }
      end

      # Into which boxes what goes has lain before; the first of each thing is its own.
      def boxes_wanted(pieces)
        gone = pieces.flat_map { |piece| piece[:things].reject { |thing| thing[:stays] } }
        by_box = gone.group_by { |thing| thing[:boxes].first }.sort_by { |box, _| box ? box[:number] : Float::INFINITY }
        by_box.map do |box, things|
          { number: box && box[:number], place: box && box[:place],
            things: things.map { |thing| thing[:style] }.uniq.size }
        end
      end

      def bridge(home, pieces)
        empty = pieces.select { |piece| SURFACES.include?(piece[:kind]) && bare?(piece) }
        stock = winter_stock(home, staying(pieces))
        plan = DeckBough::Seasons::Bridge.new(empty.map { |piece| piece[:id] }, stock.values).plan
        { **(plan[:accent] ? { accent: offered(stock, plan[:accent]) } : {}),
          surfaces: plan[:surfaces].map do |one|
            { piece: one[:surface],
              things: one[:things].map { |thing| { **offered(stock, thing[:style]), role: thing[:role] } } }
          end }
      end

      def bare?(piece)
        piece[:things].any? && piece[:things].none? { |thing| thing[:stays] }
      end

      def staying(pieces)
        kept = pieces.flat_map { |piece| piece[:things].select { |thing| thing[:stays] } }
        kept.group_by { |thing| thing[:style] }.transform_values { |things| things.sum { |thing| thing[:count] } }
      end

      # What is put up beyond the day and free once this home is struck, less what stays in it.
      def winter_stock(home, staying)
        offered = @things.put_up_longer(home[:id], MOST_OFFERED)
        struck = home[:strike_on] && (Date.iso8601(home[:strike_on]) + 1).iso8601
        free = @claims.free(offered.keys, home: { **home, visit_on: struck, strike_on: nil })
        offered.to_h do |style, facts|
          left = free.fetch(style, { on_hand: 0 })[:on_hand] - staying.fetch(style, 0)
          [style, { style: style, **facts, free: [left, 0].max }]
        end
      end

      def offered(stock, style)
        stock.fetch(style).slice(:style, :name, *DRAWN)
      end
    end
  end
end
