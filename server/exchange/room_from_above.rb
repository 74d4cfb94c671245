# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # The plan of a room on paper: walls, footprints, ways left, places to look from.
      #
      # Part of a sheet with what is told of a room, and `filled`, `title`, `print` and `plain`.
      module RoomFromAbove
        # How high it is, points.
        PLAN = 230
        PLUM = "6b2e4f"
        BRICK = "9c3b2a"

        private

        def from_above
          @page.start_new_page if @page.cursor < PLAN + 40
          title "From above"
          corners = @told[:walls].map { |wall| wall[:from] }
          xs, ys = corners.transpose
          scale = [(@page.bounds.width - 20) / (xs.max - xs.min), PLAN / (ys.max - ys.min)].min
          top = @page.cursor - 6
          at = ->((x, y)) { [10 + ((x - xs.min) * scale), top - ((y - ys.min) * scale)] }
          filled(corners.map(&at), "ffffff", line: false)
          things_above(at)
          walls_above(at)
          @told[:ways].each { |way| way(way, at) }
          @told[:views].each { |view| eye(view, at) }
          @page.move_cursor_to(top - ((ys.max - ys.min) * scale) - 16)
        end

        def things_above(at)
          @told[:standings].each do |one|
            own = one[:colour]&.delete("#") || RoomSheetPdf::THING
            filled(one[:footprint].map(&at), one[:piece] ? RoomSheetPdf::FILLS["foliage"] : own)
          end
        end

        def walls_above(at)
          @page.stroke_color SheetPdf::INK
          @page.line_width 1.5
          @told[:walls].each { |wall| @page.stroke { @page.line(at.call(wall[:from]), at.call(wall[:to])) } }
          @page.stroke_color "ffffff"
          @page.line_width 2.5
          @told[:walls].each do |wall|
            wall[:openings].each do |opening|
              ends = [opening[:left_m], opening[:left_m] + opening[:width_m]]
              @page.stroke { @page.line(*ends.map { |metres| at.call(along(wall, metres)) }) }
            end
          end
          @page.line_width 0.5
        end

        def along(wall, metres)
          share = metres / wall[:length_m]
          wall[:from].zip(wall[:to]).map { |from, to| from + ((to - from) * share) }
        end

        def way(way, at)
          colour = way[:narrow] ? BRICK : SheetPdf::INK
          from, to = [way[:from], way[:to]].map(&at)
          @page.stroke_color colour
          @page.dash(1, space: 2)
          @page.stroke { @page.line(from, to) }
          @page.undash
          @page.fill_color colour
          @page.draw_text(print(way[:width_m]), at: [(from[0] + to[0]) / 2, ((from[1] + to[1]) / 2) + 2], size: 7)
        end

        def eye(view, at)
          spot = at.call([view[:x_m], view[:y_m]])
          @page.fill_color PLUM
          @page.fill_circle(spot, 3.5)
          @page.draw_text(plain(view[:name]), at: [spot[0] + 6, spot[1] - 2.5], size: 8)
        end
      end
    end
  end
end
