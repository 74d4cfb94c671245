# frozen_string_literal: true

module DeckBough
  module Rules
    module Buying
      # Whether a thing is made or bought, and whether it is dry in time.
      #
      #   Catalogue.answer("buying.make_or_buy", { "buy_cents" => 3300, "parts_cents" => 728, "minutes" => 38,
      #     "hourly_cents" => 1547 })[:cheaper] # => "make"
      class MakeOrBuy < Rule
        HOUR = 60

        declare id: "buying.make_or_buy", title: "Make or buy", handbook: "80 Buying",
                inputs: [Input.whole(:buy_cents, "Price", "cents", 0..100_000_000),
                         Input.whole(:parts_cents, "Parts", "cents", 0..100_000_000),
                         Input.whole(:minutes, "Work", "minutes", 0..100_000),
                         Input.whole(:hourly_cents, "An hour", "cents", 0..1_000_000),
                         Input.whole(:drying_minutes, "Drying", "minutes", 0..1_000_000, default: 0),
                         Input.whole(:minutes_left, "Time left", "minutes", 0..10_000_000, default: nil,
                                                                                           default_says: "enough")],
                outputs: { make_cents: "cents", cheaper: "choice", in_time: "yes/no" }

        def call
          { make_cents: make_cents, cheaper: make_cents < given[:buy_cents] ? "make" : "buy",
            in_time: given[:minutes_left].nil? || taken <= given[:minutes_left] }
        end

        def findings(outputs)
          outputs[:in_time] ? [] : [finding(:made_too_late, minutes: taken - given[:minutes_left])]
        end

        def working(outputs)
          [step("Parts, and the minutes at the rate of an hour",
                "#{given[:parts_cents]} + #{given[:minutes]} × #{given[:hourly_cents]} ÷ #{HOUR}", :make_cents,
                outputs),
           step("Made where that is less than bought", "#{outputs[:make_cents]} against #{given[:buy_cents]}",
                :cheaper, outputs),
           step("Work and drying within the time left",
                "#{given[:minutes]} + #{given[:drying_minutes]} against #{given[:minutes_left] || 'enough'}",
                :in_time, outputs)]
        end

        private

        def make_cents
          @make_cents ||= given[:parts_cents] + Rational(given[:minutes] * given[:hourly_cents], HOUR).round
        end

        def taken
          given[:minutes] + given[:drying_minutes]
        end
      end
    end
  end
end
