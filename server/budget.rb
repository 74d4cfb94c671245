# frozen_string_literal: true

module DeckBough
  module Server
    # What homes may cost and do: planned, bought, still to buy, worth from stock, work, and what that comes to for the
    # client. A home is the sum of its rooms, to the cent.
    #
    #   Budget.new(database, studio, today: today).of(homes).first[:left_cents] # => 6350
    class Budget
      NOTHING = { cents: 0, stocked_cents: 0 }.freeze
      SUMS = %i[bought_cents to_buy_cents stock_cents minutes].freeze

      # @param gathered [#fetch, nil] keeps what was gathered for buying
      def initialize(database, studio, today:, gathered: nil)
        @database = database
        @studio = studio
        @today = today
        @gathered = gathered
      end

      # @param homes [Array<Hash>] as Store::Homes shows them
      # @return [Array<Hash>] by home: id, name, planned_cents, bought_cents, to_buy_cents, stock_cents, left_cents,
      #   minutes, charge, rooms, pending
      def of(homes)
        ids = homes.map { |home| home[:id] }
        rooms = store(Store::Rooms).of_homes(ids)
        figures = figures(homes, rooms)
        planned = store(Store::Budgets).planned(ids)
        by_home = rooms.group_by { |room| room[:home_id] }
        homes.map { |home| home(home, by_home.fetch(home[:id], []), figures, planned.fetch(home[:id], {})) }
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      # @return [Hash{String => Hash}] SUMS and pending by room
      def figures(homes, rooms)
        pieces = store(Store::Pieces).listed(rooms.map { |room| room[:id] })
        needs = Needs.new(@database, @studio).of(homes, rooms, pieces)
        bought = store(Store::Purchases).bought_for(homes.map { |home| home[:id] })
        to_buy = Buying.new(@database, @studio, today: @today, kept: @gathered).to_order_by_room
        by_room = pieces.group_by { |piece| piece[:room_id] }
        rooms.to_h do |room|
          told = by_room.fetch(room[:id], []).map { |piece| needs[piece[:id]]&.fetch(:summary) }
          there = bought.fetch(room[:id], NOTHING)
          [room[:id], { bought_cents: there[:cents], to_buy_cents: to_buy.fetch(room[:id], 0),
                        stock_cents: from_stock(told.compact, there[:stocked_cents]),
                        minutes: told.compact.sum { |summary| summary[:minutes] }, pending: told.count(&:nil?) }]
        end
      end

      # What was bought for a room and came is bought, and not the stock's besides.
      def from_stock(told, stocked_cents)
        [told.sum { |summary| summary[:stock_cents] } - stocked_cents, 0].max
      end

      def home(home, rooms, figures, planned)
        told = rooms.map do |room|
          { **room.slice(:id, :name), **with_left(figures.fetch(room[:id]), planned[room[:id]]) }
        end
        sums = (SUMS + [:pending]).to_h { |name| [name, told.sum { |room| room[name] }] }
        { **home.slice(:id, :name, :client), visit_on: home[:visit_on], **with_left(sums, planned[nil]), rooms: told }
      end

      # Materials are what is bought for it; what is the studio's own goes back into its stock.
      def with_left(sums, planned)
        spent = sums[:bought_cents] + sums[:to_buy_cents]
        minutes = sums[:minutes].round(1)
        { **sums, minutes: minutes, planned_cents: planned, left_cents: planned && (planned - spent),
                  charge: DeckBough::Buying::Charge.of({ materials_cents: spent, minutes: minutes }, **prices) }
      end

      def prices
        @prices ||= store(Store::Budgets).prices.slice(*Store::Budgets::PRICES)
      end
    end
  end
end
