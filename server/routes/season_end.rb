# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # After the day: what goes, what stays, what goes onto what stands empty.
      class SeasonEnd < Resource
        get "/api/homes/:id/season-end", :show
        put "/api/pieces/:id/strip", :choose

        def show
          answer(Server::SeasonEnd.new(context.database, studio).of(id))
        end

        def choose
          store(Store::StripChoices).put(id, said["style"], said["stays"])
          nothing
        end
      end
    end
  end
end
