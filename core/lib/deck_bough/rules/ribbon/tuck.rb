# frozen_string_literal: true

module DeckBough
  module Rules
    module Ribbon
      # Cut lengths of ribbon tucked in at both ends, standing proud in loops.
      #
      #   Catalogue.answer("ribbon.tuck", { "area_m2" => 6.396, "cover" => "full", "loops" => 2, "chord_m" => 0.119,
      #                                     "stand_m" => 0.165 })[:pieces] # => 49
      #
      # Cut loops ±20 % so that they look natural; the total stays.
      class Tuck < Rule
        COVERS = %w[airy balanced full].freeze

        declare id: "ribbon.tuck", title: "Ribbon in tucked loops", handbook: "40 Ribbon, bows and picks",
                inputs: [
                  Given::AREA, Input.choice(:cover, "Cover", COVERS),
                  Input.whole(:loops, "Loops of a piece", "loops", 1..12, why: "A piece has a loop."),
                  Input.number(:chord_m, "Loop width", "m", 0.02..1, why: "A loop has a width."),
                  Input.number(:stand_m, "Loop stand", "m", 0..1)
                ],
                outputs: { pieces: "pieces", piece_m: "m", length_m: "m" },
                constants: COVERS.map { |cover| "ribbon.cell_#{cover}" } + ["ribbon.tuck"]

        def call
          { pieces: pieces, piece_m: piece, length_m: pieces * piece }
        end

        def working(outputs)
          tuck = long(house["ribbon.tuck"])
          [between("A loop: the arc of a parabola over its width",
                   "arc(#{long(given[:chord_m])}, #{long(given[:stand_m])})",
                   :loop_m, loop_length, "m"),
           step("A piece: its loops and a tuck of #{tuck} #{jotting.unit} at each end and between",
                "#{given[:loops]} × #{long(loop_length)} + #{given[:loops] + 1} × #{tuck}", :piece_m, outputs),
           step("Pieces: visible surface ÷ surface per piece (#{given[:cover]}), rounded",
                "#{long(given[:area_m2], 2)} ÷ #{long(cell, 2)}", :pieces, outputs),
           step("All pieces", "#{pieces} × #{long(piece)}", :length_m, outputs)]
        end

        private

        def cell
          house["ribbon.cell_#{given[:cover]}"]
        end

        def pieces
          (given[:area_m2] / cell).round
        end

        def loop_length
          Parabola.arc(given[:chord_m], given[:stand_m])
        end

        def piece
          (given[:loops] * loop_length) + ((given[:loops] + 1) * house["ribbon.tuck"])
        end
      end
    end
  end
end
