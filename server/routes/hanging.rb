# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # The hanging map of a tree: to work from, to print, and to tick.
      class Hanging < Benched
        get "/api/pieces/:id/hanging", :read
        put "/api/pieces/:id/hanging", :tick
        get "/api/pieces/:id/hung", :list_hung
        get "/api/pieces/:id/hanging.pdf", :print
        get "/api/pieces/:id/hanging.svg", :draw
        post "/api/pieces/:id/step-back", :step_back

        def self.no_tree
          Problem.new(422, "no-tree", "No tree yet",
                      "No tree is chosen in this place yet. Choose its height on the bench; then there is a map.")
        end

        def read
          answer({ piece: named, map: planning.of(tree).hanging_sheet(hung: hung) }.compact)
        end

        # What is up by now, without the map: asked every few seconds by whoever works from it.
        def list_hung
          answer(items: store(Store::HungOrnaments).of(tree[:id]).map { |one| one.slice(:style, :number, :by, :at) })
        end

        def tick
          asked = said["ornaments"].map { |one| one.values_at("style", "number") }.uniq
          if said["up"]
            sites = map_of_tree[:sites].select { |site| asked.include?([site[:style], site[:number]]) }
            refuse_unknown(asked.size - sites.size)
            store(Store::HungOrnaments).hang(tree[:id], sites, account_id: account[:id])
          else
            store(Store::HungOrnaments).take_down(tree[:id], asked)
          end
          read
        end

        def print
          pdf = Exchange::HangingPdf.new(map_of_tree,
                                         title: tree[:name], under: under(named), style: query["style"],
                                         paper: studio[:paper], day: today).render
          file(pdf, "application/pdf", "#{tree[:name]}-hanging-map.pdf")
        end

        def draw
          svg = Exchange::HangingSvg.write(map_of_tree, tree[:name], query["style"], under: where_and_when)
          file(svg, "image/svg+xml", "#{tree[:name]}-hanging-map.svg")
        end

        def step_back
          tree
          up = said["look_at"] == "up" ? hung : nil
          answer(**(dialled_plan.step_back(up: up) || { findings: [], heat: [], counted: 0 }),
                 up: up&.map { |one| one.slice(:style, :number) })
        end

        private

        def tree
          piece_that_gives(:hanging_map)
        end

        def hung
          store(Store::HungOrnaments).of(tree[:id])
        end

        def refuse_unknown(count)
          return if count.zero?

          raise Problem.invalid([{ pointer: "/ornaments", code: "unknown",
                                   message: "#{count} of these are not on the map of this tree. Load the map again " \
                                            "and tick there." }])
        end

        def map_of_tree
          planning.of(tree).hanging_sheet(hung: hung) or raise Hanging.no_tree
        end
      end
    end
  end
end
