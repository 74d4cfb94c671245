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
        @purchases = Store::Purchases.new(database, studio[:id])
        @recipes = Store::Recipes.new(database, studio[:id])
        @visits = Store::Visits.new(database, studio[:id])
        @stripping = Stripping.new(database, studio[:id])
        @bridging = Bridging.new(database, studio[:id])
        @needs = Needs.new(database, studio)
      end

      def house
        @house ||= @needs.house
      end

      # @return [Hash] workers, homes (by id, with rooms and pieces), progress (by home), pins (by step), arrivals (by
      #   piece and step of its bench), days_off; of homes that are taken down: going (by piece, what goes of each
      #   step), bridged (by room, how many surfaces are dressed for the winter)
      def of(ids, today)
        homes = homes(ids)
        { workers: @workers.list, homes: homes, progress: @acts.progress(ids), pins: @pins.of_homes(ids),
          arrivals: arrivals(pieces_of(homes.values).map { |piece| piece[:id] }, today), days_off: @days_off.list,
          **struck(homes) }
      end

      # The same with orders that come on another day than was said.
      #
      # @param facts [Hash] as `of` gives them
      # @param late [Hash] purchases (ids), day (Date)
      def delayed(facts, today, late)
        ids = pieces_of(facts[:homes].values).map { |piece| piece[:id] }
        { **facts, arrivals: arrivals(ids, today, **late) }
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

      # What a step lacks and what of it is on its way, or is to be made by hand and to dry: the step waits for it.
      #
      # @return [Hash{Array(String, String) => Hash}] by piece and step: style, label, on (Date), made (here, by
      #   hand)
      def arrivals(piece_ids, today, purchases: [], day: nil)
        lines = @rows.short_lines(piece_ids)
        coming = @purchases.coming(lines.values.flatten.filter_map { |line| line[:style] }.uniq)
                           .transform_values do |rows|
          rows.map { |row| purchases.include?(row[:purchase]) ? { **row, expected_on: day } : row }
        end
        made = made_by(today)
        lines.each_with_object({}) do |(piece, short), all|
          short.each do |line|
            lacking = line[:short] - line[:spares_short]
            next unless lacking.positive?

            ordered = comes_on(coming.fetch(line[:style], []), lacking)
            comes = ordered || made[line[:style]] or next
            key = [piece, line[:step]]
            all[key] = later(all[key], { **line.slice(:style, :label), on: comes, made: ordered.nil? })
          end
        end
      end

      # When what is begun today is dry, by style.
      def made_by(today)
        @recipes.list.to_h do |recipe|
          minutes = recipe[:active_minutes] + recipe[:drying_minutes]
          [recipe[:product][:style], today + (minutes / (24.0 * 60)).ceil]
        end
      end

      def later(one, other)
        [one, other].compact.max_by { |arrival| arrival[:on] }
      end

      # By when enough of it is there; where never all of it comes, the last that comes.
      def comes_on(rows, lacking)
        left = lacking
        rows.select { |row| row[:expected_on] }.sort_by { |row| row[:expected_on] }.each do |row|
          left -= row[:quantity]
          return row[:expected_on] unless left.positive?
        end
        rows.filter_map { |row| row[:expected_on] }.max
      end
    end
  end
end
