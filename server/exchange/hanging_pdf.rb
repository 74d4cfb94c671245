# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # The hanging map on paper: the tree laid flat, then for each style its places in hanging order with a box to
      # tick.
      #
      #   HangingPdf.new(map, title: "Quay window tree", under: "Tidewaiter's House, Long room").render # => "%PDF-1.3…"
      class HangingPdf < SheetPdf
        COLUMNS = 4
        ROW = 14
        MAP_TALL = 330
        # How large what stands in a dot may be, by how many characters it has.
        IN_DOT = { 1 => 7, 2 => 6.5, 3 => 5.2 }.freeze
        SMALLEST = 4.2
        DOT = 7

        # @param style [String, nil] only this style
        def initialize(map, style: nil, **sheet)
          super(**sheet)
          @map = map
          @style = style
        end

        private

        def content
          heading("hanging map · #{@map[:sites].size} ornaments, #{@map[:up]} up")
          drawing
          styles.each { |style| list(style) }
        end

        def styles
          @style ? @map[:styles].select { |style| style[:id] == @style } : @map[:styles]
        end

        def drawing
          @drawing = HangingDrawing.new(@map, width: @page.bounds.width - 40, height: MAP_TALL - 30)
          @top = @page.cursor - 10
          ground
          @map[:sites].each { |site| ornament(site) }
          @page.move_cursor_to(@top - MAP_TALL)
        end

        def at((across, down))
          [across + 20, @top - down]
        end

        def ground
          flat = @map[:flat]
          @page.stroke_color LINE
          @page.line_width 0.5
          @page.fill_color "eef3ee"
          @page.fill_and_stroke_polygon(*@drawing.outline.map { |point| at(point) })
          flat[:tiers].each { |tier| stroke(@drawing.arc(tier[:from_m])) }
          reach_line(flat)
          @page.fill_color QUIET
          flat[:clocks].each do |clock|
            centred(clock[:clock].to_s, at(@drawing.spot(flat[:rim_m] * 1.035, clock[:turn_deg])), 9)
          end
        end

        def reach_line(flat)
          return unless flat[:reach_line_m]

          @page.stroke_color "c98a1b"
          @page.dash(4, space: 3)
          stroke(@drawing.arc(flat[:reach_line_m]))
          @page.undash
        end

        def stroke(points)
          @page.stroke { points.each_cons(2) { |from, to| @page.line(at(from), at(to)) } }
        end

        def ornament(site)
          point = at(@drawing.spot(site[:reach_m], site[:turn_deg]))
          colour = (@map[:styles].find { |style| style[:id] == site[:style] }[:colour] || "#8c8f8a").delete("#")
          lit = @style.nil? || site[:style] == @style
          @page.stroke_color INK
          @page.fill_color(lit && !site[:up] ? colour : "ffffff")
          @page.fill_and_stroke_circle(point, lit ? DOT : 2)
          return unless lit

          @page.fill_color(site[:up] ? INK : HangingSvg.ink_on("##{colour}").delete("#"))
          said = HangingSvg.said(site, @map, @style)
          centred(said, [point[0], point[1]], IN_DOT.fetch(said.size, SMALLEST))
        end

        def centred(text, (across, up), size)
          @page.draw_text(text, at: [across - (@page.width_of(text, size: size) / 2), up - (size * 0.36)], size: size)
        end

        def list(style)
          own = @map[:sites].select { |site| site[:style] == style[:id] }
          rows = (own.size / COLUMNS.to_f).ceil
          @page.start_new_page if @page.cursor < 30 + ([rows, 6].min * ROW)
          swatch(style)
          @page.indent(14) do
            @page.text plain("#{style[:letter]}  #{style[:name]}: #{style[:count]}"), size: 12, style: :bold
          end
          @page.move_down 4
          own.each_slice(COLUMNS) { |row| entries(row) }
          @page.move_down 8
        end

        def swatch(style)
          @page.stroke_color INK
          @page.fill_color((style[:colour] || HangingSvg::PLAIN).delete("#"))
          @page.fill_and_stroke_circle([5, @page.cursor - 8], 4)
          @page.fill_color INK
        end

        def entries(row)
          @page.start_new_page if @page.cursor < ROW
          wide = @page.bounds.width / COLUMNS
          row.each_with_index { |site, i| entry(site, i * wide) }
          @page.move_down ROW
        end

        def entry(site, left)
          @page.stroke_color QUIET
          @page.stroke_rectangle([left, @page.cursor], 7, 7)
          @page.draw_text("x", at: [left + 1.8, @page.cursor - 5.6], size: 7) if site[:up]
          @page.draw_text(plain(told(site)), at: [left + 11, @page.cursor - 6.5], size: 8.5)
        end

        def told(site)
          "#{site[:number]}. tier #{site[:tier]}, #{DeckBough::Hanging::Order.told(site[:clock])}, #{site[:depth_word]}"
        end
      end
    end
  end
end
