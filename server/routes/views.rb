# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # A room as a whole: what leads from where, beams of its walls, places to look from, what stays bare.
      class Views < Resource
        get "/api/rooms/:id/view", :read
        post "/api/rooms/:id/view", :dragged
        post "/api/rooms/:id/view/working", :working
        post "/api/rooms/:id/viewpoints", :create
        put "/api/viewpoints/:id", :change
        delete "/api/viewpoints/:id", :delete
        post "/api/viewpoints/:id/restore", :restore
        get "/api/viewpoints/:id/offers", :offers
        put "/api/pieces/:id/position", :put
        get "/api/pieces/:id/hosts", :hosts
        get "/api/viewpoints/:id/round", :round
        put "/api/viewpoints/:id/round", :answer_round
        get "/api/rooms/:id/links", :links
        get "/api/rooms/:id/view.pdf", :sheet
        get "/api/rooms/:id/bare", :bare
        post "/api/rooms/:id/bare", :leave_bare
        delete "/api/bare/:id", :dress
        post "/api/bare/:id/restore", :bare_again

        def read
          answer(views.of(id))
        end

        # As it would be with a piece elsewhere; nothing is stored.
        def dragged
          moved = said.transform_keys(&:to_sym)
          answer(RoomViews.new(context.database, studio, moved: moved).of(id))
        end

        def working
          answer(views.working(id, said["key"]) || raise(Problem.not_found("working")))
        end

        def create
          answer(viewpoints.create(id, said), 201)
        end

        def change
          answer(viewpoints.change(id, said["version"], said.except("version")))
        end

        def delete
          viewpoints.delete(id, by: account[:id])
          nothing
        end

        def restore
          answer(viewpoints.restore(id))
        end

        def offers
          answer({ items: views.offers(id, planning) })
        end

        def put
          answer(store(Store::Positions).put(id, said))
        end

        def round
          answer(Rounds.new(context.database, studio).of(id, planning))
        end

        def answer_round
          store(Store::RoundAnswers).say(id, said, account_id: account[:id])
          round
        end

        def links
          answer({ items: views.links(id) })
        end

        # For the client's folder.
        def sheet
          told = views.of(id)
          pdf = Exchange::RoomSheetPdf.new(told, units: studio[:units], title: told[:room][:name], day: today,
                                                 under: told[:home][:name], paper: query.fetch("paper", "a4"))
          file(pdf.render, "application/pdf", "#{told[:home][:name]}-#{told[:room][:name]}.pdf")
        end

        # What of its room's survey a piece could hang or lie on.
        def hosts
          piece = store(Store::Pieces).find(id)
          found = Kinds.of(piece[:kind]).hosts
          plan = DeckBough::Rooms::FloorPlan.of(store(Store::Rooms).find(piece[:room_id]))
          answer({ items: found ? found.of(plan).map(&:to_h) : [], place: piece.slice(*Store::Positions::FIELDS) })
        end

        def bare
          store(Store::Rooms).find(id)
          answer({ items: bare_places.of_room(id) })
        end

        def leave_bare
          answer(bare_places.create(id, said), 201)
        end

        def dress
          bare_places.remove(id, by: account[:id])
          nothing
        end

        def bare_again
          answer(bare_places.restore(id))
        end

        private

        def views
          RoomViews.new(context.database, studio)
        end

        def viewpoints
          store(Store::Viewpoints)
        end

        def bare_places
          store(Store::BarePlaces)
        end
      end
    end
  end
end
