# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What a season came to, closing it, and opening the next from it.
      class Seasons < Resource
        get "/api/season-summary", :sum_up
        get "/api/season-summary.pdf", :print
        get "/api/seasons", :list
        get "/api/seasons/:season", :read
        get "/api/seasons/:season/homes/:id", :home
        get "/api/season-opening", :drafts
        post "/api/season/close", :close
        post "/api/season/reopen", :reopen
        post "/api/season/open", :open
        put "/api/pieces/:id/draft", :decide

        def sum_up
          answer(summary)
        end

        def print
          told = query["season"] ? kept(query["season"])[:summary] : summary
          pdf = Exchange::SeasonSummaryPdf.new(JSON.parse(JSON.generate(told), symbolize_names: true),
                                               currency: studio[:currency], title: "Season's end",
                                               under: studio[:name], day: today, paper: studio[:paper])
          file(pdf.render, "application/pdf", "season-#{told[:season] || told['season']}.pdf")
        end

        def list
          answer(items: seasons.list)
        end

        def read
          told = kept(season)
          answer({ **told, homes: seasons.homes(told[:season]), house_rules: rules(told[:house_rules]) })
        end

        def home
          answer(seasons.home(season, id))
        end

        def drafts
          answer(opening.of(today: today, page: page))
        end

        def close
          owner!
          closing = SeasonClosing.new(context.database, studio, gathered: context.gathered)
          answer(closing.close(despite: said.fetch("despite", false), today: today, account_id: account[:id]))
        end

        def reopen
          owner!
          answer(SeasonClosing.new(context.database, studio).reopen(today: today))
        end

        def open
          owner!
          answer(opening.open(today: today, account_id: account[:id]))
        end

        def decide
          answer(opening.decide(id, said, account_id: account[:id]))
        end

        private

        def seasons
          store(Store::Seasons)
        end

        def opening
          SeasonOpening.new(context.database, studio)
        end

        def season
          Integer(context.part(:season), 10, exception: false) || 0
        end

        # As it was kept, where it is closed.
        def summary
          now = seasons.now(today)
          return kept(now[:season])[:summary] if now[:closed_on]

          SeasonSummary.new(context.database, studio, gathered: context.gathered).of(today: today)
        end

        def kept(season)
          seasons.find(season)
        end

        def rules(own)
          own.filter_map do |key, value|
            constant = DeckBough::HouseRules::CONSTANTS[key] or next
            { key: key, title: constant.title, unit: constant.unit, value: value, book: constant.value }
          end
        end
      end
    end
  end
end
