# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Which season the plans are for, which are over, and what stood where in those.
      #
      #   seasons.now(Date.new(2026, 11, 19)) # => { season: 2026, closed_on: nil, closed_by: nil, drafts: 0 }
      class Seasons < Table
        WEAR = DeckBough::Stock::Wear

        # @return [Hash] season, closed_on and closed_by where it is closed and the next is not begun, drafts (pieces of
        #   last season nobody has decided on yet)
        def now(today)
          row = closed
          return { **told(row), drafts: 0 } if row

          { season: season_of(today), closed_on: nil, closed_by: nil,
            drafts: rows(:pieces).exclude(draft_of: nil).count }
        end

        # @return [Integer, nil] the season that was opened from the one before; nil where none was closed yet
        def opened
          database[:studios].where(id: studio_id).get(:season)
        end

        # @return [Date, nil] from which on visits and what was said in them are of this season; nil where no season was
        #   closed yet
        def first_day
          season = opened
          season && WEAR.days_of(season).first
        end

        # @return [Array<Hash>] those that are over, the latest first: season, closed_on, closed_by
        def list
          rows(:seasons).reverse(:season).select(:season, :closed_on, :closed_by, :opened_on).all
                        .map { |row| told(row) }
        end

        # @return [Hash] season, closed_on, closed_by, summary, house_rules
        def find(season)
          row = rows(:seasons).where(season: season).first or raise Problem.not_found("closed season")
          { **told(row), summary: row[:summary].to_h, house_rules: row[:house_rules].to_h }
        end

        # @return [Array<Hash>] homes that stood, by name: id, name, client, visit_on, strike_on, pieces (how many)
        def homes(season)
          rows(:season_homes).where(season: season).order(:name, :home_id).select_map(:told).map do |told|
            { **told.to_h.slice("id", "name", "client", "visit_on", "strike_on"),
              pieces: told["rooms"].sum { |room| room["pieces"].size } }
          end
        end

        # @return [Hash] a home as it stood
        def home(season, id)
          (Ids.id?(id) && rows(:season_homes).where(season: season, home_id: id).get(:told)&.to_h) or
            raise Problem.not_found("home of that season")
        end

        # Where each piece stood in seasons that are over.
        #
        # @return [Hash{String => Array<Hash>}] by piece: season, room, place, the latest first
        def stood(home_id)
          rows(:season_homes).where(home_id: home_id).reverse(:season).select_map(%i[season told])
                             .flat_map { |season, told| places(season, told) }
                             .group_by(&:first).transform_values { |all| all.map(&:last) }
        end

        # As pieces keep them now, of whichever schema.
        #
        # @return [Hash{String => Hash}] by piece
        def settings(ids)
          rows(:pieces).where(id: ids).select_hash(:id, :settings)
        end

        # Whoever closes, opens or reopens waits here for the one before.
        def one_at_a_time
          database[:studios].where(id: studio_id).for_update.get(:id)
        end

        # @param homes [Array<Hash>] id, name and all that is kept of each
        def close(season, summary:, house_rules:, homes:, today:, account_id:)
          rows(:seasons).insert(studio_id: studio_id, season: season, closed_on: today, closed_by: account_id,
                                summary: Sequel.pg_jsonb(summary), house_rules: Sequel.pg_jsonb(house_rules))
          database[:season_homes].multi_insert(homes.map do |home|
            { studio_id: studio_id, season: season, home_id: home[:id], name: home[:name],
              told: Sequel.pg_jsonb(home) }
          end)
        end

        # As if it had not been closed. Nothing was changed meanwhile: nothing could be.
        def reopen
          rows(:seasons).where(opened_on: nil).delete
        end

        # @param today [Date]
        # @return [Integer] the season its plans are for from now on
        def open_next(today:, account_id:)
          row = closed or raise Problem.new(409, "not-closed", "Nothing is closed",
                                            "Close the season first; the next opens from it.")
          rows(:seasons).where(season: row[:season]).update(opened_on: today, opened_by: account_id)
          database[:studios].where(id: studio_id).update(season: row[:season] + 1)
          row[:season] + 1
        end

        private

        def closed
          rows(:seasons).where(opened_on: nil).select(:season, :closed_on, :closed_by).first
        end

        def season_of(today)
          database[:studios].where(id: studio_id).get(:season) || WEAR.season_of(today)
        end

        def told(row)
          { season: row[:season], closed_on: row[:closed_on].iso8601, closed_by: names_of_people[row[:closed_by]] }
        end

        def places(season, told)
          told["rooms"].to_a.flat_map do |room|
            room["pieces"].map do |piece|
              [piece["id"], { season: season, room: room["name"], place: piece["place"] }]
            end
          end
        end
      end
    end
  end
end
