# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Photographs of things and of what lies in boxes.
      class Photographs < Resource
        post "/api/photographs", :add
        get "/api/photographs/:id/:version", :picture
        post "/api/photographs/:id/lead", :lead
        delete "/api/photographs/:id", :delete
        post "/api/photographs/:id/restore", :restore

        SHOWN = { "style" => :style_id, "box" => :box_id, "sighting" => :sighting_id, "note" => :note_key,
                  "remark" => :log_remark_id, "proposal" => :proposal_id }.freeze
        # A photograph never changes; whoever saw it may keep it for a day. It is as small as it gets, so nothing on the
        # way presses it again.
        HELD = { "cache-control" => "private, max-age=86400, no-transform" }.freeze

        def add
          answer(context.sent_file { |file| keep(file) }, 201)
        end

        def picture
          version = Server::Photographs::Album::KEPT.find { |name| name.to_s == part(:version) } or
            raise Problem.not_found("photograph")
          [200, HELD.merge("content-type" => Server::Photographs::Album::TYPE,
                           "content-security-policy" => "default-src 'none'"), [photographs.read(id, version)]]
        end

        def lead
          photographs.lead(id)
          nothing
        end

        def delete
          photographs.delete(id, by: account[:id])
          nothing
        end

        def restore
          photographs.restore(id)
          nothing
        end

        private

        def photographs
          Store::Photographs.new(context.database, account[:studio_id], context.album)
        end

        def keep(file)
          photographs.add(SHOWN.fetch(query["of"]), query_id("id"), file, key: query["key"], account_id: account[:id])
        end
      end
    end
  end
end
