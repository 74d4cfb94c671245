# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Pieces: settings, plan in its parts, history, ledger.
      class Pieces < Benched
        post "/api/rooms/:id/pieces", :create
        get "/api/pieces/:id", :read
        put "/api/pieces/:id", :change
        delete "/api/pieces/:id", :delete
        post "/api/pieces/:id/restore", :restore
        post "/api/pieces/:id/plan", :plan
        post "/api/pieces/:id/places", :places
        post "/api/pieces/:id/colours", :colours
        post "/api/pieces/:id/working", :working
        post "/api/pieces/:id/undo", :undo
        post "/api/pieces/:id/redo", :redo
        post "/api/pieces/:id/copies", :copy
        post "/api/pieces/:id/look", :look
        get "/api/pieces/:id/history", :history
        get "/api/pieces/:id/ledger.csv", :ledger

        def create
          made = pieces.create(id, said) do |kind, settings|
            planning.prove(kind, settings, room_id: id, place_id: said["place_id"])
          end
          answer(made, 201)
        end

        # The piece with the names around it, the places it could stand in, and what was done to it that counts once.
        def read
          room = store(Store::Rooms).find(piece[:room_id])
          home = store(Store::Homes).find(room[:home_id])
          answer(**piece, room: room.slice(:id, :name), home: home.slice(:id, :name), days_to_go: days_to_go(home),
                          look_id: home[:look_id],
                          places: room[:places].map { |place| place.slice(:id, :name, :stance) },
                          acts: store(Store::Acts).of(id))
        end

        def change
          given = said.slice("name", "place_id", "settings", "insist")
          room_id = piece[:room_id]
          stepped do
            pieces.change(id, said["version"], given,
                          account_id: account[:id], units: studio[:units]) do |kind, settings, place_id|
              planning.prove(kind, settings, room_id: room_id, place_id: place_id, piece_id: id)
            end
          end
        end

        def delete
          _, frees = freed { pieces.delete(id, by: account[:id]) }
          answer(frees: frees)
        end

        def restore
          answer(pieces.restore(id))
        end

        # A piece like it in another place, fitted to it.
        def copy
          place = { room_id: said_id("room_id"), place_id: said["place_id"] }
          settings = Copying.new(planning).into(piece, room_id: place[:room_id], place_id: place[:place_id])
          given = { "name" => said["name"], "kind" => piece[:kind], "place_id" => place[:place_id],
                    "settings" => settings }
          made = pieces.create(place[:room_id], given) do |kind, checked|
            planning.prove(kind, checked, **place)
          end
          answer(made, 201)
        end

        # What this piece comes to with the look of another; kept by whoever likes it.
        def look
          other = pieces.find(said_id("from"))
          raise other_kind unless other[:kind] == piece[:kind]

          settings = Copying.new(planning).look(other, piece, settings: said.fetch("settings", piece[:settings]))
          answer(settings: Kinds.of(piece[:kind]).check(settings))
        rescue InputError => e
          raise Problem.of_faults(e.faults, under: "/settings")
        end

        # Figures, ledger, cautions and all of the drawing that needs no places.
        def plan
          plan = dialled_plan
          answer({ **plan.reckoned, colours: plan.seen(palette)&.call })
        end

        # What of the shelf closes the colours that are short, each tried on the piece before it is offered.
        def colours
          plan = dialled_plan
          seen = plan.seen(palette)
          ways = ColourWays.new(planning, piece, palette, place_id: dialled[:place_id]).of(plan)
          told = { colours: seen&.call, ways: ways }
          told[:working] = WorkingSheet.of("Colour really seen", [seen.answer], planning.house) if seen
          answer(told)
        end

        # Where the ornaments of a tree hang and what follows from it.
        def places
          piece_that_gives(:hanging_map)
          answer(dialled_plan.places || raise(Hanging.no_tree))
        end

        def working
          answer(dialled_plan.working(said["sheet"]) || raise(Problem.not_found("working")))
        end

        def undo
          stepped { pieces.undo(id, said["version"], account_id: account[:id]) }
        end

        def redo
          stepped { pieces.redo(id, said["version"], account_id: account[:id]) }
        end

        def history
          answer(pieces.history(id, page: page))
        end

        def ledger
          file(Exchange::LedgerCsv.write(planning.of(piece).lines, studio[:currency]), "text/csv",
               "#{piece[:name]}-ledger.csv")
        end

        private

        def palette
          @palette ||= store(Store::Looks).of_piece(id)
        end

        # What the piece wants from now on it claims at once.
        def stepped
          changed, frees = freed { yield.tap { claim } }
          answer({ **changed, frees: frees })
        end

        def freed(&)
          store(Store::Freed).by([id], &)
        end

        def other_kind
          noun = Kinds.of(piece[:kind]).noun
          Problem.invalid([{ pointer: "/from", code: "kind",
                             message: "That is another kind of piece. A #{noun} takes the look of a #{noun}." }])
        end
      end
    end
  end
end
