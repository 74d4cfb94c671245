# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # What every sheet shares: the studio's paper, a heading, letters every reader knows, and on each page what it is
      # of, the day and its number.
      class SheetPdf
        MARGIN = 36
        INK = "1e2a2f"
        QUIET = "5c686d"
        LINE = "8fa58a"
        # Of the fractions the fonts know halves and quarters.
        FRACTIONS = { "⅛" => " 1/8", "⅜" => " 3/8", "⅝" => " 5/8", "⅞" => " 7/8" }.freeze

        PAPERS = { "a4" => "A4", "letter" => "LETTER" }.freeze
        SMALL = 8

        # @param under [String] where it is: home and room
        # @param paper ["a4", "letter"]
        # @param day [Date, nil] on which it is printed
        def initialize(title:, under:, paper: "a4", day: nil)
          @title = title
          @under = under
          @day = day
          @page = Prawn::Document.new(page_size: PAPERS.fetch(paper), margin: MARGIN, info: { Title: title })
          @page.fill_color INK
          @page.font_families.update(SheetFonts.families)
          @page.font(SheetFonts::TEXT)
          @page.fallback_fonts(SheetFonts::EXTENDED.values)
        end

        # @return [String] the document's bytes
        def render
          content
          @page.number_pages("<page> of <total>", at: [@page.bounds.right - 80, -12], width: 80, align: :right,
                                                  size: SMALL)
          foot = plain([@under, @title, @day&.strftime("%-d %b %Y")].compact.join(" · "))
          @page.number_pages(foot, at: [0, -12], width: @page.bounds.width - 90, align: :left, size: SMALL)
          @page.render
        end

        private

        # Sheets of what hangs tell lengths and weights in the studio's units.
        def heavy(kilograms)
          Mass.print(kilograms, @units)
        end

        def print(metres)
          plain(Length.print(metres, @units))
        end

        # A part of the sheet, on a page with room for some of it.
        def title(text)
          @page.start_new_page if @page.cursor < 4 * self.class::ROW
          @page.fill_color INK
          @page.text plain(text), size: 13, style: :bold
          @page.move_down 4
        end

        # A line of a table whose columns begin where COLUMNS says.
        def row(texts, colour)
          @page.start_new_page if @page.cursor < self.class::ROW
          @page.fill_color colour
          texts.zip(self.class::COLUMNS.values) do |text, left|
            @page.draw_text(text, at: [left, @page.cursor - 10], size: 9)
          end
          @page.move_down self.class::ROW
        end

        # What of a plan wants care.
        def serious(cautions)
          cautions.reject { |caution| caution[:severity] == "info" }.each do |caution|
            @page.text plain("#{caution[:severity].capitalize}. #{caution[:message]}"), size: 8.5, color: QUIET
          end
        end

        # A number in a round pin.
        def pin(number, spot)
          @page.fill_and_stroke_circle(spot, 6.5)
          @page.fill_color INK
          text = number.to_s
          @page.draw_text(text, at: [spot[0] - (@page.width_of(text, size: 7) / 2), spot[1] - 2.5], size: 7)
        end

        # What no font of ours has is a question mark.
        def plain(text)
          text.gsub(/[⅛⅜⅝⅞]/, FRACTIONS).each_char.map { |letter| known?(letter) ? letter : "?" }.join
        end

        def known?(letter)
          @known ||= Hash.new do |all, one|
            all[one] = [SheetFonts::TEXT, SheetFonts::EXTENDED[SheetFonts::TEXT]].any? do |name|
              @page.find_font(name).glyph_present?(one)
            end
          end
          letter == "\n" || @known[letter]
        end

        def heading(told)
          @page.font(SheetFonts::HEADING) { @page.text plain(@title), size: 22 }
          @page.text plain("#{@under} · #{told}"), size: 10, color: QUIET
          @page.move_down 12
        end
      end
    end
  end
end
