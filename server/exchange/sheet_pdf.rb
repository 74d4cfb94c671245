# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # What every sheet on A4 shares: the page, its heading, letters every reader knows, page numbers.
      class SheetPdf
        MARGIN = 36
        INK = "1e2a2f"
        QUIET = "5c686d"
        LINE = "8fa58a"
        # Of the fractions the fonts know halves and quarters.
        FRACTIONS = { "⅛" => " 1/8", "⅜" => " 3/8", "⅝" => " 5/8", "⅞" => " 7/8" }.freeze

        # @param under [String] where it is: home and room
        def initialize(title:, under:)
          @title = title
          @under = under
          @page = Prawn::Document.new(page_size: "A4", margin: MARGIN, info: { Title: plain(title) })
          @page.fill_color INK
        end

        # @return [String] the document's bytes
        def render
          Prawn::Fonts::AFM.hide_m17n_warning = true
          content
          @page.number_pages("<page> of <total>", at: [@page.bounds.right - 80, -12], width: 80, align: :right, size: 8)
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
