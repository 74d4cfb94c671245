# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # After the day: what goes, what stays, what goes onto what stands empty.
      class SeasonEnd < Resource
        get "/api/homes/:id/season-end", :show
        put "/api/pieces/:id/strip", :choose
        get "/api/season-summary", :sum_up
        get "/api/season-summary.pdf", :print

        def show
          answer(Server::SeasonEnd.new(context.database, studio).of(id))
        end

        def sum_up
          answer(summary)
        end

        def print
          pdf = Exchange::SeasonSummaryPdf.new(summary, currency: studio[:currency], title: "Season's end",
                                                        under: studio[:name], day: today, paper: studio[:paper])
          file(pdf.render, "application/pdf", "season-#{summary[:season]}.pdf")
        end

        def choose
          store(Store::StripChoices).put(id, said["style"], said["stays"])
          nothing
        end

        private

        def summary
          @summary ||= SeasonSummary.new(context.database, studio, gathered: context.gathered).of(today: today)
        end
      end
    end
  end
end
