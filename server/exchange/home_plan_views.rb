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
        def make(made, document, pieces)
          document.zip(made).each do |said, room|
            here = pieces.fetch(room[:id])
            lead(room, said, made.zip(document).to_h { |one, of| [of["key"], one[:id]] })
            put(said["pieces"], here)
            said.fetch("viewpoints", []).each { |one| @viewpoints.create(room[:id], one) }
            said.fetch("paints", []).each { |one| @paints.keep(room[:id], one) }
            leave_bare(room, said.fetch("bare", []), here)
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

        def put(said, made)
          said.zip(made).each do |piece, there|
            position = piece["position"] or next
            nowhere = POSITION.to_h { |name| [name.to_s, nil] }
            @positions.put(there[:id], nowhere.merge(position, "was" => nowhere))
          end
        end

        # Because of a piece that came along, else in words.
        def leave_bare(room, said, pieces)
          ids = pieces.to_h { |piece| [piece[:name], piece[:id]] }
          said.each do |one|
            reason = one["reason"].to_s.strip.empty? && ids[one["piece"]].nil? ? one["piece"].to_s : one["reason"]
            @bare.create(room[:id], { "name" => one["name"], "reason" => reason, "piece_id" => ids[one["piece"]] })
          end
        end
      end
    end
  end
end
