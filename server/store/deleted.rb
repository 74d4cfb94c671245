# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Homes, rooms and pieces that were deleted lately and can be brought back, the latest first.
      class Deleted < Table
        DAYS = 30

        # @return [Hash] a page of: kind, id, name, within, deleted_at, by, until (the last day it is kept)
        def list(page:, today:)
          names = names_of_people
          all = homes.union(rooms, all: true).union(pieces, all: true)
          page(all.where { deleted_at > today - DAYS }.reverse(:deleted_at, :id), page) do |row|
            { **row.slice(:kind, :id, :name, :within), deleted_at: row[:deleted_at].iso8601,
                                                       by: names[row[:deleted_by]],
                                                       until: (row[:deleted_at].to_date + DAYS).iso8601 }
          end
        end

        private

        # A room of a deleted home comes back with its home; it is not listed by itself.
        def homes
          told(database[:homes], :homes, "home", Sequel.cast(nil, String))
        end

        def rooms
          told(database[:rooms].join(:homes, id: :home_id).where(Sequel[:homes][:deleted_at] => nil), :rooms, "room",
               Sequel[:homes][:name])
        end

        def pieces
          inside = database[:pieces].join(:rooms, id: :room_id).join(:homes, id: Sequel[:rooms][:home_id])
          # Of pieces of last season that nobody has decided on yet another page tells.
          told(inside.where(Sequel[:pieces][:draft_of] => nil, Sequel[:homes][:deleted_at] => nil,
                            Sequel[:rooms][:deleted_at] => nil), :pieces, "piece",
               Sequel.join([Sequel[:homes][:name], ", ", Sequel[:rooms][:name]]))
        end

        def told(dataset, table, kind, within)
          dataset.where(Sequel[table][:studio_id] => studio_id).exclude(Sequel[table][:deleted_at] => nil)
                 .select(Sequel.cast(kind, String).as(:kind), Sequel[table][:id], Sequel[table][:name],
                         Sequel.as(within, :within),
                         Sequel[table][:deleted_at], Sequel[table][:deleted_by])
        end
      end
    end
  end
end
