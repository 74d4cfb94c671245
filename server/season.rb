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
      # So many pieces of a home are drawn on the desk.
      MOST_DRAWN = 8

      # @param budget [Float] seconds that may go into computing what no row says yet
      def initialize(database, studio, budget: Needs::BUDGET)
        @homes = Store::Homes.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @needs = Needs.new(database, studio, budget: budget)
        @rows = Store::Needs.new(database, studio[:id])
        @looks = Store::Looks.new(database, studio[:id])
        @readings = Readings.new(database, studio)
        @proposals = Store::ProposalStates.new(database, studio[:id])
      end

      def desk(today:, page:)
        listed = @homes.list(page: page)
        rooms = rooms_of(listed[:items]).group_by { |room| room[:home_id] }
        read = @readings.of(listed[:items].map { |home| home[:id] }, @needs.house_stamp)
        shown = @proposals.of(listed[:items], today: today)
        worn = @looks.names(listed[:items].filter_map { |home| home[:look_id] })
        listed.merge(items: listed[:items].map do |home|
          { **card(home, rooms.fetch(home[:id], []), today), reading: read[home[:id]], look: worn[home[:look_id]],
                                                             unread: read.key?(home[:id]) && read[home[:id]].nil?,
                                                             **{ proposal: shown[home[:id]] }.compact }
        end)
      end

      # A home with its rooms and pieces, each piece with its summary.
      def home(id, today)
        home = @homes.find(id)
        rooms = completed([home])
        colours = colours_of(home[:id], rooms)
        { **home, days_to_go: days(home, today), totals: totals(rooms),
                  reading: @readings.of([home[:id]], @needs.house_stamp)[home[:id]],
                  rooms: rooms.map do |room|
                    { **room, wreaths: totals([room])[:wreaths], colours: colours[room[:id]] }
                  end }
      end

      # What the pieces of a home lack, piece by piece.
      #
      # @return [Hash] items: piece, name, room, and the ledger line's label, need, have, short …; pending: how many
      #   pieces are still to be reckoned
      def shortages(id)
        rooms = completed([@homes.find(id)])
        pieces = rooms.flat_map { |room| room[:pieces].map { |piece| [room, piece] } }
        lines = @rows.short_lines(pieces.map { |_, piece| piece[:id] })
        { items: pieces.flat_map { |room, piece| lacking(room, piece, lines.fetch(piece[:id], [])) },
          pending: pieces.count { |_, piece| piece[:summary].nil? } }
      end

      private

      # What each room shows against its look: its pieces put together, but for those that wear a look of their own.
      def colours_of(home_id, rooms)
        worn, own = @looks.of_home(home_id)
        return {} if worn.empty?

        house = @needs.house
        seen = @rows.seen(rooms.flat_map { |room| room[:pieces].map { |piece| piece[:id] } })
        rooms.to_h do |room|
          parts = seen.values_at(*(room[:pieces].map { |piece| piece[:id] } - own)).compact
          palette = worn[room[:id]]
          [room[:id], palette && DeckBough::Looks::Together.of(parts, palette, house)]
        end
      end

      SHORT = %i[kind label colour unit need spares have elsewhere short spares_short packs left_over buy_cents].freeze
      private_constant :SHORT

      def lacking(room, piece, lines)
        return [] unless piece[:summary]

        lines.map { |line| { piece: piece[:id], name: piece[:name], room: room[:name], **line.slice(*SHORT) } }
      end

      def card(home, rooms, today)
        { **home, days_to_go: days(home, today), rooms: rooms.size, totals: totals(rooms),
                  portraits: rooms.flat_map { |room| room[:pieces] }.filter_map { |piece| piece[:portrait] }
                                  .first(MOST_DRAWN) }
      end

      # Of one home alone nobody knows what is free before the others have been asked.
      def completed(homes)
        @needs.complete
        rooms_of(homes)
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
        measured = need ? { **need.slice(:summary, :portrait).compact, **need[:measured] } : UNMEASURED
        { **piece.slice(:id, :name, :kind, :version), place: place && place[:name], **measured }
      end

      def days(home, today)
        home[:visit_on] && (Date.iso8601(home[:visit_on]) - today).to_i
      end

      def totals(rooms)
        all = rooms.flat_map { |room| room[:pieces].map { |piece| piece[:summary] } }
        told = all.compact
        sums = %i[short_lines buy_cents unpriced stops cautions minutes wreaths].to_h do |name|
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
