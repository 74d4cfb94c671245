# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What a greenery run gives beside its plan: an automatic start, its sheet on paper, what was cut off.
      module Runs
        def self.registered(app)
          app.post("/api/pieces/:id/build") { answer(build) }
          app.post("/api/pieces/:id/offcuts") { answer(keep_offcuts) }
          app.get("/api/pieces/:id/run-sheet.pdf") { run_sheet_pdf }
          app.get("/api/pieces/:id/run-sheet.svg") { run_sheet_svg }
          app.helpers Answers
        end

        module Answers
          def run_piece
            @run_piece ||= store(Store::Pieces).find(id).tap { |piece| raise Problem.not_found("run") unless piece[:kind] == "run" }
          end

          def build
            plan = planning.of(run_piece, settings: said.fetch("settings", run_piece[:settings]), place_id: said.fetch("place_id", run_piece[:place_id]))
            plan.build or raise not_measured
          end

          def not_measured
            Problem.new(422, "not-measured", "Not measured yet", "This run has no length yet. Measure it on the bench; then there is something to build on.")
          end

          def run_plan
            plan = planning.of(run_piece)
            plan.chosen? ? plan.call : raise(not_measured)
          end

          # What is left of garlands becomes a garland of its own, named after what it belongs with.
          def keep_offcuts
            raise Problem.conflict(current: run_piece, yours: said) if run_piece[:version] != said["version"]

            { styles: store(Store::Styles).keep_offcuts(run_plan[:offcuts].select { |off| off[:style] }) }
          end

          def run_sheet_pdf
            names = named_piece(run_piece)
            pdf = Exchange::RunSheetPdf.new(run_plan, title: run_piece[:name], under: "#{names[:home][:name]}, #{names[:room][:name]}",
                                                      units: studio[:units]).render
            file(pdf, "application/pdf", "#{run_piece[:name]}-run-sheet.pdf")
          end

          def run_sheet_svg
            file(Exchange::RunSheetSvg.write(run_plan, run_piece[:name], studio[:units]), "image/svg+xml", "#{run_piece[:name]}-nail-map.svg")
          end
        end
      end
    end
  end
end
