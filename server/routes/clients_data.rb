# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What is kept of a home and its client: told, taken out, forgotten; and who saw and changed it.
      class ClientsData < Resource
        get "/api/kept-of-clients", :kept
        get "/api/homes/:id/accesses", :accesses
        get "/api/homes/:id/everything.zip", :take_out
        post "/api/homes/:id/forget", :forget

        def kept
          answer(items: KeptOfClients.told)
        end

        def accesses
          owner!
          store(Store::Homes).find(id)
          answer(store(Store::HomeAccesses).list(id, page: page))
        end

        def take_out
          owner!
          plan = Exchange::HomePlan.new(context.database, studio, planning: planning, account_id: account[:id])
          archive = Exchange::HomeArchive.new(context.database, studio, plan: plan, album: context.album)
          Tempfile.create("everything", binmode: true) do |to|
            name = archive.write(id, to)
            file(File.binread(to.path), "application/zip", "#{name}.zip")
          end
        end

        def forget
          owner!
          name = store(Store::Homes).find(id)[:name]
          raise misnamed(name) if said["name"].strip != name.strip

          Store::HomeRemoval.new(context.database, account[:studio_id], context.album)
                            .call(id, keep_minutes: said["keep_minutes"])
          nothing
        end

        private

        def misnamed(name)
          Problem.invalid([{ pointer: "/name", code: "another_name",
                             message: "This home is called “#{name}”. Type that, to be sure that it is meant." }])
        end
      end
    end
  end
end
