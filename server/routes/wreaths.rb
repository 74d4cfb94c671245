# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What a wreath or a wall of them gives beside its plan: its sheet on paper and as a drawing, and of a wreath what
      # it could be instead.
      class Wreaths < Benched
        # What of the stock is looked at for it.
        LOOKED_AT = { "start" => %w[stem], "makings" => %w[wreath], "mends" => %w[wreath],
                      "helps" => %w[ribbon pick ornament] }.freeze

        post "/api/pieces/:id/advice", :advise
        get "/api/pieces/:id/wreath-sheet.pdf", :print
        get "/api/pieces/:id/wreath-sheet.svg", :draw

        def advise
          wreath = piece_that_gives(:advice)
          about = said["about"]
          stock = planning.stock_for(wreath, LOOKED_AT.fetch(about))
          answer(dialled_plan.advice(about, stock: stock) || raise(not_measured))
        end

        def print
          pdf = Exchange::WreathSheetPdf.new(measured_plan.call, title: piece[:name], under: under(named),
                                                                 units: studio[:units], paper: studio[:paper],
                                                                 day: today).render
          file(pdf, "application/pdf", "#{piece[:name]}-nail-map.pdf")
        end

        def draw
          svg = Exchange::WreathSheetSvg.write(measured_plan.call, piece[:name], studio[:units], under: where_and_when)
          file(svg, "image/svg+xml", "#{piece[:name]}-nail-map.svg")
        end

        private

        def measured_plan
          plan = planning.of(piece_that_gives(:wreath_sheet))
          plan.chosen? ? plan : raise(not_measured)
        end

        def not_measured
          Problem.new(422, "not-measured", "Not measured yet",
                      "What it hangs on has no width yet. Measure it on the bench; then there is something to go by.")
        end
      end
    end
  end
end
