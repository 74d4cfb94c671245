# frozen_string_literal: true

module DeckBough
  module Rules
    module Bowl
      # A vessel filled with what is on hand, from large to small: small ones go into the voids of the large.
      #
      #   Catalogue.answer("bowl.mix", { "vessel_mm" => 185, "litres" => 4.2,
      #     "balls" => [{ "mm" => 109, "on_hand" => 29 }, { "mm" => 89, "on_hand" => 23 }] })[:counts] # => [2, 4]
      class Mix < Rule
        MOST_SIZES = 12
        BALL = [Input.number(:mm, "Ball", "mm", 3..600, why: "A ball has a size."),
                Input.whole(:on_hand, "On hand", "balls", 0..100_000)].freeze

        declare id: "bowl.mix", title: "Filling with left-overs", handbook: "70 Vessels",
                inputs: [Input.number(:vessel_mm, "Vessel, inside", "mm", 10..3_000, why: "A vessel has a width."),
                         Input.number(:litres, "Filled to", "litres", 0.01..2_000, why: "It holds something."),
                         Input.list(:balls, "Balls, from large to small", BALL, 1..MOST_SIZES)],
                outputs: { counts: "balls", fill_share: "share" }, constants: %w[bowl.voids]

        def call
          refuse_order
          { counts: filled.map(&:count), fill_share: 1 - (filled.last.left / given[:litres].to_f) }
        end

        def working(outputs)
          taken = given[:balls].zip(outputs[:counts]).map { |ball, count| "#{count} × #{figure(ball[:mm])} mm" }
          [step("Size after size: into what is left, and #{figure(100 * house['bowl.voids'])} % of the voids between " \
                "those before", taken.join(", "), :counts, outputs),
           step("How much of it is filled", "1 − #{figure(filled.last.left)} ÷ #{figure(given[:litres])} litres",
                :fill_share, outputs)]
        end

        private

        # count of a size, what of the vessel is left after it, and the voids among its balls (litres).
        Filled = Struct.new(:count, :left, :voids)
        private_constant :Filled

        def filled
          @filled ||= given[:balls].each_with_object([Filled.new(0, given[:litres].to_f, 0.0)]) do |ball, row|
            row << size(ball, row.last)
          end.drop(1)
        end

        # What goes into the voids of the size before takes no room of its own.
        def size(ball, before)
          void = DeckBough::Vessels::Voids.share(given[:vessel_mm], ball[:mm])
          one = DeckBough::Vessels::Voids.ball_litres(ball[:mm])
          into = house["bowl.voids"] * before.voids
          count = fits?(ball) ? [ball[:on_hand], ((((1 - void) * before.left) + into) / one).floor].min : 0
          Filled.new(count, before.left - ([(count * one) - into, 0].max / (1 - void)), void / (1 - void) * count * one)
        end

        def fits?(ball)
          ball[:mm] <= given[:vessel_mm]
        end

        def refuse_order
          sizes = given[:balls].map { |ball| ball[:mm] }
          refuse(:not_from_large, :balls) unless sizes == sizes.sort.reverse
        end
      end
    end
  end
end
