# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Reads a length as typed, in any spelling, and says it back tidied; and what the distance meter read.
      class Lengths < Resource
        get "/api/lengths", :read
        get "/api/meter/readings", :measured

        BARE = { "metric" => "m", "imperial" => "ft" }.freeze

        def read
          metres = Length.parse(query.fetch("text"), bare: BARE.fetch(studio[:units]))
          answer(metres: metres, metric: Length.print(metres, "metric"), imperial: Length.print(metres, "imperial"))
        rescue LengthError => e
          raise Problem.invalid([{ pointer: "/text", code: e.code.to_s, message: e.message }])
        end

        # From the meter of whoever asks; a stand-in until there is a real one.
        def measured
          answer(StandIns::DistanceMeter.new("#{account[:id]} #{query['of']}").after(query.fetch("after", 0)))
        end
      end
    end
  end
end
