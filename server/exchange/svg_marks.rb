# frozen_string_literal: true

require "cgi"

module DeckBough
  module Server
    module Exchange
      # What sheets drawn as SVG are made of. Points are pairs in units of the sheet.
      #
      #   SvgMarks.sheet([], title: "Bay tree", under: "A room", wide: 100, tall: 70, margin: 5) # => "<svg …"
      module SvgMarks
        INK = "#1e2a2f"
        LINE = "#8fa58a"

        module_function

        # A white sheet with a title, which stands at its head too with where and when it is, and the parts inside its
        # margin.
        #
        # @param under [String] home, room and day
        def sheet(parts, title:, under:, wide:, tall:, margin:)
          %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 #{wide} #{tall}" font-family="Sheet, sans-serif" ) +
            %(role="img"><title>#{CGI.escapeHTML(title)}</title>#{SheetFonts.style_sheet}) +
            %(<rect width="#{wide}" height="#{tall}" fill="#ffffff"/>) +
            %(<text x="#{margin}" y="28" font-size="18" fill="#{INK}">#{CGI.escapeHTML(title)}</text>) +
            %(<text x="#{wide - margin}" y="28" font-size="13" text-anchor="end" fill="#{INK}">) +
            "#{CGI.escapeHTML(under)}</text>" +
            %(<g transform="translate(#{margin} #{margin})">#{parts.join}</g></svg>\n)
        end

        def line(points, stroke, dash: nil, wide: 1)
          dashes = %( stroke-dasharray="#{dash}") if dash
          %(<polyline points="#{list(points)}" fill="none" stroke="#{stroke}" stroke-width="#{wide}"#{dashes}/>)
        end

        # Centred on a point; `said` is a number or text that is safe as it stands.
        def label(across, down, said, size: 12, fill: INK)
          %(<text x="#{number(across)}" y="#{number(down)}" font-size="#{size}" text-anchor="middle" fill="#{fill}">) +
            "#{said}</text>"
        end

        def list(points)
          points.map { |x, y| "#{number(x)},#{number(y)}" }.join(" ")
        end

        def number(value)
          format("%.1f", value)
        end
      end
    end
  end
end
