# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Who else wants a style on the dates of a piece, and who comes first.
      class Claims < Benched
        get "/api/pieces/:id/claims/:style", :list
        post "/api/pieces/:id/claims/:style/first", :first

        # So many pieces are told.
        MOST = 100

        def list
          answer(told)
        end

        # A swap: this piece comes to the style before another one, which takes its place in the row.
        def first
          before = pieces.find(said_id("before"))
          claims.swap(style[:id], piece[:id], before[:id])
          answer(told)
        end

        private

        def claims
          store(Store::Claims)
        end

        def style
          @style ||= store(Store::Styles).find(part(:style))
        end

        def told
          context.needs.complete
          home = store(Store::Homes).find(store(Store::Rooms).find(piece[:room_id])[:home_id])
          free = claims.free([style[:id]], home: home, piece_id: piece[:id]).fetch(style[:id])
          found = claims.of_style(style[:id], home: home, piece_id: piece[:id])
          { **style.slice(:name, :colour, :on_hand), style: style[:id],
                                                     unit: style[:kind] == "ribbon" ? "m" : "pieces",
                                                     free: free[:on_hand], total: found.size,
                                                     items: found.first(MOST).map { |claim| item(claim) } }
        end

        def item(claim)
          { **claim.slice(:name, :room, :home, :wanted, :held), piece: claim[:piece_id], mine: claim[:piece_id] == id,
                                                                visit_on: claim[:visit_on]&.iso8601,
                                                                strike_on: claim[:strike_on]&.iso8601 }
        end
      end
    end
  end
end
