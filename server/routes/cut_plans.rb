# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What to cut of each ribbon of a tree, and what goes back to stock when it is cut.
      class CutPlans < Benched
        get "/api/pieces/:id/cut-plan", :read
        post "/api/pieces/:id/cut-plan", :try
        post "/api/pieces/:id/cut-plan/ends", :keep_ends

        KIND = "ribbon_cut"
        # Rolls of all ribbons together: so many a person lays out on a table.
        MOST_ROLLS = 200
        ROLL = Input.number(:roll, "A roll at hand", "m", 0.01..500, why: "An empty roll is none.")

        def read
          answer(cut_plan({}))
        end

        def try
          answer(cut_plan(part_rolls))
        end

        # It is cut: what the plan leaves is on hand from now on, what it uses lies cut for this tree. Computed here,
        # from the rolls there are; nobody's word is taken for what is left.
        def keep_ends
          sheet = sheets(part_rolls).find { |one| one[:style] == said["style"] } or raise not_on_tree
          act = store(Store::Acts).record(tree[:id], kind: KIND, style_id: said["style"], key: said["key"],
                                                     account_id: account[:id],
                                                     says: "#{sheet[:name]}: #{sheet[:pieces]} pieces cut",
                                                     told: sheet.except(:sheet)) { |doing| cut(doing, sheet) }
          claim
          answer({ act: act, style: store(Store::Styles).find(said["style"]) }, 201)
        end

        private

        def tree
          piece_that_gives(:cut_plan)
        end

        def part_rolls
          rolls = said.fetch("part_rolls_m", {})
          refuse_absurd(rolls)
          return rolls if rolls.sum { |_, lengths| lengths.size } <= MOST_ROLLS

          raise Problem.invalid([{ pointer: "/part_rolls_m", code: "too_many",
                                   message: "That is more than #{MOST_ROLLS} rolls. Leave out those that will not be " \
                                            "cut." }])
        end

        # Told at the field of its ribbon, not as a plan that came to nothing.
        def refuse_absurd(rolls)
          faults = rolls.flat_map do |style, lengths|
            lengths.each_with_index.flat_map { |length, i| faults_of(length, ["part_rolls_m", style, i]) }
          end
          raise Problem.of_faults(faults) unless faults.empty?
        end

        def faults_of(length, path)
          [].tap { |faults| InputReading.new(ROLL, length, path, faults).value }
        end

        def sheets(rolls)
          planning.of(tree).cut_sheets(part_rolls: rolls)
        rescue InputError => e
          raise Problem.of_faults(e.faults)
        end

        # What is cut already shows as it was cut.
        def cut_plan(rolls)
          acts = store(Store::Acts).of(tree[:id]).select { |act| act[:kind] == KIND }.to_h { |act| [act[:style], act] }
          ribbons = sheets(rolls).map do |sheet|
            (act = acts[sheet[:style]]) ? as_cut(sheet, act) : { **sheet, needs_m: sheet[:length_m] }
          end
          { piece: named, ribbons: ribbons }
        end

        def as_cut(sheet, act)
          { **sheet, **act[:told].transform_keys(&:to_sym), act: act.except(:told), needs_m: sheet[:length_m] }
        end

        def cut(doing, sheet)
          style = store(Store::Styles).find(sheet[:style])
          raise Problem.conflict(current: style, yours: said) if style[:version] != said["version"]

          # Rolls that were measured are what there is; else the plan's own rolls were taken from what there is.
          measured = part_rolls.key?(sheet[:style])
          before = measured ? style[:on_hand] : sheet[:part_rolls_m].sum
          doing.move(sheet[:style], sheet[:back_m] - before, "cut", rolls: rolls_after(sheet, measured))
          doing.cut(sheet[:style], sheet[:length_m])
        end

        def rolls_after(sheet, measured)
          return sheet[:back_rolls_m] if measured

          there = store(Store::Lots).rolls([sheet[:style]]).fetch(sheet[:style], [])
          DeckBough::Stock::Rolls.new(there).after(sheet[:part_rolls_m], sheet[:back_rolls_m])
        end

        def not_on_tree
          Problem.invalid(
            [{ pointer: "/style", code: "unknown",
               message: "That ribbon is not on this tree. Choose one of the cut plan." }]
          )
        end
      end
    end
  end
end
