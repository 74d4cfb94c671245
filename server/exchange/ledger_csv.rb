# frozen_string_literal: true

require "csv"

module DeckBough
  module Server
    module Exchange
      # A piece's ledger as CSV: one line each, quantities in the unit named, money in whole units of the currency.
      #   LedgerCsv.write(plan[:ledger], "EUR").lines.first
      #   # => "Step,Item,Unit,Need,Spares,Have,Elsewhere,Short,Packs,Pack size,To buy EUR,From stock EUR\n"
      module LedgerCsv
        # A cell that a spreadsheet would run as a formula is quoted into plain text.
        FORMULA = /\A[=+\-@\t\r]/

        module_function

        def write(ledger, currency)
          CSV.generate do |csv|
            csv << ["Step", "Item", "Unit", "Need", "Spares", "Have", "Elsewhere", "Short", "Packs", "Pack size",
                    "To buy #{currency}", "From stock #{currency}"]
            ledger.each { |line| csv << row(line) }
          end
        end

        def row(line)
          quantities = line.values_at(:need, :spares, :have, :elsewhere, :short).map { |quantity| number(quantity) }
          [line[:step], text(line[:label]), line[:unit], *quantities, line[:packs],
           line[:pack_size] && number(line[:pack_size]),
           money(line[:buy_cents]), money(line[:stock_cents])]
        end

        def text(cell)
          cell.match?(FORMULA) ? "'#{cell}" : cell
        end

        def number(quantity)
          quantity == quantity.to_i ? quantity.to_i : quantity.round(2)
        end

        def money(cents)
          cents && format("%.2f", cents / 100.0)
        end
        private_class_method :row, :number, :money
      end
    end
  end
end
