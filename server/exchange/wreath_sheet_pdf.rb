# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # Wreaths on paper: the drawing to scale, where every hook goes and what it carries, then what stands round the
      # clock.
      #   WreathSheetPdf.new(plan, title: "Cabinet wreaths", under: "A home, Stair hall", units: "metric").render
      #   # => "%PDF-1.3…"
      class WreathSheetPdf < SheetPdf
        TALL = 270
        ROW = 16
        GREEN = "dfe8e0"
        COLUMNS = { "no." => 0, "across" => 50, "from the left" => 130, "from the floor" => 230,
                    "carries" => 340 }.freeze

        # @param plan [Hash] of WreathPlan or WallPlan, measured
        def initialize(plan, units:, **sheet)
          super(**sheet)
          @plan = plan
          @units = units
        end

        private

        def content
          @sheet = WreathSheet.new(@plan, width: @page.bounds.width - 40, height: TALL)
          count = @sheet.rings.size
          heading("#{count} #{count == 1 ? 'wreath' : 'wreaths'} · #{heavy(@plan[:figures][:weight][:value])}")
          drawing
          nail_map
          @sheet.clocks.each { |says, places| clock(says, places) }
          serious(@plan[:cautions])
        end

        def drawing
          @top = @page.cursor
          @page.line_width 0.5
          @page.stroke_color LINE
          @sheet.boxes.each { |told| box(told) }
          @page.stroke { @page.line(*@sheet.floor.map { |spot| at(spot) }) }
          @sheet.rings.each { |ring| ring(ring) }
          @page.move_cursor_to(@top - TALL - 20)
        end

        def at((across, down))
          [across + 20, @top - down]
        end

        def box(told)
          @page.stroke_rectangle(at(@sheet.spot(told[:left_m], told[:floor_m] + told[:height_m])),
                                 told[:width_m] * @sheet.scale, told[:height_m] * @sheet.scale)
        end

        def ring(ring)
          middle = at(@sheet.spot(ring.left_m, ring.floor_m))
          @page.fill_color GREEN
          @page.fill_and_stroke_circle(middle, ring.outer_m / 2 * @sheet.scale)
          @page.fill_color "ffffff"
          @page.fill_and_stroke_circle(middle, ring.inner_m / 2 * @sheet.scale)
          pin(ring.number, at(@sheet.spot(*measured(ring))))
        end

        # What no hook holds is measured to its middle.
        def measured(ring)
          ring.held ? [ring.hook_left_m, ring.hook_floor_m] : [ring.left_m, ring.floor_m]
        end

        def nail_map
          title "Where each hangs"
          row(COLUMNS.keys, QUIET)
          @sheet.rings.each do |ring|
            row([ring.number.to_s, print(ring.outer_m), *measured(ring).map { |metres| print(metres) }, heavy(ring.kg)],
                INK)
          end
          said = "To the hook, not to the middle; from the left edge and the floor. Half of a rated load is used; " \
                 "the label decides."
          @page.text said, size: 8, color: QUIET
          @page.move_down 12
        end

        def clock(says, places)
          return if places.empty?

          title says
          @page.text plain(places.join(" · ")), size: 9, color: INK
          @page.move_down 8
        end
      end
    end
  end
end
