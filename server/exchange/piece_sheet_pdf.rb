# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # A piece on paper: its drawing with a few strokes to scale, what is where, what is taken along with a box to
      # tick, what there is to do, what wants care.
      #
      #   PieceSheetPdf.new(plan, title: "Table for eight", under: "A home, Dining room", units: "metric").render
      #   # => "%PDF-1.3…"
      class PieceSheetPdf < SheetPdf
        TALL = 190
        ROW = 16
        LETTERS = 9
        PARTS = { "wood" => "d9c9b2", "foliage" => "dfe8e0", "foot" => "e7e1d4", "topper" => "ead9a6",
                  "dark" => "6c6f70", "line" => nil }.freeze
        # A first column of words is so much wider than one of numbers.
        WORDS = 2.2
        PAD = 8

        # @param plan [GroupingPlan, …] measured; of a kind that gives a sheet
        def initialize(plan, units:, **sheet)
          super(**sheet)
          @plan = plan
          @told = plan.reckoned
          @units = units
        end

        private

        def content
          heading(minutes)
          drawing
          @plan.paper.each { |table| table(table) }
          taken
          tasks
          serious(@told[:cautions])
        end

        def minutes
          all = @told[:tasks].sum { |task| task[:minutes] }.round
          all.zero? ? "nothing to do yet" : "about #{all} minutes"
        end

        def drawing
          portrait = @plan.portrait
          wide = portrait[:right_m] - portrait[:left_m]
          high = portrait[:top_m] - lowest(portrait)
          @scale = [(@page.bounds.width - 40) / [wide, 0.2].max, TALL / [high, 0.2].max].min
          @left = ((@page.bounds.width - (wide * @scale)) / 2) - (portrait[:left_m] * @scale)
          @foot = @page.cursor - TALL - (lowest(portrait) * @scale)
          @page.line_width 0.5
          portrait[:shapes].each { |shape| shape(shape) }
          portrait[:dots].each { |dot| dot(dot) }
          @page.move_cursor_to(@page.cursor - TALL - 16)
        end

        # A picture begins at what is lowest in it, not at the floor.
        def lowest(portrait)
          portrait[:shapes].flat_map { |shape| shape[:points].map(&:last) }.min
        end

        def at((across, up))
          [@left + (across * @scale), @foot + (up * @scale)]
        end

        def shape(shape)
          points = shape[:points].map { |point| at(point) }
          fill = PARTS[shape[:part]]
          @page.stroke_color LINE
          return @page.stroke { points.each_cons(2) { |pair| @page.line(*pair) } } unless shape[:closed] && fill

          @page.fill_color fill
          @page.fill_and_stroke_polygon(*points)
        end

        def dot(dot)
          @page.fill_color((dot[:colour] || "#8c8f8a").delete("#"))
          @page.fill_circle(at([dot[:x_m], dot[:y_m]]), dot[:r_m] * @scale)
        end

        def table(table)
          return if table.rows.empty?

          title table.title
          lefts = lefts(table)
          line(table.columns.map { |column| column[:says] }, lefts, QUIET)
          table.rows.each do |values|
            line(values.zip(table.columns).map { |value, column| said(value, column[:unit]) }, lefts, INK)
          end
          @page.move_down 10
        end

        # Columns of words take more room than those of lengths.
        def lefts(table)
          shares = table.columns.each_with_index.map do |column, i|
            column[:unit].nil? && table.rows.any? { |row| row[i].is_a?(String) } ? WORDS : 1.0
          end
          each = @page.bounds.width / shares.sum
          shares.each_index.map { |i| shares.first(i).sum * each }
        end

        def line(texts, lefts, colour)
          @page.start_new_page if @page.cursor < ROW
          @page.fill_color colour
          ends = [*lefts.drop(1), @page.bounds.width]
          texts.zip(lefts, ends) do |text, left, right|
            @page.draw_text(fitting(text, right - left - PAD), at: [left, @page.cursor - 10], size: LETTERS)
          end
          @page.move_down ROW
        end

        # A word that is too long for its column breaks off.
        def fitting(text, wide)
          shown = plain(text)
          return shown if @page.width_of(shown, size: LETTERS) <= wide

          shown = shown.chop while shown.length > 1 && @page.width_of("#{shown}…", size: LETTERS) > wide
          "#{shown}…"
        end

        def said(value, unit)
          return "–" if value.nil? || value == ""
          return Length.print(value, @units) if unit == "m"
          return heavy(value) if unit == "kg"

          value.is_a?(Numeric) ? Figure.print(value, 1) : value.to_s
        end

        def taken
          rows = @plan.lines
          return if rows.empty?

          title "To take along"
          rows.each { |row| tick(row) }
          @page.move_down 10
        end

        def tick(row)
          @page.start_new_page if @page.cursor < ROW
          @page.stroke_color QUIET
          @page.stroke_rectangle([0, @page.cursor - 2], 8, 8)
          @page.fill_color INK
          text = fitting("#{amount(row)}  #{row[:label]}#{short(row)}", @page.bounds.width - 16)
          @page.draw_text(text, at: [16, @page.cursor - 10], size: LETTERS)
          @page.move_down ROW
        end

        def amount(row)
          all = row[:need] + row[:spares]
          row[:unit] == "m" ? Length.print(all, @units) : Figure.print(all, 1)
        end

        def short(row)
          return "" unless row[:short].positive?

          ", #{row[:unit] == 'm' ? Length.print(row[:short], @units) : Figure.print(row[:short], 1)} short"
        end

        def tasks
          return if @told[:tasks].empty?

          title "What there is to do"
          @told[:tasks].each do |task|
            line([task[:title], "#{task[:minutes].round} min"], [0, @page.bounds.width - 70], INK)
          end
          @page.move_down 10
        end
      end
    end
  end
end
