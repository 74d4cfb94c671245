# frozen_string_literal: true

module DeckBough
  module Server
    # A season is closed: what it came to and what stood where is kept as it was, and nothing of it changes by accident.
    #
    #   SeasonClosing.new(database, studio, gathered: gathered).close(despite: false, today: today, account_id: 7)
    class SeasonClosing
      # So many homes a season is closed with.
      MOST_HOMES = SeasonSummary::MOST_HOMES
      THING = %i[label unit need kind colour].freeze

      def initialize(database, studio, gathered: nil)
        @database = database
        @studio = studio
        @gathered = gathered
        @seasons = Store::Seasons.new(database, studio[:id])
      end

      # Once: whoever presses again is told what was kept the first time.
      #
      # @param despite [Boolean] although something is still out
      # @return [Hash] season, closed_on, closed_by
      # @raise [Problem] still-open, with what is still out
      def close(despite:, today:, account_id:)
        Store::Table.tried(@database) do
          @seasons.one_at_a_time
          now = @seasons.now(today)
          next now if now[:closed_on]

          summary = SeasonSummary.new(@database, @studio, gathered: @gathered).of(today: today)
          refuse_open(summary[:open]) unless despite
          @seasons.close(now[:season], summary: summary, house_rules: own_rules, homes: homes, today: today,
                                       account_id: account_id)
          @seasons.now(today)
        end
      end

      # @return [Hash] season, closed_on, closed_by
      def reopen(today:)
        Store::Table.tried(@database) do
          @seasons.one_at_a_time
          @seasons.reopen
          @seasons.now(today)
        end
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      def refuse_open(open)
        count = open.values.sum(&:size)
        return if count.zero?

        things = count == 1 ? "One thing is" : "#{count} things are"
        raise Problem.new(409, "still-open", "Something is still out",
                          "#{things} still open: look them over, or close the season all the same.",
                          more: { open: open })
      end

      # Where this house differs from the book.
      def own_rules
        house = store(Store::HouseRules).current
        DeckBough::HouseRules::CONSTANTS.reject { |key, constant| house[key] == constant.value }
                                        .to_h { |key, _| [key, house[key]] }
      end

      def homes
        ids = store(Store::Homes).to_visit(MOST_HOMES).map { |home| home[:id] }
        rooms = store(Store::Rooms).of_homes(ids)
        pieces = store(Store::Pieces).listed(rooms.map { |room| room[:id] })
        known = known(pieces.map { |piece| piece[:id] })
        by_room = pieces.group_by { |piece| piece[:room_id] }
        by_home = rooms.group_by { |room| room[:home_id] }
        store(Store::Homes).of_ids(ids).map do |home|
          { **home.slice(:id, :name, :client, :visit_on, :strike_on),
            rooms: by_home.fetch(home[:id], []).map { |room| room(room, by_room.fetch(room[:id], []), known) } }
        end
      end

      def known(ids)
        needs = store(Store::Needs)
        { lines: needs.lines(ids), work: needs.work(ids),
          settings: @seasons.settings(ids) }
      end

      def room(room, pieces, known)
        places = room[:places].to_h { |place| place.values_at(:id, :name) }
        { **room.slice(:id, :name), pieces: pieces.map { |piece| piece(piece, places, known) } }
      end

      def piece(piece, places, known)
        id = piece[:id]
        work = known[:work].fetch(id, { tasks: [], portrait: nil })
        { **piece.slice(:id, :name, :kind, :version), place: places[piece[:place_id]], portrait: drawn(work),
                                                      minutes: work[:tasks].sum { |task| task[:minutes] }.round(1),
                                                      things: things(known[:lines].fetch(id, [])),
                                                      settings: known[:settings][id] }
      end

      def drawn(work)
        work[:portrait] && JSON.parse(JSON.generate(work[:portrait]))
      end

      def things(lines)
        lines.select { |line| line[:need].positive? }.map { |line| line.slice(*THING) }
      end
    end
  end
end
