# frozen_string_literal: true

module DeckBough
  module Server
    # A home for the studio's own book: what was drawn beside what was photographed before and after, what its client
    # said, and what it came to.
    #
    #   HomeBook.new(database, studio).of(home_id, today: today)[:rooms].first[:pieces].first[:after] # => ["0b0e…"]
    class HomeBook
      def initialize(database, studio, gathered: nil)
        @database = database
        @studio = studio
        @gathered = gathered
      end

      # @return [Hash] as the contract has HomeBook
      def of(home_id, today:)
        home = store(Store::Homes).find(home_id)
        @drawn = store(Store::Proposals).last_pictures(home_id)
        remarks = store(Store::LogRemarks).of_home(home_id)
        rooms = ProposalPieces.new(@database, @studio).of(home, {})[:rooms]
        told = rooms.map { |room| room(room, remarks) }
        { home: home.slice(:id, :name, :client, :visit_on, :strike_on), season: store(Store::Seasons).now(today)[:season],
          currency: @studio[:currency], figures: figures(home_id, today), rooms: told,
          **pictures(of_whole(remarks, rooms)), visits: store(Store::Visits).dressing(home_id) }
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      # As the season's summary has them.
      def figures(home_id, today)
        summary = SeasonSummary.new(@database, @studio, gathered: @gathered).of(today: today)
        of_home = summary[:homes].find { |home| home[:id] == home_id }
        of_home&.slice(:bought_cents, :stock_cents, :planned, :took)
      end

      def room(room, remarks)
        { **room.slice(:id, :name), **drawn(room), pieces: room[:pieces].map { |piece| piece(piece, remarks) } }
      end

      def drawn(room)
        %w[day dusk].to_h { |light| [light.to_sym, @drawn["room:#{room[:id]}:#{light}"]] }
      end

      def piece(piece, remarks)
        { **piece.slice(:id, :name, :kind, :told), drawn: @drawn["piece:#{piece[:id]}"],
                                                   **pictures(remarks.select { |one| one[:piece] == piece[:id] }) }
      end

      # What is of no piece that is there still.
      def of_whole(remarks, rooms)
        there = rooms.flat_map { |room| room[:pieces].map { |piece| piece[:id] } }
        remarks.reject { |one| there.include?(one[:piece]) }
      end

      def pictures(remarks)
        by_sort = remarks.group_by { |one| one[:sort] }
        { before: by_sort.fetch("before", []).flat_map { |one| one[:photographs] },
          after: by_sort.fetch("after", []).flat_map { |one| one[:photographs] },
          client: by_sort.fetch("client", []).map { |one| one[:says] } }
      end
    end
  end
end
