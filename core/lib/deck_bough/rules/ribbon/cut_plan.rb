# frozen_string_literal: true

module DeckBough
  module Rules
    module Ribbon
      # What to cut from which roll: every piece whole, fewest new rolls, then part rolls used up, then fewest useless
      # ends.
      #   Catalogue.answer("ribbon.cut_plan", { "pieces_m" => [0.6, 0.5, 0.4, 0.4], "part_rolls_m" => [0.45],
      #     "new_roll_m" => 1.0 })[:new_rolls]
      #   # => 2
      #
      # Within a roll the longest piece is cut first: what goes wrong there can still become a shorter one.
      class CutPlan < Rule
        # Lengths are cut plan in whole hundredths of a millimetre, so that thirds of a roll still fit three times.
        UNIT = 100_000

        declare id: "ribbon.cut_plan", title: "Cut plan", handbook: "40 Cut plan",
                inputs: [
                  Input.list(:pieces_m, "Pieces",
                             Input.number(:piece, "A piece", "m", 0.01..200, why: "A piece has a length."), 0..1_000),
                  Input.list(:part_rolls_m, "Part rolls",
                             Input.number(:part, "A part roll", "m", 0.01..1_000, why: "An empty roll is none."),
                             0..200,
                             default: [].freeze),
                  Input.number(:new_roll_m, "New roll", "m", 0.1..1_000, why: "A roll has a length.")
                ],
                outputs: { new_rolls: "rolls", rolls: "list", lower_bound: "rolls", useless_m: "m" },
                constants: %w[ribbon.useless_end]

        def call
          rolls = plan.map { |roll| told(roll) }
          { new_rolls: rolls.count { |roll| roll[:new] }, rolls: rolls, lower_bound: packing.lower_bound,
            useless_m: rolls.sum { |roll| roll[:left_m] < house["ribbon.useless_end"] ? roll[:left_m] : 0 }.to_f }
        end

        def working(outputs)
          total = given[:pieces_m].sum
          [step("No fewer new rolls can do: what part rolls cannot take, and what cannot share a roll",
                "#{long(total)} in #{given[:pieces_m].size} pieces, #{long(given[:part_rolls_m].sum)} on part rolls, " \
                "#{long(given[:new_roll_m])} #{jotting.unit} a roll",
                :lower_bound, outputs),
           step("Each roll filled as far as it goes, the longest first", "#{outputs[:rolls].size} rolls are cut",
                :rolls, outputs),
           step("New rolls", "#{outputs[:new_rolls]} against at least #{outputs[:lower_bound]}", :new_rolls, outputs),
           step("Ends under #{read_off(house['ribbon.useless_end'])}; longer ones go back to stock",
                outputs[:rolls].map { |roll| long(roll[:left_m]) }
                               .join(" + ").then { |sum| sum.empty? ? "none" : sum }, :useless_m, outputs)]
        end

        private

        def packing
          @packing ||= Cutting::Packing.new(pieces: in_units(given[:pieces_m]), parts: in_units(given[:part_rolls_m]),
                                            roll: (given[:new_roll_m] * UNIT).round,
                                            useless: (house["ribbon.useless_end"] * UNIT).round)
        end

        def plan
          @plan ||= begin
            longest = [given[:new_roll_m], *given[:part_rolls_m]].max
            over = given[:pieces_m].select { |piece| (piece * UNIT).round > (longest * UNIT).round }.max
            refuse(:piece_too_long, :pieces_m, piece: read_off(over), longest: read_off(longest)) if over
            packing.call ||
              refuse(:piece_too_long, :pieces_m,
                     piece: read_off(given[:pieces_m].max), longest: read_off(given[:new_roll_m]))
          end
        end

        def in_units(lengths)
          lengths.map { |length| (length * UNIT).round }
        end

        def told(roll)
          cuts = roll.pieces.map { |i| given[:pieces_m][i] }
          { length_m: roll.length.fdiv(UNIT), new: roll.new, cuts_m: cuts,
            left_m: (roll.length - in_units(cuts).sum).fdiv(UNIT) }
        end
      end
    end
  end
end
