# frozen_string_literal: true

require "base64"

module DeckBough
  module Server
    module Routes
      # The stockroom as a table, out and in.
      class Imports < Resource
        get "/api/stock/table.csv", :csv
        get "/api/stock/table.xlsx", :xlsx
        post "/api/stock/imports", :start
        post "/api/stock/imports/:id/parts", :part_of_file
        post "/api/stock/imports/:id/reading", :read
        post "/api/stock/imports/:id/check", :check
        post "/api/stock/imports/:id/load", :load
        delete "/api/stock/imports/:id", :delete

        WORKBOOK = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"

        def csv
          file(table.csv, "text/csv; charset=utf-8", "stockroom.csv")
        end

        def xlsx
          file(table.xlsx, WORKBOOK, "stockroom.xlsx")
        end

        def start
          answer(imports.begin(said, account_id: account[:id]), 201)
        end

        def part_of_file
          answer(imports.part(id, said["at"], decoded))
        end

        def read
          told = imports.read(id)
          fields = DeckBough::Stock::Sheet.columns(studio[:units]).map do |column|
            { field: column.field.to_s, title: column.title }
          end
          answer({ **told, fields: fields })
        end

        def check
          answer(imports.check(id, said["mapping"], from: said["from"], units: studio[:units]))
        end

        def load
          answer(imports.load(id, account_id: account[:id]))
        end

        def delete
          imports.delete(id)
          nothing
        end

        private

        def imports
          store(Store::Imports)
        end

        def table
          Exchange::StockTable.new(store(Store::Stockroom).everything, studio[:units])
        end

        def decoded
          Base64.strict_decode64(said["content"])
        rescue ArgumentError
          raise Problem.invalid([{ pointer: "/content", code: "no_base64",
                                   message: "This part of the file is not written in Base64. Send it anew." }])
        end
      end
    end
  end
end
