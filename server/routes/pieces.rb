# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Pieces: settings, plan, history, ledger.
      module Pieces
        def self.registered(app)
          app.post("/api/rooms/:id/pieces") { answer(store(Store::Pieces).create(id, said), 201) }
          app.get("/api/pieces/:id") { answer(on_bench(store(Store::Pieces).find(id))) }
          app.put("/api/pieces/:id") { answer(change_piece) }
          app.delete("/api/pieces/:id") { store(Store::Pieces).delete(id) && nothing }
          app.post("/api/pieces/:id/restore") { answer(store(Store::Pieces).restore(id)) }
          app.post("/api/pieces/:id/plan") { answer(dialled) }
          app.post("/api/pieces/:id/undo") { answer(store(Store::Pieces).undo(id, said["version"], account_id: account[:id])) }
          app.post("/api/pieces/:id/redo") { answer(store(Store::Pieces).redo(id, said["version"], account_id: account[:id])) }
          app.get("/api/pieces/:id/history") { answer(store(Store::Pieces).history(id, page: query.fetch("page", 1))) }
          app.get("/api/pieces/:id/ledger.csv") { ledger_csv }
          app.helpers Answers
        end

        module Answers
          def piece
            @piece ||= store(Store::Pieces).find(id)
          end

          # The piece with the names around it and the places it could stand in.
          def on_bench(piece)
            room = store(Store::Rooms).find(piece[:room_id])
            home = store(Store::Homes).find(room[:home_id])
            days = home[:visit_on] && (Date.iso8601(home[:visit_on]) - today).to_i
            { **piece, room: room.slice(:id, :name), home: home.slice(:id, :name), days_to_go: days, look_id: home[:look_id],
                       places: room[:places].map { |place| place.slice(:id, :name, :stance) } }
          end

          def change_piece
            store(Store::Pieces).change(id, said["version"], said.slice("name", "place_id", "settings"), account_id: account[:id], units: studio[:units])
          end

          # The plan of a piece as dialled; nothing is stored.
          def dialled
            planning.plan(piece, settings: said.fetch("settings", piece[:settings]), place_id: said.fetch("place_id", piece[:place_id]))
          end

          def ledger_csv
            file(Exchange::LedgerCsv.write(planning.plan(piece)[:ledger], studio[:currency]), "text/csv", "#{piece[:name]}-ledger.csv")
          end
        end
      end
    end
  end
end
