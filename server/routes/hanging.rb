# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # The hanging map of a tree: to work from, to print, and to tick.
      module Hanging
        def self.registered(app)
          app.get("/api/pieces/:id/hanging") { answer(hanging(tree)) }
          app.put("/api/pieces/:id/hanging") { answer(tick_hung) }
          app.get("/api/pieces/:id/hanging.pdf") { hanging_pdf }
          app.get("/api/pieces/:id/hanging.svg") { hanging_svg }
          app.post("/api/pieces/:id/step-back") { answer(step_back) }
          app.helpers Answers
        end

        module Answers
          def tree
            @tree ||= piece.tap { |found| raise Problem.not_found("tree") unless found[:kind] == "tree" }
          end

          def hung
            store(Store::HungOrnaments).of(tree[:id])
          end

          def hanging(piece)
            map = planning.of(piece).hanging_sheet(hung: hung)
            { piece: named_piece(piece), map: map }.compact
          end

          # The names around a piece, and how long there is.
          def named_piece(piece)
            on_bench(piece).slice(:id, :name, :version, :home, :room, :days_to_go)
          end

          def tick_hung
            asked = said["ornaments"].map { |one| one.values_at("style", "number") }
            if said["up"]
              sites = map_of_tree[:sites].select { |site| asked.include?([site[:style], site[:number]]) }
              refuse_unknown(asked.size - sites.size)
              store(Store::HungOrnaments).hang(tree[:id], sites, account_id: account[:id])
            else
              store(Store::HungOrnaments).take_down(tree[:id], asked)
            end
            hanging(tree)
          end

          def refuse_unknown(count)
            return if count.zero?

            raise Problem.invalid([{ pointer: "/ornaments", code: "unknown",
                                     message: "#{count} of these are not on the map of this tree. Load the map again and tick there." }])
          end

          def map_of_tree
            planning.of(tree).hanging_sheet(hung: hung) or
              raise Problem.new(422, "no-tree", "No tree yet", "No tree is chosen in this place yet. Choose its height on the bench; then there is a map.")
          end

          def hanging_pdf
            names = named_piece(tree)
            pdf = Exchange::HangingPdf.new(map_of_tree, title: tree[:name], under: "#{names[:home][:name]}, #{names[:room][:name]}",
                                                        style: query["style"]).render
            file(pdf, "application/pdf", "#{tree[:name]}-hanging-map.pdf")
          end

          def hanging_svg
            file(Exchange::HangingSvg.write(map_of_tree, tree[:name], query["style"]), "image/svg+xml", "#{tree[:name]}-hanging-map.svg")
          end

          def step_back
            plan = planning.of(tree, settings: said.fetch("settings", tree[:settings]), place_id: said.fetch("place_id", tree[:place_id]))
            up = said["look_at"] == "up" ? hung : nil
            { **(plan.step_back(up: up) || { findings: [], heat: [], counted: 0 }), up: up&.map { |one| one.slice(:style, :number) } }
          end
        end
      end
    end
  end
end
