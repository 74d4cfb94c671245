# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What to cut of each ribbon of a tree, and what goes back to stock when it is cut.
      module CutPlans
        def self.registered(app)
          app.get("/api/pieces/:id/cut-plan") { answer(cut_plan({})) }
          app.post("/api/pieces/:id/cut-plan") { answer(cut_plan(said.fetch("part_rolls_m", {}))) }
          app.post("/api/pieces/:id/cut-plan/ends") { answer(keep_ends) }
          app.helpers Answers
        end

        module Answers
          def cut_plan(part_rolls)
            { piece: named_piece(tree), ribbons: planning.of(tree).cut_sheets(part_rolls: part_rolls) }
          rescue InputError => e
            raise Problem.of_faults(e.faults)
          end

          # The metres that are left are what is on hand from now on.
          def keep_ends
            ids = TreeSettings.style_ids(tree[:settings])
            unless ids.include?(said["style"])
              raise Problem.invalid([{ pointer: "/style", code: "unknown",
                                       message: "That ribbon is not on this tree. Choose one of the cut plan." }])
            end

            styles = store(Store::Styles)
            style = styles.find(said["style"])
            styles.change(style[:id], said["version"], style.except(:id, :version).transform_keys(&:to_s).merge("on_hand" => said["left_m"]))
          end
        end
      end
    end
  end
end
