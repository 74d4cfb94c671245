# frozen_string_literal: true

require "cgi"

module DeckBough
  module Server
    module Exchange
      # The nail map of wreaths as SVG: what they hang on, every ring and hook with its measures from left and
      # floor; under it what stands round the clock.
      #
      #   WreathSheetSvg.write(plan, "Cabinet wreaths", "metric", under: "Stair hall") # => "<svg …"
      module WreathSheetSvg
        WIDE = 1000
        TALL = 700
        MARGIN = 60
        LINE_TALL = 20
        # So many letters to a line.
        LETTERS = 125
        GREEN = "#dfe8e0"
        INK = SvgMarks::INK
        LINE = SvgMarks::LINE

        extend SvgMarks

        module_function

        def write(plan, title, units, under:)
          laid = WreathSheet.new(plan, width: WIDE - (2 * MARGIN), height: TALL - (2 * MARGIN))
          lines = laid.clocks.flat_map { |says, places| [says, *wrapped(places)] }
          parts = [line(laid.floor, INK), *laid.boxes.map { |told| box(laid, told) },
                   *laid.rings.map { |ring| ring(laid, ring) }, *laid.rings.map { |ring| hook(laid, ring, units) },
                   *lines.each_with_index.map { |text, i| text(text, i) }]
          sheet(parts, title: title, under: under, wide: WIDE, tall: TALL + (lines.size * LINE_TALL), margin: MARGIN)
        end

        def box(laid, told)
          across, down = laid.spot(told[:left_m], told[:floor_m] + told[:height_m])
          %(<rect x="#{number(across)}" y="#{number(down)}" width="#{number(told[:width_m] * laid.scale)}" ) +
            %(height="#{number(told[:height_m] * laid.scale)}" fill="none" stroke="#{LINE}"/>)
        end

        def ring(laid, ring)
          across, down = laid.spot(ring.left_m, ring.floor_m)
          away = (ring.outer_m + ring.inner_m) / 4
          %(<circle cx="#{number(across)}" cy="#{number(down)}" r="#{number(away * laid.scale)}" fill="none" ) +
            %(stroke="#{GREEN}" stroke-width="#{number((ring.outer_m - ring.inner_m) / 2 * laid.scale)}"/>) +
            %(<circle cx="#{number(across)}" cy="#{number(down)}" r="#{number(ring.outer_m / 2 * laid.scale)}" ) +
            %(fill="none" stroke="#{LINE}"/>)
        end

        # What no hook holds is measured to its middle; neighbours tell their measures at two heights.
        def hook(laid, ring, units)
          left, floor = ring.held ? [ring.hook_left_m, ring.hook_floor_m] : [ring.left_m, ring.floor_m]
          across, down = laid.spot(left, floor)
          above = (ring.outer_m / 2 * laid.scale) + down - laid.spot(0, ring.floor_m).last + (ring.number.odd? ? 6 : 22)
          %(<circle cx="#{number(across)}" cy="#{number(down)}" r="10" fill="#ffffff" stroke="#{INK}"/>) +
            label(across, down + 4.5, ring.number) +
            label(across, down - above, "#{Length.print(left, units)} · #{Length.print(floor, units)}")
        end

        def wrapped(places)
          places.each_with_object([+""]) do |place, lines|
            lines << +"" if lines.last.length + place.length > LETTERS
            lines.last << (lines.last.empty? ? place : " · #{place}")
          end
        end

        def text(text, index)
          %(<text x="0" y="#{number(TALL - (1.4 * MARGIN) + (index * LINE_TALL))}" font-size="13" fill="#{INK}">) +
            "#{CGI.escapeHTML(text)}</text>"
        end
        private_class_method :box, :ring, :hook, :wrapped, :text
      end
    end
  end
end
