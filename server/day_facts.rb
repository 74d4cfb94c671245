# frozen_string_literal: true

module DeckBough
  module Server
    # All that the days of some homes are planned of.
    #
    #   DayFacts.new(database, studio).of([home_id], today)[:workers].first[:name] # => "Ida"
    class DayFacts
      NEVER = { ready_on: nil, ready_min: nil }.freeze

      def initialize(database, studio)
        @workers = Store::Workers.new(database, studio[:id])
        @homes = Store::Homes.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @rows = Store::Needs.new(database, studio[:id])
        @acts = Store::VisitActs.new(database, studio[:id])
        @pins = Store::StepPins.new(database, studio[:id])
        @days_off = Store::DaysOff.new(database, studio[:id])
        @arrivals = DayArrivals.new(database, studio[:id])
        @visits = Store::Visits.new(database, studio[:id])
        @stripping = Stripping.new(database, studio[:id])
        @bridging = Bridging.new(database, studio[:id])
        @needs = Needs.new(database, studio)
        @order = studio[:house_order]
      end

      def house
        @house ||= @needs.house
      end

      # @return [Hash] workers, homes (by id, with rooms and pieces), progress (by home), pins (by step), arrivals (by
      #   piece and step of its bench), days_off; of homes that are taken down: going (by piece, what goes of each
      #   step), bridged (by room, how many surfaces are dressed for the winter)
      def of(ids, today)
        homes = homes(ids)
        progress = @acts.progress(ids)
        pieces = pieces_of(homes.values)
        up = progress.values.flat_map { |one| one[:journal].turns_up.keys.map(&:first) }
        told = @arrivals.of(pieces.map { |piece| piece[:id] }, today, up: up.uniq)
        pieces.each { |piece| piece[:makings] = told[:makings].fetch(piece[:id], []) }
        { workers: @workers.list, homes: homes, progress: progress, pins: @pins.of_homes(ids),
          arrivals: told[:arrivals], days_off: @days_off.list, **struck(homes) }
      end

      # The same with orders that come on another day than was said.
      #
      # @param facts [Hash] as `of` gives them
      # @param late [Hash] purchases (ids), day (Date)
      def delayed(facts, today, late)
        ids = pieces_of(facts[:homes].values).map { |piece| piece[:id] }
        { **facts, arrivals: @arrivals.of(ids, today, **late)[:arrivals] }
      end

      # @param facts [Hash] as `of` gives them
      # @return [Array<Days::HomeSteps::Told>] what there is to dress in a home
      def dressing(home, facts)
        DeckBough::Days::HomeSteps.new(home, facts[:homes][home][:rooms], house: house, order: @order).all
      end

      # @param facts [Hash] as `of` gives them
      # @return [Array<Days::HomeSteps::Told>] what of it comes down; none where that is not planned
      def taking_down(home, facts)
        pieces = pieces_of([facts[:homes][home]])
        return [] unless pieces.all? { |piece| facts[:going].key?(piece[:id]) }

        DeckBough::Days::StrikeSteps.new("#{DaySpan::STRIKE}#{home}", dressing(home, facts), facts[:going],
                                         house: house, bridged: facts[:bridged]).all
      end

      private

      def pieces_of(homes)
        homes.flat_map { |home| home[:rooms] }.flat_map { |room| room[:pieces] }
      end

      def struck(homes)
        struck = homes.values_at(*@visits.struck(homes.keys))
        things = @stripping.of(pieces_of(struck))
        { going: things.transform_values { |all| Stripping.shares(all) },
          bridged: struck.reduce({}) { |all, home| all.merge(bridged(home, things)) } }
      end

      def bridged(home, things)
        rooms = home[:rooms].to_h { |room| [room[:id], room[:pieces].map { |piece| piece[:id] }] }
        pieces = pieces_of([home]).map { |piece| { **piece, things: things.fetch(piece[:id]) } }
        dressed = @bridging.of(home, pieces)[:surfaces].select { |one| one[:things].any? }.map { |one| one[:piece] }
        rooms.transform_values { |ids| (ids & dressed).size }
      end

      # The rooms of each home with their pieces and what there is to do on them, as far as that is reckoned.
      def homes(ids)
        homes = @homes.of_ids(ids)
        rooms = @rooms.of_homes(ids)
        pieces = @pieces.listed(rooms.map { |room| room[:id] })
        @needs.complete
        reckoned = @needs.of(homes, rooms, pieces)
        work = @rows.work(pieces.map { |piece| piece[:id] })
        by_room = pieces.group_by { |piece| piece[:room_id] }
        ready = @rooms.ready_by(ids)
        by_home = rooms.group_by { |room| room[:home_id] }
        homes.to_h do |home|
          here = by_home.fetch(home[:id], []).map do |room|
            { **room.slice(:id, :name), **ready.fetch(room[:id], NEVER),
              pieces: by_room.fetch(room[:id], []).map { |piece| of_piece(piece, room, home, reckoned, work) } }
          end
          [home[:id], { **home, rooms: here }]
        end
      end

      def of_piece(piece, room, home, reckoned, work)
        { **piece.slice(:id, :name, :kind, :optional), adhesive: room[:no_nails] || home[:rented],
                                                       reckoned: !reckoned[piece[:id]].nil?,
                                                       **work.fetch(piece[:id], { tasks: [], portrait: nil }) }
      end
    end
  end
end
