# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What a client is shown of a home: kept, sent, answered, withdrawn. The client's own page is ForClients.
      class Proposals < Resource
        get "/api/homes/:id/proposal", :show
        put "/api/homes/:id/proposal", :keep
        delete "/api/homes/:id/proposal", :withdraw
        post "/api/homes/:id/proposal/send", :send_now
        post "/api/homes/:id/proposal/answers", :reply
        get "/api/homes/:id/proposal/preview", :preview
        get "/api/homes/:id/proposal.pdf", :print

        def show
          answer(told)
        end

        def keep
          proposals.keep(home, said["version"], said["terms"], season: year)
          answer(told)
        end

        def withdraw
          proposals.withdraw(home, by: account[:id])
          nothing
        end

        def send_now
          proposing.send_now(home, said, season: year, account_id: account[:id])
          answer(told)
        end

        def reply
          proposing.answer(home, said, account_id: account[:id])
          answer(told)
        end

        # As it would be sent now, with the pictures of the last time.
        def preview
          last = last_edition
          page = ClientPage.new(proposing.composed(home), choices: last ? last[:choices] : {})
          html = ClientHtml.new(page, pictures: {}, preview: true).render
          [200, context.class::NEVER_KEPT.merge(ForClients::SAFE, "content-type" => "text/html; charset=utf-8"), [html]]
        end

        def print
          last = last_edition or raise Problem.not_found("proposal that was sent")
          photographs = Store::Photographs.new(context.database, account[:studio_id], context.album)
          file(Exchange::ProposalPdf.of(last, photographs: photographs).render, "application/pdf", "proposal.pdf")
        end

        private

        def home
          @home ||= store(Store::Homes).find(id)[:id]
        end

        def proposals
          store(Store::Proposals)
        end

        def proposing
          Proposing.new(context.database, studio, now: context.now, gathered: context.gathered)
        end

        def year
          store(Store::Seasons).now(today)[:season]
        end

        def last_edition
          row = proposals.standing(home)
          row && proposals.editions(row[:id], 1).first
        end

        def told
          told = proposing.of(home)
          { **told, link: told[:link] && "#{context.address}#{ForClients::ADDRESS}#{told[:link]}" }
        end
      end
    end
  end
end
