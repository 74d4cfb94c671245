# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # The anchor register of a home: nails and hooks that stay from year to year.
      class Anchors < Benched
        get "/api/homes/:id/anchors", :list
        post "/api/homes/:id/anchors", :create
        put "/api/anchors/:id", :change
        delete "/api/anchors/:id", :delete
        post "/api/anchors/:id/restore", :restore
        post "/api/pieces/:id/anchors", :keep

        def list
          kinds = StayingAnchor::KINDS.map { |name, title| { name: name, title: title } }
          answer({ items: anchors.list(id), kinds: kinds })
        end

        def create
          answer(anchors.create(id, said), 201)
        end

        def change
          answer(anchors.change(id, said["version"], said.except("version")))
        end

        def delete
          anchors.delete(id, by: account[:id])
          nothing
        end

        def restore
          answer(anchors.restore(id))
        end

        # The hooks of a piece as it is saved.
        def keep
          hooks = PieceHooks.new(context.database, studio[:id], planning: planning)
          answer(hooks.kept_of(piece_that_gives(:anchors), year: today.year), 201)
        end

        private

        def anchors
          store(Store::Anchors)
        end
      end
    end
  end
end
