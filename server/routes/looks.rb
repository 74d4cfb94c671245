# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Looks: made, changed, begun from a picture, given to homes, rooms and pieces; and the paint kept with a room.
      class Looks < Resource
        get "/api/looks", :list
        post "/api/looks", :create
        post "/api/looks/gathered", :gather
        put "/api/looks/wearers", :give
        get "/api/looks/:id", :show
        put "/api/looks/:id", :change
        delete "/api/looks/:id", :delete
        post "/api/looks/:id/restore", :restore
        get "/api/looks/:id/board", :board
        get "/api/paints", :paints
        post "/api/rooms/:id/paints", :keep_paint
        delete "/api/paints/:id", :remove_paint

        def list
          answer(looks.list(page: page))
        end

        def create
          answer(looks.create(said), 201)
        end

        def show
          answer(looks.find(id))
        end

        def change
          answer(looks.change(id, said["version"], said.except("version")))
        end

        def delete
          looks.delete(id, by: account[:id])
          nothing
        end

        def restore
          answer(looks.restore(id))
        end

        # What lies in the stockroom in its colours, and the look it was begun from beside it.
        def board
          context.needs.complete
          look = looks.find(id)
          palette = looks.palette(id) or raise Problem.not_found("colour of it")
          answer({ look: look, before: before(look), **store(Store::LookBoards).of(palette) })
        end

        # The colours a picture comes to, named and shared out so that they are all of it.
        def gather
          dots = context.sent_file { |file| context.album.colours(file) }
          palette = Catalogue.answer("palette.gather", { colours: dots }, house: planning.house)[:palette]
          answer({ colours: named(palette) })
        end

        def give
          answer(looks.give(said["of"], said_id("id"), said["look"] && said_id("look")))
        end

        def paints
          answer({ items: store(Store::Paints).list })
        end

        def keep_paint
          answer(store(Store::Paints).keep(id, said), 201)
        end

        def remove_paint
          store(Store::Paints).remove(id)
          nothing
        end

        private

        def looks
          store(Store::Looks)
        end

        def before(look)
          found = look[:began_from] && looks.palette(look[:began_from])
          found && { id: found.id, name: found.name, colours: found.colours.map(&:to_h) }
        end

        def named(palette)
          return [] if palette.empty?

          shares = LargestRemainder.share(100, palette.map { |one| one[:share] })
          words = palette.map { |one| DeckBough::Looks::ColourWords.of(one[:colour]) }
          palette.each_with_index.map do |one, i|
            times = words.first(i + 1).count(words[i])
            name = "#{words[i].capitalize}#{" #{times}" if times > 1}"
            { name: name, srgb: one[:colour], share_percent: shares[i] }
          end
        end
      end
    end
  end
end
