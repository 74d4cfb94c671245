# frozen_string_literal: true

module DeckBough
  module Server
    # What happens in a home after the day: of each piece what goes, into which box, and what stays; what goes onto the
    # surfaces that stand empty.
    #
    #   SeasonEnd.new(database, studio).of(home_id)[:pieces].first[:things].first[:stays] # => false
    class SeasonEnd
      # What only taking down asks of a thing.
      BESIDE = %i[steps keepsake breakable season].freeze
      NO_WORK = { tasks: [], portrait: nil }.freeze

      def initialize(database, studio)
        @database = database
        @studio = studio
        @homes = Store::Homes.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @needs = Needs.new(database, studio)
        @rows = Store::Needs.new(database, studio[:id])
        @bridging = Bridging.new(database, studio[:id])
        @visits = Store::Visits.new(database, studio[:id])
        @stripping = Stripping.new(database, studio[:id])
      end

      # @return [Hash] as the contract has SeasonEnd
      def of(home_id)
        home = @homes.find(home_id)
        pieces = pieces(home)
        { home: { **home.slice(:id, :name, :client, :strike_on), spring_on: @homes.spring(home_id) },
          pieces: pieces.map { |one| shown(one) }, goes: count(pieces, false), stays: count(pieces, true),
          minutes: pieces.sum { |piece| piece[:minutes] }, boxes: boxes_wanted(pieces),
          bridge: @bridging.of(home, pieces), visits: @visits.taking_down(home[:id]),
          pending: pieces.any? { |piece| !piece[:reckoned] } }
      end

      private

      def pieces(home)
        rooms = @rooms.of_homes([home[:id]])
        listed = @pieces.listed(rooms.map { |room| room[:id] })
        @needs.complete
        reckoned = @needs.of([home], rooms, listed)
        stripped = @stripping.of(listed)
        work = @rows.work(listed.map { |piece| piece[:id] })
        names = rooms.to_h { |room| room.values_at(:id, :name) }
        listed.map do |piece|
          told(piece, stripped[piece[:id]], work.fetch(piece[:id], NO_WORK))
            .merge(room: names[piece[:room_id]], reckoned: !reckoned[piece[:id]].nil?)
        end
      end

      def shown(piece)
        { **piece, things: piece[:things].map { |thing| thing.except(*BESIDE) } }
      end

      def told(piece, things, work)
        { **piece.slice(:id, :name, :kind), portrait: work[:portrait], things: things,
                                            minutes: take_down(work[:tasks], things) }.compact
      end

      def take_down(tasks, things)
        DeckBough::Seasons::TakenDown.minutes(tasks, Stripping.shares(things), house: @needs.house)
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
    end
  end
end
