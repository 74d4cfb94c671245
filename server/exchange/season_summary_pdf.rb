# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # What a season came to, on paper.
      #
      #   SeasonSummaryPdf.new(SeasonSummary.new(database, studio).of(today: today), currency: "EUR",
      #                        title: "Season's end", under: "Wick & Fennel").render # => "%PDF-1.3…"
      class SeasonSummaryPdf < SheetPdf
        ROW = 16
        # Where columns begin, as shares of the width.
        HOMES = [0, 0.36, 0.56, 0.76].freeze
        LINES = [0, 0.62].freeze
        TITLES = DeckBough::Logbook::Remark::TITLES

        # @param told [Hash] as SeasonSummary tells it
        def initialize(told, currency:, **sheet)
          super(**sheet)
          @told = told
          @currency = currency
        end

        private

        def content
          heading("Season #{@told[:season]}")
          money_and_minutes
          homes
          still_open
          gone
          layers
          lessons
        end

        def money_and_minutes
          line(["Spent", money(@told[:bought_cents])], LINES)
          line(["Worth used from stock", money(@told[:stock_cents])], LINES)
          line(["Minutes taken, of those planned", against(@told[:minutes])], LINES)
          @page.move_down 8
        end

        def against(minutes)
          "#{minutes[:took].round} of #{minutes[:planned].round}"
        end

        def homes
          title("Home by home")
          line(["", "Spent", "From stock", "Minutes"], HOMES, QUIET)
          @told[:homes].each do |home|
            line([home[:name], money(home[:bought_cents]), money(home[:stock_cents]), against(home)], HOMES)
          end
          @page.move_down 8
        end

        def still_open
          still = @told[:open]
          return if still.values.all?(&:empty?)

          title("Still open")
          still[:standing].each do |home|
            line([home[:name], home[:strike_on] ? "taken down #{day(home[:strike_on])}" : "no day to take it down"],
                 LINES)
          end
          still[:lent].each { |one| line([one[:name], "#{Figure.print(one[:quantity], 2)} with #{one[:whom]}"], LINES) }
          still[:on_trial].each { |one| line([one[:name], "may go back#{by(one[:decide_by])}"], LINES) }
          @page.move_down 8
        end

        def by(date)
          date ? ", decide by #{day(date)}" : ""
        end

        def gone
          return if @told[:gone].empty?

          title("Broken and lost")
          @told[:gone].each do |one|
            said = { "broken" => one[:broken], "lost" => one[:lost] }.select { |_, count| count.positive? }
            told = said.map { |what, count| "#{Figure.print(count, 2)} #{what}" }
            line([one[:name], [*told, one[:cents] && money(one[:cents])].compact.join(", ")], LINES)
          end
          @page.move_down 8
        end

        def layers
          title("The same base, and what was this year's")
          line(["What stays for years", money(@told[:base_cents])], LINES)
          line(["This year's", money(@told[:change_cents])], LINES)
          line(["Marked as neither", money(@told[:unmarked_cents])], LINES) if @told[:unmarked_cents].positive?
          @told[:change].each { |name| line(["   #{name}", ""], LINES, QUIET) }
          line(["Without a price, counted for nothing", @told[:unpriced].to_s], LINES, QUIET) if unpriced?
          @page.move_down 8
        end

        # Seasons closed long ago were not asked.
        def unpriced?
          @told[:unpriced].to_i.positive?
        end

        def lessons
          return if @told[:lessons].empty?

          title("What it taught")
          @told[:lessons].each do |one|
            @page.text plain(one[:kind] == "rule" ? rule(one) : remark(one)), size: 9
            @page.move_down 3
          end
        end

        def rule(one)
          "#{one[:title]}: #{Figure.print(one[:was], 3)} to #{Figure.print(one[:becomes], 3)} #{one[:unit]}"
        end

        def remark(one)
          place = [one[:piece_name], one[:home_name]].reject(&:empty?).join(", ")
          "#{TITLES.fetch(one[:sort])}: #{[one[:says], place].reject(&:empty?).join(' · ')}"
        end

        def line(texts, shares, colour = INK)
          @page.start_new_page if @page.cursor < ROW
          @page.fill_color colour
          wide = @page.bounds.width
          texts.zip(shares, [*shares.drop(1), 1]) do |text, left, right|
            @page.text_box plain(text), at: [wide * left, @page.cursor - 3], width: (wide * (right - left)) - 6,
                                        height: 13, size: 9, overflow: :truncate, single_line: true
          end
          @page.fill_color INK
          @page.move_down ROW
        end

        def money(cents)
          format("%.2f %s", cents / 100.0, @currency)
        end

        def day(iso)
          Date.iso8601(iso).strftime("%-d %b %Y")
        end
      end
    end
  end
end
