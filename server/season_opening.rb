# frozen_string_literal: true

module DeckBough
  module Server
    # The next season opens from the one that is closed: homes with their rooms stay, every piece of last season is put
    # aside until somebody keeps it, changes it or lets it go.
    #
    #   SeasonOpening.new(database, studio).of(today: today)[:homes].first[:drafts].first[:name] # => "Quay window tree"
    class SeasonOpening
      # The same day of the week a year on.
      YEAR_DAYS = 364
      TREE = "tree"
      HOMES_A_PAGE = 12
      MOST_TO_REPLACE = 50

      def initialize(database, studio)
        @database = database
        @studio = studio
        @seasons = Store::Seasons.new(database, studio[:id])
        @drafts = Store::Drafts.new(database, studio[:id])
      end

      # @return [Hash] season, closed_on, closed_by
      def open(today:, account_id:)
        Store::Table.tried(@database) do
          @seasons.one_at_a_time
          was = @seasons.now(today)[:season]
          @seasons.open_next(today: today, account_id: account_id)
          @drafts.begin_anew(was, days: YEAR_DAYS, today: today, account_id: account_id)
          store(Store::Proposals).end_season(by: account_id)
          @seasons.now(today)
        end
      end

      # @return [Hash] as the contract has SeasonOpening
      def of(today:, page: 1)
        season = @seasons.now(today)[:season]
        { season: season, **homes(page), keepsakes: keepsakes(season), replace: replace(season),
          ideas: store(Store::LogRemarks).open_ideas }
      end

      # @param given [Hash] choice (keep, drop, put_back), and of what is kept room_id, place_id and without (styles
      #   that are left out)
      # @return [Hash] id
      def decide(piece_id, given, account_id:)
        case given["choice"]
        when "keep" then @drafts.keep(piece_id, given, account_id: account_id, units: @studio[:units])
        when "drop" then @drafts.drop(piece_id)
        else @drafts.put_back(piece_id, account_id: account_id)
        end
        { id: piece_id }
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      # Those that have something to decide on, by name.
      def homes(page)
        waiting = @drafts.homes
        shown = waiting.slice((page - 1) * HOMES_A_PAGE, HOMES_A_PAGE) || []
        { homes: told_homes(shown), page: page, pages: [(waiting.size / HOMES_A_PAGE.to_f).ceil, 1].max,
          total: waiting.size }
      end

      def told_homes(ids)
        by_home = @drafts.list(ids).group_by { |draft| draft[:home_id] }
        rooms = store(Store::Rooms).of_homes(ids).group_by { |room| room[:home_id] }
        known = store(Store::Homes).of_ids(ids).to_h { |home| [home[:id], home] }
        known.values_at(*ids).map do |home|
          { **home.slice(:id, :name, :client), rooms: rooms.fetch(home[:id], []).map { |room| told_room(room) },
                                               drafts: told(by_home[home[:id]], home[:id]) }
        end
      end

      def told_room(room)
        { **room.slice(:id, :name), places: room[:places].map { |place| place.slice(:id, :name) } }
      end

      def told(drafts, home)
        stood = @seasons.stood(home)
        work = store(Store::Needs).work(drafts.map { |draft| draft[:id] })
        colours = @drafts.colours(drafts)
        drafts.map do |draft|
          { **draft.slice(:id, :name, :kind, :room_id, :place_id), portrait: work.dig(draft[:id], :portrait),
                                                                   stood: stood.fetch(draft[:id], []),
                                                                   things: colours.fetch(draft[:id], []) }
        end
      end

      # Keepsakes that come one a year, and which of them is missing.
      def keepsakes(season)
        store(Store::Stockroom).keepsakes(season: season).filter_map do |one|
          { whose: one[:of], missing: one[:missing] } if one[:missing].any?
        end
      end

      # Trees that have done the seasons they should, or whose lights are too dark.
      def replace(season)
        trees = @database[:styles].where(studio_id: @studio[:id], kind: TREE, retired: false).order(:name, :id)
                                  .limit(MOST_TO_REPLACE).all
        trees.filter_map do |row|
          wear = wear(row, season)
          { style: row[:id], name: row[:name], last_season: wear.last } if wear.due?
        end
      end

      def wear(row, season)
        DeckBough::Stock::Wear.new(season: season, expected: row[:seasons_expected],
                                   house: store(Store::HouseRules).current,
                                   **row.slice(:price_cents, :pack_size, :bought_on, :dead_percent))
      end
    end
  end
end
