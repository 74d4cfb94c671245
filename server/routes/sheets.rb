# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # A piece on paper, for those kinds that have no sheet of their own.
      class Sheets < Benched
        get "/api/pieces/:id/sheet.pdf", :print

        def print
          plan = planning.of(piece_that_gives(:sheet))
          raise not_measured unless plan.chosen?

          pdf = Exchange::PieceSheetPdf.new(plan, title: piece[:name], under: under(named), units: studio[:units],
                                                  paper: studio[:paper], day: today).render
          file(pdf, "application/pdf", "#{piece[:name]}.pdf")
        end

        private

        def not_measured
          Problem.new(422, "not-measured", "Not measured yet",
                      "There is nothing to print yet. Measure it on the bench; then there is something to go by.")
        end
      end
    end
  end
end
