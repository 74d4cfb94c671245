# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What a greenery run gives beside its plan: an automatic start, its sheet on paper, what was cut off.
      class Runs < Benched
        post "/api/pieces/:id/build", :build
        post "/api/pieces/:id/offcuts", :keep_offcuts
        get "/api/pieces/:id/run-sheet.pdf", :print
        get "/api/pieces/:id/run-sheet.svg", :draw

        def build
          piece_that_gives(:build)
          answer(dialled_plan.build || raise(not_measured))
        end

        # It is cut: what is left of garlands becomes garlands of their own, named after what they belong with. Once.
        def keep_offcuts
          run = piece_that_gives(:offcuts)
          offcuts = measured_plan.call[:offcuts].select { |off| off[:style] }
          raise no_offcuts if offcuts.empty?

          act = store(Store::Acts).record(run[:id], kind: "offcuts_kept", key: said["key"], account_id: account[:id],
                                                    says: says(offcuts),
                                                    told: { offcuts: offcuts }) { |doing| cut_off(doing, run, offcuts) }
          claim
          answer({ act: act }, 201)
        end

        def print
          names = named
          pdf = Exchange::RunSheetPdf.new(measured_plan.call,
                                          title: piece[:name], under: under(names), units: studio[:units],
                                          paper: studio[:paper], day: today).render
          file(pdf, "application/pdf", "#{piece[:name]}-run-sheet.pdf")
        end

        def draw
          file(Exchange::RunSheetSvg.write(measured_plan.call, piece[:name], studio[:units],
                                           under: where_and_when), "image/svg+xml",
               "#{piece[:name]}-nail-map.svg")
        end

        private

        def measured_plan
          plan = planning.of(piece_that_gives(:run_sheet))
          plan.chosen? ? plan : raise(not_measured)
        end

        # The garland that was cut is no longer whole: it lies on this run. What came off it is on hand.
        def cut_off(doing, run, offcuts)
          raise Problem.conflict(current: run, yours: said) if run[:version] != said["version"]

          styles = store(Store::Styles)
          offcuts.sort_by { |off| [off[:style], off[:length_m]] }.each do |off|
            whole = [styles.find(off[:style])[:on_hand], 1].min
            doing.move(off[:style], -whole, "cut")
            doing.cut(off[:style], whole)
            doing.move(styles.offcut_of(off[:style], off[:length_m].round(2)), 1, "cut_off")
          end
        end

        def says(offcuts)
          "#{offcuts.size} #{offcuts.one? ? 'piece' : 'pieces'} cut off and kept: " \
            "#{offcuts.map { |off| off[:name] }.uniq.join(', ')}"
        end

        def not_measured
          Problem.new(422, "not-measured", "Not measured yet",
                      "This run has no length yet. Measure it on the bench; then there is something to build on.")
        end

        def no_offcuts
          Problem.new(422, "no-offcuts", "Nothing is left over",
                      "No garland of this run leaves a piece long enough to keep.")
        end
      end
    end
  end
end
