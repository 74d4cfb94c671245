# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # The hanging map as SVG: one style numbered in hanging order with the others as rings, or all styles.
      #
      #   HangingSvg.write(map, "Quay window tree", nil, under: "Long room") # => "<svg …"
      module HangingSvg
        WIDE = 1000
        TALL = 700
        MARGIN = 50
        ROW = 22
        # How large what stands in a dot may be, by how many characters it has.
        IN_DOT = { 1 => 13, 2 => 12, 3 => 10 }.freeze
        SMALLEST = 8
        PLAIN = "#8c8f8a"
        INK = SvgMarks::INK
        LINE = SvgMarks::LINE

        extend SvgMarks

        module_function

        # @param style [String, nil] the id of the style that is lit
        # @param under [String] home, room and day
        def write(map, title, style, under:)
          drawing = HangingDrawing.new(map, width: WIDE - (2 * MARGIN), height: TALL - (2 * MARGIN))
          colours = map[:styles].to_h { |one| [one[:id], one[:colour] || PLAIN] }
          parts = [*ground(map, drawing),
                   *map[:sites].map { |site| ornament(site, drawing, colours, style, said(site, map, style)) },
                   *legend(map, style)]
          rows = style ? 1 : map[:styles].size
          sheet(parts, title: title, under: under, wide: WIDE, tall: TALL + (rows * ROW), margin: MARGIN)
        end

        # What stands on an ornament: its number, behind the letter of its style where more than one is lit.
        def said(site, map, style)
          letter = map[:styles].find { |one| one[:id] == site[:style] }[:letter] unless style
          "#{letter}#{site[:number]}"
        end

        # Every style that is lit with its letter, beside its colour.
        def legend(map, style)
          map[:styles].select { |one| style.nil? || one[:id] == style }.each_with_index.map do |one, i|
            down = TALL - MARGIN + (i * ROW)
            %(<circle cx="8" cy="#{number(down - 5)}" r="7" fill="#{one[:colour] || PLAIN}" stroke="#{INK}"/>) +
              %(<text x="24" y="#{number(down)}" font-size="14" fill="#{INK}">) +
              "#{CGI.escapeHTML("#{one[:letter]}  #{one[:name]}, #{one[:count]}")}</text>"
          end
        end

        def ground(map, drawing)
          flat = map[:flat]
          tiers = flat[:tiers].map { |tier| line(drawing.arc(tier[:from_m]), LINE) }
          reach = line(drawing.arc(flat[:reach_line_m]), "#c98a1b", dash: "8 6", wide: 2) if flat[:reach_line_m]
          [path(drawing.outline, fill: "#eef3ee", stroke: LINE), *tiers, *reach,
           *flat[:clocks].map { |clock| hour(clock, flat, drawing) }]
        end

        def hour(clock, flat, drawing)
          x, y = drawing.spot(flat[:rim_m] * 1.04, clock[:turn_deg])
          line([drawing.spot(flat[:crown_m], clock[:turn_deg]), drawing.spot(flat[:rim_m], clock[:turn_deg])],
               "#d9e4e6") +
            label(x, y + 5, clock[:clock], size: 16)
        end

        def ornament(site, drawing, colours, style, said)
          across, down = drawing.spot(site[:reach_m], site[:turn_deg])
          x = number(across)
          y = number(down)
          colour = colours[site[:style]]
          return %(<circle cx="#{x}" cy="#{y}" r="4" fill="none" stroke="#{PLAIN}"/>) if style && site[:style] != style

          fill = site[:up] ? "#ffffff" : colour
          %(<circle cx="#{x}" cy="#{y}" r="12" fill="#{fill}" stroke="#{INK}"/>) +
            label(across, down + 4, said, size: IN_DOT.fetch(said.size, SMALLEST),
                                          fill: site[:up] ? INK : ink_on(colour))
        end

        # Black or white, whichever reads on a colour.
        def ink_on(colour)
          red, green, blue = colour.scan(/\h\h/).map { |part| part.to_i(16) }
          (0.299 * red) + (0.587 * green) + (0.114 * blue) > 150 ? INK : "#ffffff"
        end

        def path(points, fill:, stroke:)
          %(<polygon points="#{list(points)}" fill="#{fill}" stroke="#{stroke}"/>)
        end
        private_class_method :legend, :ground, :hour, :ornament, :path
      end
    end
  end
end
