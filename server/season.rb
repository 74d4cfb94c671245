# frozen_string_literal: true

module DeckBough
  module Server
    # The season desk: every home with its days to go, what is short and what wants care.
    #
    #   Season.new(database, studio).desk(today: Date.new(2026, 11, 19), page: 1)[:items].first[:days_to_go] # => 9
    class Season
      # @param kept [#fetch, nil] keeps answers that take long
      def initialize(database, studio, kept: nil)
        @homes = Store::Homes.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @planning = Planning.new(database, studio, kept: kept)
      end

      def desk(today:, page:)
        listed = @homes.list(page: page)
        listed.merge(items: listed[:items].map { |home| card(home, today) })
      end

      # A home with its rooms and pieces, each piece with its summary.
      def home(id, today)
        home = @homes.find(id)
        rooms = rooms_of(home)
        { **home, days_to_go: days(home, today), totals: totals(rooms), rooms: rooms }
      end

      private

      def card(home, today)
        rooms = rooms_of(home)
        { **home, days_to_go: days(home, today), rooms: rooms.size, totals: totals(rooms) }
      end

      def rooms_of(home)
        rooms = @rooms.of_home(home[:id])
        pieces = @pieces.of_rooms(rooms.map { |room| room[:id] }).group_by { |piece| piece[:room_id] }
        rooms.map do |room|
          here = pieces.fetch(room[:id], [])
          { **room, pieces: here.map { |piece| piece.slice(:id, :name, :kind, :version).merge(told(home, room, piece)) } }
        end
      end

      def told(home, room, piece)
        place = room[:places].find { |candidate| candidate[:id] == piece[:place_id] }
        { place: place && place[:name], **measured(piece), summary: @planning.summary(home, room, piece) }
      end

      # What a piece is known by: a tree by its height, a run by its length.
      def measured(piece)
        return { height_m: piece[:settings][:measure][:height_m], length_m: nil } if piece[:kind] == "tree"

        survey = piece[:settings][:survey]
        { height_m: nil, length_m: survey[survey[:kind] == "rail" ? :going_m : :length_m] }
      end

      def days(home, today)
        home[:visit_on] && (Date.iso8601(home[:visit_on]) - today).to_i
      end

      def totals(rooms)
        told = rooms.flat_map { |room| room[:pieces].map { |piece| piece[:summary] } }
        sums = %i[short_lines buy_cents unpriced stops cautions minutes].to_h { |name| [name, told.sum { |summary| summary[name] }] }
        { **sums, pieces: told.size, without_tree: told.count { |summary| !summary[:chosen] }, worst: worst(told) }
      end

      def worst(told)
        serious = told.select { |summary| summary[:worst] }
        (serious.find { |summary| summary[:stops].positive? } || serious.first)&.fetch(:worst)
      end
    end
  end
end
