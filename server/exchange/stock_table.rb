# frozen_string_literal: true

require "csv"
require "xlsxtream"

module DeckBough
  module Server
    module Exchange
      # All that is owned as a table, to be read in again as it is: CSV for any program, or an XLSX workbook.
      #
      #   StockTable.new(things, "metric").csv.lines.first # => "Kind,Name,Colour,…\n"
      class StockTable
        KNOWN = DeckBough::Stock::Particulars::INPUTS.map(&:name).freeze

        # @param things [Array<Hash>] fields of styles and particulars, box (numbers) and owner
        def initialize(things, units)
          @things = things
          @units = units
          @columns = DeckBough::Stock::Sheet.columns(units)
        end

        def csv
          CSV.generate do |csv|
            csv << headings
            rows { |row| csv << row.map { |cell| cell.is_a?(String) ? LedgerCsv.text(cell) : cell } }
          end
        end

        # Every text stands there as text: a program that opens it runs nothing.
        def xlsx
          out = StringIO.new(+"", "wb")
          Xlsxtream::Workbook.open(out) do |book|
            book.write_worksheet("Stockroom") do |sheet|
              sheet << headings
              rows { |row| sheet << row }
            end
          end
          out.string
        end

        private

        def headings
          @columns.map(&:title)
        end

        def rows
          @things.each { |thing| yield(@columns.map { |column| cell(thing, column) }) }
        end

        def asked(kind)
          @asked ||= Hash.new do |all, one|
            all[one] = @columns.map(&:field) - KNOWN + DeckBough::Stock::Particulars.asked(one).map(&:name)
          end
          @asked[kind]
        end

        # What does not matter to a kind is left empty.
        def cell(thing, column)
          return unless asked(thing[:kind]).include?(column.field)

          DeckBough::Stock::Sheet.write(column.field, thing[column.field], units: @units,
                                                                           ribbon: thing[:kind] == "ribbon")
        end
      end
    end
  end
end
