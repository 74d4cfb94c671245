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
          @page = Prawn::Document.new(page_size: PAPERS.fetch(paper), margin: MARGIN, info: { Title: plain(title) })
          @page.fill_color INK
        end

        # @return [String] the document's bytes
        def render
          Prawn::Fonts::AFM.hide_m17n_warning = true
          content
          @page.number_pages("<page> of <total>", at: [@page.bounds.right - 80, -12], width: 80, align: :right,
                                                  size: SMALL)
          foot = plain([@under, @title, @day&.strftime("%-d %b %Y")].compact.join(" · "))
          @page.number_pages(foot, at: [0, -12], width: @page.bounds.width - 90, align: :left, size: SMALL)
          @page.render
        end

        private

        # The fonts every reader has know Western letters only.
        def plain(text)
          text.gsub(/[⅛⅜⅝⅞]/, FRACTIONS)
              .encode("Windows-1252", invalid: :replace, undef: :replace, replace: "?").encode("UTF-8")
        end

        def heading(told)
          @page.text plain(@title), size: 20, style: :bold
          @page.text plain("#{@under} · #{told}"), size: 10, color: QUIET
          @page.move_down 12
        end
      end
    end
  end
end
