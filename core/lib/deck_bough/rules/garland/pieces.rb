# frozen_string_literal: true

module DeckBough
  module Rules
    module Garland
      # How many pieces of garland a run takes, joined end loop into start.
      #
      #   Catalogue.answer("garland.pieces", { "run_m" => 1.919, "piece_m" => 2.74 })[:pieces] # => 1
      class Pieces < Rule
        declare id: "garland.pieces", title: "Pieces of garland", handbook: "50 Length",
                inputs: [Input.number(:run_m, "Run", "m", 0.05..200, why: "A run has a length."),
                         Input.number(:piece_m, "Length of a piece", "m", 0.2..50, why: "A piece has a length."),
                         Input.number(:join_m, "Join", "m", 0..2, default: nil, default_says: "0.10")],
                outputs: { pieces: "pieces", surplus_m: "m" }, constants: %w[garland.join]

        def call
          if join >= given[:piece_m]
            refuse(:join_longer_than_piece, :join_m, join: read_off(join), piece: read_off(given[:piece_m]))
          end
          { pieces: pieces, surplus_m: reached - given[:run_m] }
        end

        def working(outputs)
          [step("Pieces: run less one join, over what each adds, rounded up",
                "(#{long(given[:run_m])} − #{long(join)}) ÷ (#{long(given[:piece_m])} − #{long(join)})",
                :pieces, outputs),
           step("Left over",
                "#{pieces} × #{long(given[:piece_m])} − #{pieces - 1} × #{long(join)} − #{long(given[:run_m])}",
                :surplus_m, outputs)]
        end

        private

        def join
          given[:join_m] || house["garland.join"]
        end

        # Free of the last bit, so that two pieces that just reach are two.
        def pieces
          [((given[:run_m] - join) / (given[:piece_m] - join)).round(9).ceil, 1].max
        end

        def reached
          (pieces * given[:piece_m]) - ((pieces - 1) * join)
        end
      end
    end
  end
end
