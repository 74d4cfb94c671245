# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # The hanging map as SVG: one style numbered in hanging order with the others as rings, or all styles.
      #
      #   HangingSvg.write(map, "Quay window tree", nil) # => "<svg …"
      module HangingSvg
        WIDE = 1000
        TALL = 700
        MARGIN = 50
        PLAIN = "#8c8f8a"
        INK = SvgMarks::INK
        LINE = SvgMarks::LINE

        extend SvgMarks

        module_function

        # @param style [String, nil] the id of the style that is lit
        def write(map, title, style)
          drawing = HangingDrawing.new(map, width: WIDE - (2 * MARGIN), height: TALL - (2 * MARGIN))
          colours = map[:styles].to_h { |one| [one[:id], one[:colour] || PLAIN] }
          parts = [*ground(map, drawing), *map[:sites].map { |site| ornament(site, drawing, colours, style) }]
          sheet(parts, title: title, wide: WIDE, tall: TALL, margin: MARGIN)
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

        def ornament(site, drawing, colours, style)
          across, down = drawing.spot(site[:reach_m], site[:turn_deg])
          x = number(across)
          y = number(down)
          colour = colours[site[:style]]
          return %(<circle cx="#{x}" cy="#{y}" r="4" fill="none" stroke="#{PLAIN}"/>) if style && site[:style] != style

          fill = site[:up] ? "#ffffff" : colour
          %(<circle cx="#{x}" cy="#{y}" r="12" fill="#{fill}" stroke="#{INK}"/>) +
            label(across, down + 4.5, site[:number], fill: site[:up] ? INK : ink_on(colour))
        end

        # Black or white, whichever reads on a colour.
        def ink_on(colour)
          red, green, blue = colour.scan(/\h\h/).map { |part| part.to_i(16) }
          (0.299 * red) + (0.587 * green) + (0.114 * blue) > 150 ? INK : "#ffffff"
        end

        def path(points, fill:, stroke:)
          %(<polygon points="#{list(points)}" fill="#{fill}" stroke="#{stroke}"/>)
        end
        private_class_method :ground, :hour, :ornament, :path
      end
    end
  end
end
