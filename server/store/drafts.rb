# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Pieces of last season that nobody has decided on yet: they are put aside, take nothing of the stock and are in
      # no plan, until each is kept, changed or let go.
      #
      #   drafts.list([home_id]).first[:name] # => "Quay window tree"
      class Drafts < Table
        MOST = 2_000

        # All that is standing is put aside, what was done is done with, and homes have the same days a year on.
        def begin_anew(season, days:, today:, account_id:)
          %i[done_steps hung_ornaments step_pins piece_cuts].each { |table| rows(table).delete }
          rows(:piece_acts).where(settled_on: nil).update(settled_on: today)
          rows(:homes).where(deleted_at: nil).update(visit_on: Sequel[:visit_on] + days,
                                                     strike_on: Sequel[:strike_on] + days, spring_on: nil,
                                                     version: Sequel[:version] + 1)
          ids = standing.select_map(Sequel[:pieces][:id])
          rows(:pieces).where(id: ids).update(draft_of: season, **aside(account_id))
          Claims.new(database, studio_id).share_out_of(ids)
        end

        # @return [Array<String>] ids of homes with something to decide on, by name
        def homes
          waiting.distinct.order(Sequel[:homes][:name], Sequel[:homes][:id])
                 .select_map([Sequel[:homes][:name], Sequel[:homes][:id]]).map(&:last)
        end

        # @param homes [Array<String>]
        # @return [Array<Hash>] id, name, kind, home_id, room_id, place_id (nil where it is there no more), settings
        def list(homes)
          waiting.where(home_id: homes)
                 .order(Sequel[:rooms][:position], Sequel[:rooms][:name], Sequel[:pieces][:name], Sequel[:pieces][:id])
                 .limit(MOST).select_all(:pieces)
                 .select_append(Sequel[:rooms][:home_id], Sequel[:rooms][:deleted_at].as(:room_gone)).map do |row|
            { **row.slice(:id, :name, :kind, :home_id, :settings, :settings_schema),
              room_id: row[:room_gone] ? nil : row[:room_id], place_id: row[:place_id] }
          end
        end

        # Of which things a piece has several: what could be left out.
        #
        # @return [Hash{String => Array<Hash>}] by piece: style, name, colour
        def colours(drafts)
          named = drafts.to_h { |draft| [draft[:id], several(draft)] }
          known = rows(:styles).where(id: named.values.flatten.uniq).select_hash(:id, %i[name colour])
          named.transform_values do |ids|
            ids.filter_map { |id| known[id]&.then { |name, colour| { style: id, name: name, colour: colour } } }
          end
        end

        # As it was, or in another place, or without some of its things.
        def keep(id, given, account_id:, units:)
          transaction do
            row = draft(id)
            move(row, given["room_id"], given["place_id"]) if given["room_id"]
            pieces.restore(id)
            leave_out(id, given["without"], account_id, units) if given["without"].to_a.any?
          end
        end

        # It is found with what was deleted, for as long as that is kept.
        def drop(id)
          transaction do
            bump(:pieces, draft(id), draft_of: nil, deleted_at: Sequel::CURRENT_TIMESTAMP)
          end
        end

        # What was kept or let go is to be decided on again.
        def put_back(id, account_id:)
          transaction do
            row = rows(:pieces).where(id: id).for_update.first or raise Problem.not_found("piece")
            season = rows(:season_homes).where(Sequel.lit("told @> ?::jsonb", named(id))).max(:season) or
              raise Problem.not_found("piece of last season")
            bump(:pieces, row, draft_of: season, **aside(account_id).except(:version))
            Claims.new(database, studio_id).share_out_of([id])
          end
        end

        private

        def aside(account_id)
          { deleted_at: Sequel::CURRENT_TIMESTAMP, deleted_by: account_id, version: Sequel[:version] + 1 }
        end

        def named(id)
          JSON.generate("rooms" => [{ "pieces" => [{ "id" => id }] }])
        end

        def inside
          database[:pieces].join(:rooms, id: :room_id).join(:homes, id: Sequel[:rooms][:home_id])
                           .where(Sequel[:pieces][:studio_id] => studio_id)
        end

        def waiting
          inside.exclude(Sequel[:pieces][:draft_of] => nil).where(Sequel[:homes][:deleted_at] => nil)
        end

        def standing
          inside.where(Sequel[:pieces][:deleted_at] => nil, Sequel[:rooms][:deleted_at] => nil,
                       Sequel[:homes][:deleted_at] => nil)
        end

        def pieces
          Pieces.new(database, studio_id)
        end

        def draft(id)
          rows(:pieces).where(id: id).exclude(draft_of: nil).for_update.first or
            raise Problem.not_found("piece of last season")
        end

        def several(draft)
          kind = Kinds.of(draft[:kind])
          settings = kind.read(draft[:settings].to_h, schema: draft[:settings_schema]).settings
          StyleReferences.of(kind.groups, settings).select { |path, _| path.any?(Integer) }.map(&:last).uniq
        end

        def move(row, room_id, place_id)
          home = rows(:rooms).where(id: row[:room_id]).get(:home_id)
          there = Ids.id?(room_id) && rows(:rooms).where(id: room_id, home_id: home, deleted_at: nil).get(:id)
          raise wrong("/room_id", "That room is not in this home any more. Choose another.") unless there

          place = place_id && place_in(there, place_id)
          return if row[:room_id] == there && row[:place_id] == place

          rows(:pieces).where(id: row[:id]).update(room_id: there, place_id: place, **Positions::NOWHERE)
        end

        def place_in(room, id)
          (Ids.id?(id) && rows(:places).where(room_id: room, id: id).get(:id)) or
            raise wrong("/place_id", "That place is not in this room. Choose one of the room's places.")
        end

        # Written down in its history, as every change of it.
        def leave_out(id, styles, account_id, units)
          piece = pieces.find(id)
          kind = Kinds.of(piece[:kind])
          left = StyleReferences.without(kind.groups, piece[:settings], styles)
          pieces.change(id, piece[:version], { "name" => piece[:name], "place_id" => piece[:place_id],
                                               "settings" => JSON.parse(JSON.generate(left)) },
                        account_id: account_id, units: units)
        end
      end
    end
  end
end
