# frozen_string_literal: true

require "digest"

module DeckBough
  module Server
    module StandIns
      # The desk of suppliers, simulated: the interface a real one would have, and answers that are always the same for
      # a thing at a supplier.
      #
      #   desk = SupplierDesk.new
      #   desk.quote("Halyard Trimmings", "Slate glass, 10 cm", pack_size: 4, price_cents: 1480)
      #   # => [{ pack_size: 4, price_cents: 1520, available: 12 }]
      #   desk.slip("Halyard Trimmings", Date.new(2026, 11, 22), [{ line: "a", name: "Plum drop", to_come: 4 }])
      #   # => { comes_on: Date, lines: [{ line: "a", kind: "arrived", packs: 4 }] }
      #
      # A real desk would take the same calls: what is asked for, and what a delivery brought.
      class SupplierDesk
        # Of so many things one is sold out, one is late, one comes in another colour, one has faults.
        LOT = 9
        USUAL_CENTS = 990

        # Packs of a thing, with how many there are: none of what is sold out.
        #
        # @return [Array<Hash>] pack_size, price_cents, available
        def quote(supplier, name, pack_size:, price_cents:)
          lot = lot(supplier, name)
          there = (lot[0] % LOT).zero? ? 0 : 2 + (lot[1] % 24)
          cents = (price_cents || USUAL_CENTS) * (96 + (lot[2] % 14)) / 100
          single = { pack_size: pack_size, price_cents: cents, available: there }
          return [single] unless lot[3] % 3 == 1

          [single, { pack_size: pack_size * 3, price_cents: (cents * 3 * 0.88).round, available: there / 3 }]
        end

        # What the parcel brings, and on which day.
        #
        # @param expected_on [Date]
        # @param lines [Array<Hash>] line, name, to_come (packs)
        def slip(supplier, expected_on, lines)
          lot = lot(supplier, expected_on.iso8601)
          { comes_on: expected_on + (lot[0] % 4 == 1 ? 2 : 0),
            lines: lines.flat_map { |line| came(line, lot(supplier, line[:name])) } }
        end

        private

        def lot(supplier, about)
          Digest::SHA256.digest("#{supplier.strip.downcase} #{about.strip.downcase}").bytes
        end

        def came(line, lot)
          wrong = { 1 => "wrong_colour", 2 => "faulty", 3 => "missing" }[lot[4] % LOT]
          bad = wrong ? 1 : 0
          came = [["arrived", line[:to_come] - bad], [wrong, bad]].select { |_, packs| packs.positive? }
          came.map { |kind, packs| { line: line[:line], kind: kind, packs: packs } }
        end
      end
    end
  end
end
