# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Who saw and who changed a home, a line a person and day; whatever stands in it counts for it.
      #
      #   accesses.note("pieces", piece_id, changed: true, account_id: 1, at: Time.now)
      #   accesses.list(home_id, page: 1)[:items].first
      #   # => { who: "Bram Teasel", day: "2026-11-19", changed: true, ... }
      class HomeAccesses < Table
        # So long lines are kept: two seasons and what lies between.
        DAYS = 730
        # Within so many seconds a line is not written again.
        MINUTE = 60
        IN_ROOMS = { "anchors" => :anchors, "viewpoints" => :viewpoints, "bare" => :bare_places, "paints" => :paints,
                     "pieces" => :pieces }.freeze
        IN_HOMES = { "rooms" => :rooms, "visits" => :visits, "remarks" => :log_remarks,
                     "log-times" => :log_times }.freeze
        KINDS = ["homes", *IN_ROOMS.keys, *IN_HOMES.keys].freeze

        # @param kind [String] of KINDS: what was asked for
        # @param id [String] which of them
        def note(kind, id, changed:, account_id:, at:)
          homes = home_of(kind, id).exclude(home_id: nil)
          line = homes.select(studio_id, :home_id, account_id, at.to_date, changed, at, at)
          again = { last_at: Sequel[:excluded][:last_at] }
          database[:home_accesses]
            .insert_conflict(target: %i[home_id account_id on_day changed], update: again,
                             update_where: Sequel[:home_accesses][:last_at] < at - MINUTE)
            .insert(%i[studio_id home_id account_id on_day changed first_at last_at], line)
        end

        # @return [Hash] a page of: who, day, changed, first_at, last_at; the latest first
        def list(home_id, page:)
          names = names_of_people
          found = rows(:home_accesses).where(home_id: home_id).reverse(:on_day, :last_at, :changed, :account_id)
          page(found, page) do |row|
            { who: names[row[:account_id]], day: row[:on_day].iso8601, changed: row[:changed],
              first_at: row[:first_at].iso8601, last_at: row[:last_at].iso8601 }
          end
        end

        # Lines that are over go.
        def sweep(today)
          rows(:home_accesses).where { on_day < today - DAYS }.delete
        end

        private

        def home_of(kind, id)
          return rows(:homes).where(id: id).select(:studio_id, Sequel[:id].as(:home_id)).from_self if kind == "homes"
          return rows(IN_HOMES.fetch(kind)).where(id: id) if IN_HOMES.key?(kind)

          rows(:rooms).where(id: rows(IN_ROOMS.fetch(kind)).where(id: id).select(:room_id))
        end
      end
    end
  end
end
