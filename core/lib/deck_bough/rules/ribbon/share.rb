# frozen_string_literal: true

module DeckBough
  module Rules
    module Ribbon
      # A scarce ribbon shared out: the crown first, then as many whole pieces as it allows; a plentiful one fills the
      # other sites.
      #   Catalogue.answer("ribbon.share", { "on_hand_m" => 10, "crown_m" => 1, "piece_m" => 0.9,
      #     "pieces" => 18 }).outputs[:scarce_pieces]
      #   # => 10
      #
      # Cut and lay out before fixing anything.
      class Share < Rule
        HAIR = 1e-9

        declare id: "ribbon.share", title: "Sharing a scarce ribbon", handbook: "40 Scarce ribbon",
                inputs: [
                  Input.number(:on_hand_m, "On hand", "m", 0..5_000),
                  Input.number(:crown_m, "For the crown", "m", 0..100),
                  Input.number(:piece_m, "A piece", "m", 0.02..100, why: "A piece has a length."),
                  Input.whole(:pieces, "Pieces", "pieces", 0..5_000)
                ],
                outputs: { scarce_pieces: "pieces", other_pieces: "pieces", left_m: "m" }

        def call
          { scarce_pieces: scarce, other_pieces: given[:pieces] - scarce,
            left_m: [rest - (scarce * given[:piece_m]), 0].max.to_f }
        end

        def working(outputs)
          [between("After the crown", "#{long(given[:on_hand_m])} − #{long(given[:crown_m])}", :rest_m, rest, "m"),
           step("Whole pieces of the scarce one",
                "#{long(rest)} ÷ #{long(given[:piece_m])}, down, at most #{given[:pieces]}", :scarce_pieces,
                outputs),
           step("The plentiful one in between", "#{given[:pieces]} − #{scarce}", :other_pieces, outputs),
           step("Left", "#{long(rest)} − #{scarce} × #{long(given[:piece_m])}", :left_m, outputs)]
        end

        def findings(_outputs)
          if given[:crown_m] > given[:on_hand_m]
            [finding(:crown_lacks_ribbon, over_m: given[:crown_m] - given[:on_hand_m])]
          else
            []
          end
        end

        private

        def rest
          [given[:on_hand_m] - given[:crown_m], 0].max
        end

        def scarce
          [((rest / given[:piece_m].to_f) + HAIR).floor, given[:pieces]].min
        end
      end
    end
  end
end
