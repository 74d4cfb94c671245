# frozen_string_literal: true

module DeckBough
  module Server
    # The season desk: every home with its days to go, what is short and what wants care.
    #
    #   Season.new(database, studio).desk(today: Date.new(2026, 11, 19), page: 1)[:items].first[:days_to_go] # => 9
    #
    # It takes a fixed number of statements however many homes there are; what pieces need is read from rows (Needs).
    class Season
      UNMEASURED = { height_m: nil, length_m: nil }.freeze

      # @param budget [Float] seconds that may go into computing what no row says yet
      def initialize(database, studio, budget: Needs::BUDGET)
        @homes = Store::Homes.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @needs = Needs.new(database, studio, budget: budget)
      end

      def desk(today:, page:)
        listed = @homes.list(page: page)
        rooms = rooms_of(listed[:items]).group_by { |room| room[:home_id] }
        listed.merge(items: listed[:items].map { |home| card(home, rooms.fetch(home[:id], []), today) })
      end

      # A home with its rooms and pieces, each piece with its summary.
      def home(id, today)
        home = @homes.find(id)
        rooms = rooms_of([home])
        { **home, days_to_go: days(home, today), totals: totals(rooms), rooms: rooms }
      end

      private

      def card(home, rooms, today)
        { **home, days_to_go: days(home, today), rooms: rooms.size, totals: totals(rooms) }
      end

      def rooms_of(homes)
        rooms = @rooms.of_homes(homes.map { |home| home[:id] })
        listed = @pieces.listed(rooms.map { |room| room[:id] })
        needs = @needs.of(homes, rooms, listed)
        pieces = listed.group_by { |piece| piece[:room_id] }
        rooms.map do |room|
          { **room, pieces: pieces.fetch(room[:id], []).map { |piece| told(room, piece, needs[piece[:id]]) } }
        end
      end

      # Without a summary it is still to be reckoned.
      def told(room, piece, need)
        place = room[:places].find { |candidate| candidate[:id] == piece[:place_id] }
        measured = need ? { summary: need[:summary], **need[:measured] } : UNMEASURED
        { **piece.slice(:id, :name, :kind, :version), place: place && place[:name], **measured }
      end

      def days(home, today)
        home[:visit_on] && (Date.iso8601(home[:visit_on]) - today).to_i
      end

      def totals(rooms)
        all = rooms.flat_map { |room| room[:pieces].map { |piece| piece[:summary] } }
        told = all.compact
        sums = %i[short_lines buy_cents unpriced stops cautions minutes].to_h do |name|
          [name, told.sum { |summary| summary[name] }]
        end
        { **sums, pieces: all.size, unmeasured: told.count { |summary| !summary[:chosen] },
                  pending: all.size - told.size, worst: worst(told) }
      end

      def worst(told)
        serious = told.select { |summary| summary[:worst] }
        (serious.find { |summary| summary[:stops].positive? } || serious.first)&.fetch(:worst)
      end
    end
  end
end
