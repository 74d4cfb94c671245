# frozen_string_literal: true

require "cgi"

module DeckBough
  module Server
    module Exchange
      # The nail map of a run as SVG: greens in outline, every anchor with its measures from the left and the floor;
      # under it the layers in their order.
      #
      #   RunSheetSvg.write(plan, "Mantel greens", "metric", under: "Front room") # => "<svg …"
      module RunSheetSvg
        WIDE = 1000
        TALL = 700
        MARGIN = 60
        LINE_TALL = 22
        GREEN = "#dfe8e0"
        INK = SvgMarks::INK
        LINE = SvgMarks::LINE

        extend SvgMarks

        module_function

        def write(plan, title, units, under:)
          drawing = RunSheetDrawing.new(plan[:drawing], width: WIDE - (2 * MARGIN), height: TALL - (2 * MARGIN))
          parts = [*ground(drawing), *drawing.anchors.map { |anchor, spot| anchor(anchor, spot, units) },
                   *layers(plan[:layers])]
          tall = TALL + (plan[:layers].size * LINE_TALL)
          sheet(parts, title: title, under: under, wide: WIDE, tall: tall, margin: MARGIN)
        end

        def ground(drawing)
          boxes = drawing.boxes.map do |left, top, wide, tall|
            %(<rect x="#{number(left)}" y="#{number(top)}" width="#{number(wide)}" height="#{number(tall)}" ) +
              %(fill="none" stroke="#{LINE}"/>)
          end
          greens = drawing.outlines.map do |outline|
            %(<polygon points="#{list(outline)}" fill="#{GREEN}" fill-opacity="0.8" stroke="#{LINE}"/>)
          end
          [line(drawing.floor, INK), *greens, *boxes, line(drawing.way, LINE)]
        end

        def anchor(anchor, (across, down), units)
          # Neighbours tell their measures at two heights, so that they do not run into one another.
          above = anchor[:number].odd? ? 22 : 40
          measure = "#{Length.print(anchor[:x_m], units)} · #{Length.print(anchor[:floor_m], units)}"
          %(<circle cx="#{number(across)}" cy="#{number(down)}" r="11" fill="#ffffff" stroke="#{INK}"/>) +
            label(across, down + 4.5, anchor[:number]) + label(across, down - above, measure)
        end

        def layers(layers)
          layers.each_with_index.map do |layer, i|
            text = CGI.escapeHTML("#{i + 1}. #{layer[:title]}: #{layer[:says]}")
            %(<text x="0" y="#{number(TALL - MARGIN + (i * LINE_TALL))}" font-size="14" fill="#{INK}">#{text}</text>)
          end
        end
        private_class_method :ground, :anchor, :layers
      end
    end
  end
end
