# frozen_string_literal: true

require "digest"

module DeckBough
  module Server
    # How homes read from the places people look from: what leads, what is worth a word, the walls with most on them.
    # Read from rows; what is stale is read anew as far as a request may take, the rest by the next one.
    #
    #   Readings.new(database, studio).of([home])[home[:id]][:leads].first[:says] # => "Quay window tree alone"
    class Readings
      # Seconds of a request that go into reading anew.
      BUDGET = 0.3

      # @param budget [Float] seconds
      def initialize(database, studio, budget: BUDGET)
        @database = database
        @studio = studio
        @budget = budget
        @rows = Store::HomeReadings.new(database, studio[:id])
      end

      # @param house_stamp [String] of the house rules it is read with
      # @return [Hash{String => Hash, nil}] by home; nothing of a home nobody looks at, nil of one still to be read
      def of(home_ids, house_stamp)
        until_when = now + @budget
        anew = 0
        @rows.of(home_ids).to_h do |id, row|
          stamp = Digest::SHA256.hexdigest([Needs::CODE, house_stamp, @studio[:version], row[:stamp]].join(" "))
          next [id, row[:reading].to_h] if row[:kept] == stamp
          # One at least, so that asking again always comes nearer.
          next [id, nil] if anew.positive? && now > until_when

          anew += 1
          [id, read(id, stamp)]
        end
      end

      private

      def read(id, stamp)
        reading = RoomViews.new(@database, @studio).reading(id)
        @rows.keep(id, stamp, reading)
        reading
      end

      def now
        Process.clock_gettime(Process::CLOCK_MONOTONIC)
      end
    end
  end
end
