# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # The shopping list for the hand: supplier by supplier, a box to tick before each thing, its packs, what it costs
      # and by when it is ordered.
      #
      #   ShoppingListPdf.new(Buying.new(database, studio, today: today).desk, units: "metric", currency: "EUR",
      #                       title: "To buy", under: "Wick & Fennel").render # => "%PDF-1.3…"
      class ShoppingListPdf < SheetPdf
        ROW = 17
        BOX = 9
        # Where the columns begin, as shares of the width: thing, packs, for whom, order by.
        SHARES = [0.04, 0.33, 0.47, 0.73].freeze
        NOBODY = "No supplier yet"

        # @param desk [Hash] as Buying tells it
        def initialize(desk, units:, currency:, **sheet)
          super(**sheet)
          @desk = desk
          @units = units
          @currency = currency
        end

        private

        def content
          totals = @desk[:totals]
          heading("#{totals[:lines]} #{totals[:lines] == 1 ? 'line' : 'lines'}, #{money(totals[:cents])} #{@currency}")
          @page.text("Nothing lacks that is not on its way.", size: 10) if @desk[:items].empty?
          by_supplier.each { |name, lines| supplier(name, lines) }
          rest = @desk[:total] - @desk[:items].size
          @page.text("And #{rest} more on the screen.", size: 9, color: QUIET) if rest.positive?
        end

        def by_supplier
          names = @desk[:suppliers].to_h { |one| [one[:id], one[:name]] }
          @desk[:items].group_by { |line| names.fetch(line[:quote][:supplier], NOBODY) }
        end

        def supplier(name, lines)
          title(name)
          lines.each { |line| line(line) }
          @page.move_down 8
        end

        def line(line)
          @page.start_new_page if @page.cursor < ROW
          top = @page.cursor
          @page.line_width 0.6
          @page.stroke_color INK
          @page.stroke_rectangle([0, top - 3], BOX, BOX)
          texts(line).zip(SHARES, [*SHARES.drop(1), 0.9]) do |text, left, right|
            write(text, left, right, top)
          end
          @page.text_box price(line[:quote]), at: [@page.bounds.width * 0.88, top - 3],
                                              width: @page.bounds.width * 0.12, size: 9, align: :right
          @page.move_down ROW
        end

        def write(text, left, right, top)
          wide = @page.bounds.width
          @page.text_box plain(text), at: [wide * left, top - 3], width: (wide * (right - left)) - 6, height: 14,
                                      size: 9, overflow: :truncate, single_line: true
        end

        def texts(line)
          quote = line[:quote]
          by = quote[:order_by_on] && Date.iso8601(quote[:order_by_on]).strftime("%a %-d %b")
          [line[:name], packs(line), line[:homes].map { |home| home[:name] }.join(", "),
           [("late:" if quote[:late]), by].compact.join(" ")]
        end

        def packs(line)
          taken = line[:quote][:packs].map { |pack| "#{pack[:count]} × #{size(pack[:size], line[:kind])}" }
          taken.empty? ? "sold out" : taken.join(" + ")
        end

        def size(size, kind)
          kind == "ribbon" ? Length.print(size, @units) : Figure.print(size, 2)
        end

        def price(quote)
          quote[:packs].empty? ? "" : money(quote[:cents])
        end

        def money(cents)
          cents ? format("%.2f", cents / 100.0) : "no price"
        end
      end
    end
  end
end
