# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # A run on paper: the drawing to scale, where every anchor goes and what it carries, then the layers in order to
      # tick.
      #   RunSheetPdf.new(plan, title: "Mantel greens", under: "Number Nine, Front room", units: "metric").render
      #   # => "%PDF-1.3…"
      class RunSheetPdf < SheetPdf
        TALL = 250
        ROW = 16
        GREEN = "e6ede7"
        COLUMNS = { "no." => 0, "from the left" => 50, "from the floor" => 150, "carries" => 260, "may" => 340,
                    "fixings" => 410 }.freeze

        # @param plan [Hash] of RunPlan, measured
        def initialize(plan, units:, **sheet)
          super(**sheet)
          @plan = plan
          @units = units
        end

        private

        def content
          heading("#{print(@plan[:figures][:run][:value])} run · #{heavy(@plan[:figures][:weight][:value])}")
          drawing
          nail_map
          layers
        end

        def drawing
          sheet = RunSheetDrawing.new(@plan[:drawing], width: @page.bounds.width - 40, height: TALL)
          @top = @page.cursor
          ground(sheet)
          sheet.anchors.each { |anchor, spot| anchor(anchor, at(spot)) }
          @page.move_cursor_to(@top - TALL - 24)
        end

        def at((across, down))
          [across + 20, @top - down]
        end

        def ground(sheet)
          @page.line_width 0.5
          @page.stroke_color LINE
          @page.fill_color GREEN
          sheet.outlines.each { |outline| @page.fill_and_stroke_polygon(*outline.map { |spot| at(spot) }) }
          sheet.boxes.each { |left, top, wide, tall| @page.stroke_rectangle(at([left, top]), wide, tall) }
          @page.stroke { @page.line(*sheet.floor.map { |spot| at(spot) }) }
        end

        def anchor(anchor, spot)
          @page.stroke_color INK
          @page.fill_color "ffffff"
          pin(anchor[:number], spot)
        end

        def nail_map
          return if @plan[:anchors].empty?

          title "Where it hangs"
          row(COLUMNS.keys, QUIET)
          @plan[:anchors].each { |anchor| row(told(anchor), INK) }
          said = plain("From the left end of the shelf, rail or head; from the floor, on a stair from the tread. " \
                       "Half of a rated load is used; the label decides.")
          @page.text said, size: 8, color: QUIET
          @page.move_down 12
        end

        def told(anchor)
          may = @plan[:figures][:may][:value]
          [anchor[:number].to_s, print(anchor[:x_m]), print(anchor[:floor_m]), heavy(anchor[:kg]),
           heavy(may), anchor[:fixings].to_s]
        end

        def layers
          title "Layers, in this order"
          @plan[:layers].each { |layer| layer(layer) }
          serious = @plan[:cautions].reject { |caution| caution[:severity] == "info" }
          serious.each do |caution|
            @page.text plain("#{caution[:severity].capitalize}. #{caution[:message]}"), size: 8.5, color: QUIET
          end
        end

        def layer(layer)
          @page.start_new_page if @page.cursor < 2 * ROW
          @page.stroke_color QUIET
          @page.stroke_rectangle([0, @page.cursor - 2], 8, 8)
          @page.indent(16) do
            @page.text plain("<b>#{escaped(layer[:title])}</b>  #{escaped(layer[:says])}"),
                       size: 10, inline_format: true, color: INK
            places = layer[:places_m].map { |place| print(place) }.join(" · ")
            @page.text places, size: 8.5, color: QUIET unless places.empty?
          end
          @page.move_down 5
        end

        def escaped(text)
          text.gsub("&", "&amp;").gsub("<", "&lt;")
        end
      end
    end
  end
end
