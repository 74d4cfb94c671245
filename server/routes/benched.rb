# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What resources of one piece share: the piece itself, its plan as saved or dialled, the names around it.
      class Benched < Resource
        GIVES = { hanging_map: "tree", cut_plan: "tree", run_sheet: "run", build: "run", offcuts: "run",
                  wreath_sheet: "wreath", advice: "wreath", anchors: "wreath", group: "grouping",
                  sheet: "sheet" }.freeze

        private

        def pieces
          store(Store::Pieces)
        end

        def piece
          @piece ||= pieces.find(id)
        end

        # The piece, when its kind gives what is asked of it.
        def piece_that_gives(what)
          piece.tap do |found|
            raise Problem.not_found(GIVES.fetch(what)) unless Kinds.of(found[:kind]).gives.include?(what)
          end
        end

        # The plan of a piece as dialled; nothing is stored.
        def dialled_plan
          context.note(Middleware::Watched::KIND, piece[:kind])
          planning.of(piece, **dialled)
        end

        def dialled
          { settings: said.fetch("settings", piece[:settings]), place_id: said.fetch("place_id", piece[:place_id]) }
        end

        # What the piece wants now it claims now, before anybody else asks what is free.
        def claim
          context.needs.of_ids([id])
        end

        # The names around a piece, and how long there is.
        def named
          room = store(Store::Rooms).find(piece[:room_id])
          home = store(Store::Homes).find(room[:home_id])
          { **piece.slice(:id, :name, :version), home: home.slice(:id, :name), room: room.slice(:id, :name),
                                                 days_to_go: days_to_go(home) }
        end

        def days_to_go(home)
          home[:visit_on] && (Date.iso8601(home[:visit_on]) - today).to_i
        end

        # As it stands at the head of a drawing.
        def where_and_when
          "#{under(named)} · #{today.strftime('%-d %b %Y')}"
        end

        def under(named)
          "#{named[:home][:name]}, #{named[:room][:name]}"
        end
      end
    end
  end
end
