# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # The plan of a home as a document of its own (docs/home-plan.md): written out, and read back into any studio.
      #
      # Styles, places and looks are named by keys of the document, never by ids of a database. Reading checks
      # everything first and tells every fault with its line; then it makes the home as a whole or not at all.
      class HomePlan
        FORMAT = "deck-bough/home-plan"
        VERSION = 1
        STYLE = (Style::INPUTS.map(&:name) - [:on_hand]).freeze

        # @param planning [Planning] proves each piece before it is kept
        # @param account_id [Integer, nil] who reads a plan in
        def initialize(database, studio, planning: Planning.new(database, studio), account_id: nil)
          @database = database
          @studio = studio
          @planning = planning
          @account_id = account_id
          @homes = Store::Homes.new(database, studio[:id])
          @rooms = Store::Rooms.new(database, studio[:id])
          @pieces = Store::Pieces.new(database, studio[:id])
          @styles = Store::Styles.new(database, studio[:id])
          @anchors = Store::Anchors.new(database, studio[:id])
          @views = HomePlanViews.new(database, studio[:id])
        end

        # @return [Hash] the document, JSON-ready
        def write(home_id)
          home = @homes.find(home_id)
          rooms = @rooms.of_home(home_id)
          pieces = @pieces.of_rooms(rooms.map { |room| room[:id] })
          keys = style_keys(pieces)
          anchors = @anchors.list(home_id).group_by { |anchor| anchor[:room_id] }
          seen = @views.out(rooms)
          { format: FORMAT, version: VERSION, home: home.slice(*Store::Homes::FACTS, *Store::Homes::DATES),
            styles: styles(keys),
            rooms: rooms.map do |room|
              { **seen.fetch(room[:id]), **room_out(room, pieces.select { |piece| piece[:room_id] == room[:id] }, keys),
                anchors: anchors.fetch(room[:id], []).map { |anchor| anchor.slice(*Store::Anchors::FIELDS, :piece) } }
            end }
        end

        # @param text [String] a document
        # @return [Hash] the home made from it
        # @raise [Problem] naming every fault with its line
        def read(text)
          reading = HomePlanReading.new(text, @studio[:units])
          document = reading.document
          @database.transaction { make(document, reading) }
        end

        private

        def style_keys(pieces)
          ids = pieces.flat_map { |piece| Kinds.of(piece[:kind]).style_ids(piece[:settings]) }.uniq
          ids.each_with_index.to_h { |id, i| [id, "style-#{i + 1}"] }
        end

        def styles(keys)
          known = @styles.for_plan(keys.keys).to_h { |style| [style.id, style] }
          keys.map { |id, key| { key: key, **known.fetch(id).to_h.slice(*STYLE), **kept(known.fetch(id)) } }
        end

        # Keepsakes belong to the home: how many there are comes along.
        def kept(style)
          style.keepsake ? { on_hand: style.on_hand } : {}
        end

        def room_out(room, pieces, keys)
          places = room[:places].each_with_index.to_h { |place, i| [place[:id], "place-#{i + 1}"] }
          { **room.slice(*Store::Rooms::ROOM),
            places: room[:places].map { |place| { key: places[place[:id]], **place.slice(*Store::Rooms::PLACE) } },
            pieces: pieces.map { |piece| piece_out(piece, places, keys) } }
        end

        def piece_out(piece, places, keys)
          settings = StyleReferences.replace(Kinds.of(piece[:kind]).groups, piece[:settings], keys)
          position = piece.slice(*Store::Positions::FIELDS) if piece[:wall]
          { **piece.slice(:name, :kind, :settings_schema), place: places[piece[:place_id]], position: position,
                                                           settings: settings }
        end

        def make(document, reading)
          ids = document["styles"].to_h { |style| [style["key"], style_id(style)] }
          home = @homes.create(document["home"])
          pieces = {}
          made = document["rooms"].each_with_index.map do |room, i|
            made = new_room(home, room, ["rooms", i], reading)
            pieces[made[:id]] = make_pieces(home, made, room, ids, ["rooms", i], reading)
            made
          end
          @views.make(made, document["rooms"], pieces, wrong: reading.method(:at))
          home
        end

        # A style the studio has under that name is used as it is; what it has of it is its own business.
        def style_id(style)
          known = @database[:styles].where(studio_id: @studio[:id], kind: style["kind"], name: style["name"]).get(:id)
          known || @styles.create(style.except("key"), account_id: @account_id)[:id]
        end

        def new_room(home, room, path, reading)
          places = room["places"].map { |place| place.except("key") }
          survey = room.except("pieces", "anchors", *HomePlanViews::PARTS)
          @rooms.create(home[:id], survey.merge("places" => places, "plan" => @views.shut(room["plan"])))
        rescue Problem => e
          raise reading.at(path, e)
        end

        def make_pieces(home, made, room, ids, path, reading)
          place_ids = room["places"].map { |place| place["key"] }.zip(made[:places].map { |place| place[:id] }).to_h
          pieces = room["pieces"].each_with_index.map do |piece, i|
            make_piece(made, piece, place_ids, ids)
          rescue Problem => e
            raise reading.at([*path, "pieces", i], e)
          end
          make_anchors(home, made, room.fetch("anchors", []), pieces)
          pieces
        end

        # Of the piece they name, where the room has it.
        def make_anchors(home, room, anchors, pieces)
          ids = pieces.to_h { |piece| [piece[:name], piece[:id]] }
          anchors.each do |anchor|
            @anchors.create(home[:id], anchor.except("piece").merge("room_id" => room[:id],
                                                                    "piece_id" => ids[anchor["piece"]]))
          end
        end

        def make_piece(room, piece, place_ids, ids)
          settings = StyleReferences.replace(Kinds.of(piece["kind"]).groups, piece["settings"], ids)
          place_id = place_ids[piece["place"]]
          @pieces.create(room[:id],
                         { "name" => piece["name"], "kind" => piece["kind"], "place_id" => place_id,
                           "settings" => settings }) do |kind, checked|
            @planning.prove(kind, checked, room_id: room[:id], place_id: place_id)
          end
        end
      end
    end
  end
end
