# frozen_string_literal: true

require "csv"
require "simple_xlsx_reader"

module DeckBough
  module Server
    module Exchange
      # A table out of a file, whatever program wrote it: CSV with commas, semicolons or tabs, or the first sheet of an
      # XLSX workbook. Formulas are never run: of a cell that has one its last value is read, or its text.
      #
      #   TableReading.rows("Kind,Name\nornament,Ball\n") # => [["Kind", "Name"], ["ornament", "Ball"]]
      module TableReading
        MOST_ROWS = 20_000
        MOST_COLUMNS = 100
        LONGEST_CELL = 2_000
        # What a workbook may unpack to.
        MOST_UNPACKED = 200 * 1024 * 1024
        SEPARATORS = [",", ";", "\t"].freeze
        MARK = "\xEF\xBB\xBF".b
        ZIP = "PK".b
        # A quote before what a spreadsheet would run is ours: it goes when it is read again.
        QUOTED = /\A'(?=[=+\-@\t\r])/

        module_function

        # @param bytes [String]
        # @return [Array<Array>] cells are text, numbers, flags, days or nothing
        # @raise [Problem] when it is no table, or more than a stockroom holds
        def rows(bytes)
          found = bytes.b.start_with?(ZIP) ? workbook(bytes) : text(bytes)
          found = trimmed(found)
          if found.size < 2
            raise refused("There is nothing in this file. Choose one with a row of headings and a row a thing.")
          end
          if found.size > MOST_ROWS + 1
            raise refused("It has #{found.size - 1} rows. Read in #{MOST_ROWS} or fewer at once.")
          end

          wide = found.map(&:size).max
          raise refused("It has #{wide} columns. Leave #{MOST_COLUMNS} or fewer.") if wide > MOST_COLUMNS

          found
        end

        # Lines between things keep their place, so that a row is known by its number in the file; what is blank at both
        # ends goes.
        def trimmed(rows)
          blank = ->(row) { row.all? { |cell| cell.nil? || cell == "" } }
          rows.drop_while(&blank).reverse.drop_while(&blank).reverse
        end

        def text(bytes)
          said = bytes.b.delete_prefix(MARK).force_encoding(Encoding::UTF_8)
          unless plain?(said)
            raise refused("This is neither a CSV text in UTF-8 nor an XLSX workbook. Save it as one of these.")
          end

          separator = SEPARATORS.max_by { |sign| said.lines.first.to_s.count(sign) }
          CSV.parse(said, col_sep: separator).map { |row| row.map { |cell| cell&.sub(QUOTED, "") } }
        rescue CSV::MalformedCSVError => e
          raise refused("Line #{e.line_number} cannot be read: a quote is opened and not closed, or stands inside a " \
                        "cell. Mend it, or save the file anew.")
        end

        def plain?(text)
          text.valid_encoding? && !text.include?("\0")
        end

        def workbook(bytes)
          within_bounds!(bytes)
          sheets = SimpleXlsxReader.parse(StringIO.new(bytes)).sheets
          raise refused("The workbook has no sheet.") if sheets.empty?

          found = []
          sheets.first.rows.each do |row|
            found << row.map { |cell| cell(cell) }
            break if found.size > MOST_ROWS + 1
          end
          found
        rescue Problem, Middleware::TimeLimit::Over
          raise
        rescue StandardError
          # What is in a file from elsewhere may be broken in any way; whatever the library meets, it cannot be read.
          raise refused("This workbook cannot be read. It may be cut off: save it anew, or as CSV.")
        end

        # What an entry says of its own size is not believed.
        def within_bounds!(bytes)
          unpacked = Zip::File.open_buffer(StringIO.new(bytes)).sum { |entry| entry.file? ? measured(entry) : 0 }
          return if unpacked <= MOST_UNPACKED

          raise refused("The workbook unpacks to more than #{MOST_UNPACKED / 1024 / 1024} MB.")
        end

        def measured(entry)
          size = 0
          entry.get_input_stream do |stream|
            while size <= MOST_UNPACKED && (part = stream.read(65_536))
              size += part.bytesize
            end
          end
          size
        end

        def cell(value)
          case value
          when Date, Time then value.strftime("%Y-%m-%d")
          when String then value[0, LONGEST_CELL].delete("\0").scrub("?")
          else value
          end
        end

        def refused(message)
          Problem.invalid([{ pointer: "/file", code: "no_table", message: message }])
        end
        private_class_method :trimmed, :text, :plain?, :workbook, :within_bounds!, :measured, :cell, :refused
      end
    end
  end
end
