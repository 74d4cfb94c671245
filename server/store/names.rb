# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Homes, rooms and pieces by a part of their name (or their client's), nearest to the top first.
      class Names < Table
        MOST = 20

        # @return [Array<Hash>] kind, id, name, within (the name of what it is in, or nil)
        def like(text)
          pattern = "%#{database.dataset.escape_like(text.strip)}%"
          [*homes(pattern), *rooms(pattern), *pieces(pattern)].first(MOST)
        end

        private

        def named(dataset, table, kind, within)
          dataset.where(Sequel[table][:studio_id] => studio_id).order(Sequel[table][:name]).limit(MOST)
                 .select(Sequel.as(kind, :kind), Sequel[table][:id], Sequel[table][:name],
                         Sequel.as(within, :within)).all
        end

        def homes(pattern)
          found = database[:homes].where(deleted_at: nil).where(
            Sequel.ilike(:name, pattern) | Sequel.ilike(:client, pattern)
          )
          named(found, :homes, "home", nil)
        end

        def rooms(pattern)
          found = database[:rooms].join(:homes, id: :home_id)
                                  .where(Sequel[:rooms][:deleted_at] => nil, Sequel[:homes][:deleted_at] => nil)
          named(found.where(Sequel.ilike(Sequel[:rooms][:name], pattern)), :rooms, "room", Sequel[:homes][:name])
        end

        def pieces(pattern)
          found = database[:pieces].join(:rooms, id: :room_id).join(:homes, id: Sequel[:rooms][:home_id])
                                   .where(%i[pieces rooms homes].to_h { |table| [Sequel[table][:deleted_at], nil] })
          named(found.where(Sequel.ilike(Sequel[:pieces][:name], pattern)), :pieces, "piece", Sequel[:homes][:name])
        end
      end
    end
  end
end
