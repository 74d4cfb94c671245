# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Named versions of a piece.
      class Variants < Benched
        get "/api/pieces/:id/variants", :list
        post "/api/pieces/:id/variants", :keep
        delete "/api/variants/:id", :delete

        def list
          answer(variants.list(piece[:id], page: page))
        end

        def keep
          kind = Kinds.of(piece[:kind])
          settings = pieces.checked_settings(kind, said.fetch("settings", piece[:settings]))
          planning.prove(kind, settings, room_id: piece[:room_id], place_id: piece[:place_id], piece_id: piece[:id])
          answer(variants.keep(piece[:id], said, settings), 201)
        end

        def delete
          variants.delete(id)
          nothing
        end

        private

        def variants
          store(Store::Variants)
        end
      end
    end
  end
end
