# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # What a home's plan says of how its rooms are seen: walls and what opens in them, where pieces are, places to
      # look from, what stays bare, paint. Rooms and pieces are named as the document names them.
      class HomePlanViews
        POSITION = Store::Positions::FIELDS
        # What of a room of the document is read here and not by the survey.
        PARTS = %w[key viewpoints bare paints].freeze
        BARE = [*Store::BarePlaces::INPUTS, Input.text(:piece, "Because of", 0..120, default: nil)].freeze
        # Each list of a room with what an entry says, and how many there are at most.
        LISTS = { "viewpoints" => [DeckBough::Rooms::Viewpoint::DECLARED, Store::Viewpoints::MOST_IN_ROOM],
                  "bare" => [BARE, Store::BarePlaces::MOST_IN_ROOM],
                  "paints" => [Store::Paints::INPUTS, Store::Paints::MOST_OF_A_ROOM] }.freeze

        def initialize(database, studio_id)
          @rooms = Store::Rooms.new(database, studio_id)
          @positions = Store::Positions.new(database, studio_id)
          @viewpoints = Store::Viewpoints.new(database, studio_id)
          @bare = Store::BarePlaces.new(database, studio_id)
          @paints = Store::Paints.new(database, studio_id)
        end

        # @param rooms [Array<Hash>] of one home
        # @return [Hash{String => Hash}] key, plan, viewpoints, bare, paints of each room by id
        def out(rooms)
          keys = rooms.each_with_index.to_h { |room, i| [room[:id], "room-#{i + 1}"] }
          seen_from = @viewpoints.of_rooms(keys.keys)
          paints = @paints.of_rooms(keys.keys)
          rooms.to_h do |room|
            id = room[:id]
            [id, { key: keys[id], plan: plan_out(room[:plan], keys),
                   viewpoints: seen_from.fetch(id, []).map { |one| one.slice(*Store::Viewpoints::FIELDS) },
                   bare: @bare.of_room(id).map { |one| one.slice(:name, :reason, :piece) },
                   paints: paints.fetch(id, []).map { |one| one.slice(:name, :srgb) } }]
          end
        end

        # Without the rooms it leads to, as long as not all of them are there.
        def shut(plan)
          openings = plan.to_h.fetch("openings", []).map { |opening| opening.except("leads_to") }
          plan.to_h.merge("openings" => openings)
        end

        # @param made [Hash{String => Hash}] the rooms that were made, by their keys
        # @param document [Array<Hash>] rooms of the document
        # @param pieces [Hash{String => Array<Hash>}] what was made in each room, by id of the room
        # @param wrong [#call] path and Problem → the Problem in the words of the document
        def make(made, document, pieces, wrong: ->(_, problem) { problem })
          @wrong = wrong
          keys = made.zip(document).to_h { |room, said| [said["key"], room[:id]] }
          document.zip(made).each_with_index do |(said, room), i|
            here = pieces.fetch(room[:id])
            at(["rooms", i]) { lead(room, said, keys) }
            put(said["pieces"], here, ["rooms", i, "pieces"])
            each_of(said, "viewpoints", i) { |one| @viewpoints.create(room[:id], one) }
            each_of(said, "paints", i) { |one| @paints.keep(room[:id], one) }
            each_of(said, "bare", i) { |one| leave_bare(room, one, here) }
          end
        end

        private

        def plan_out(plan, keys)
          { **plan, openings: plan[:openings].map { |one| { **one, leads_to: keys[one[:leads_to]] } } }
        end

        def lead(room, said, ids)
          openings = said["plan"].to_h.fetch("openings", [])
          return if openings.none? { |opening| opening["leads_to"] }

          plan = said["plan"].merge("openings" => openings.map { |one| { **one, "leads_to" => ids[one["leads_to"]] } })
          places = room[:places].map { |place| place.transform_keys(&:to_s) }
          kept = room.slice(*Store::Rooms::ROOM).transform_keys(&:to_s)
          @rooms.change(room[:id], room[:version], kept.merge("plan" => plan, "places" => places))
        end

        def put(said, made, path)
          said.zip(made).each_with_index do |(piece, there), i|
            position = piece["position"] or next
            nowhere = POSITION.to_h { |name| [name.to_s, nil] }
            at([*path, i, "position"]) { @positions.put(there[:id], nowhere.merge(position, "was" => nowhere)) }
          end
        end

        def each_of(said, list, room)
          said.fetch(list, []).each_with_index { |one, i| at(["rooms", room, list, i]) { yield one } }
        end

        def at(path)
          yield
        rescue Problem => e
          raise @wrong.call(path, e)
        end

        # Because of a piece that came along, else in words.
        def leave_bare(room, one, pieces)
          id = pieces.find { |piece| piece[:name] == one["piece"] }&.fetch(:id)
          reason = one["reason"].to_s.strip.empty? && id.nil? ? one["piece"].to_s : one["reason"]
          @bare.create(room[:id], { "name" => one["name"], "reason" => reason, "piece_id" => id })
        end
      end
    end
  end
end
