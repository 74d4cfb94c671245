# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # A room for the client's folder: every wall to one scale with all that stands and hangs there, its beam under it,
      # the room from above, and what leads from where.
      #
      #   RoomSheetPdf.new(RoomViews.new(database, studio).of(id), units: "metric", title: "Front room",
      #                    under: "Number Nine").render # => "%PDF-1.3…"
      class RoomSheetPdf < SheetPdf
        include RoomFromAbove

        # How high a row of walls is, and what stands under it, points.
        TALL = 150
        BELOW = 52
        ROW = 14
        FILLS = { "foliage" => "3f6f5f", "foot" => "8a6b4a", "topper" => "6b2e4f", "wood" => "f3efe6",
                  "dark" => "4a5052" }.freeze
        THING = "e4ddcf"
        WALL = "f6f4ee"
        GLASS = "dbe6ea"
        # Dots of the heaviest, points.
        DOT = 7

        # @param told [Hash] as RoomViews tells a room
        def initialize(told, units:, **sheet)
          super(**sheet)
          @told = told
          @units = units
          @scale = [(@page.bounds.width / widest), TALL / highest].min
        end

        private

        def content
          count = @told[:standings].count { |one| one[:piece] }
          heading("#{count} #{count == 1 ? 'piece' : 'pieces'}, #{@told[:walls].size} walls to one scale")
          rows_of_walls.each { |walls| row_of(walls) }
          from_above
          views
          notes
          @page.fill_color INK
        end

        def widest
          @told[:walls].map { |wall| wall[:length_m] }.max.to_f
        end

        def highest
          @told[:walls].flat_map { |wall| wall.values_at(:ceiling_left_m, :ceiling_right_m) }.max.to_f
        end

        # As many side by side as the paper has room for.
        def rows_of_walls
          rows = [[]]
          @told[:walls].each do |wall|
            long = (rows.last + [wall]).sum { |one| (one[:length_m] * @scale) + GAP } - GAP
            rows << [] if rows.last.any? && long > @page.bounds.width + 0.01
            rows.last << wall
          end
          rows
        end

        GAP = 14
        private_constant :GAP

        def row_of(walls)
          high = (highest * @scale) + BELOW
          @page.start_new_page if @page.cursor < high
          floor = @page.cursor - (highest * @scale)
          left = 0
          walls.each do |wall|
            wall(wall, left, floor)
            left += (wall[:length_m] * @scale) + GAP
          end
          @page.move_cursor_to(floor - BELOW + 8)
        end

        def wall(wall, left, floor)
          at = ->(metres, up) { [left + (metres * @scale), floor + (up * @scale)] }
          outline = [at.call(0, 0), at.call(0, wall[:ceiling_left_m]), at.call(wall[:length_m], wall[:ceiling_right_m]),
                     at.call(wall[:length_m], 0)]
          filled(outline, wall[:colour]&.delete("#") || WALL)
          wall[:openings].each { |one| box(at, one[:left_m], one[:floor_m], one[:width_m], one[:height_m], GLASS) }
          here = @told[:standings].select { |one| one[:wall] == wall[:key] }.sort_by { |one| one[:out_m] }
          here.each { |one| one[:piece] ? piece(one, at) : thing(one, at) }
          beam(wall, left, floor)
        end

        def filled(points, colour, line: true)
          @page.line_width 0.5
          @page.stroke_color LINE
          @page.fill_color colour
          line ? @page.fill_and_stroke_polygon(*points) : @page.fill_polygon(*points)
        end

        def box(at, from, low, wide, high, colour)
          corners = [[from, low], [from, low + high], [from + wide, low + high], [from + wide, low]]
          filled(corners.map { |across, up| at.call(across, up) }, colour)
        end

        def thing(one, at)
          box(at, one[:at_m] + one[:left_m], one[:bottom_m], one[:right_m] - one[:left_m], one[:top_m] - one[:bottom_m],
              one[:colour]&.delete("#") || THING)
        end

        def piece(one, at)
          drawn = portrait(one) or return
          across = ->(metres) { one[:at_m] + metres - one[:middle_m] }
          drawn["shapes"].each do |shape|
            points = shape["points"].map { |x, y| at.call(across.call(x), y) }
            next filled(points, FILLS.fetch(shape["part"]), line: shape["part"] == "wood") if shape["closed"]

            @page.stroke { points.each_cons(2) { |from, to| @page.line(from, to) } }
          end
          drawn["dots"].each do |dot|
            @page.fill_color((dot["colour"] || "#c98a1b").delete("#"))
            @page.fill_circle(at.call(across.call(dot["x_m"]), dot["y_m"]), [dot["r_m"] * @scale, 1].max)
          end
        end

        # It comes as it is kept, or as it was just reckoned.
        def portrait(one)
          one[:portrait] && JSON.parse(JSON.generate(one[:portrait]))
        end

        def beam(wall, left, floor)
          wide = wall[:length_m] * @scale
          balance = wall[:balance]
          line = floor - 14
          @page.stroke_color INK
          @page.stroke { @page.line([left, line], [left + wide, line]) }
          words(wall, balance, left, floor, wide)
          return unless balance

          middle = left + (wide / 2)
          @page.fill_color PLUM
          tip = middle + (balance[:value] * wide / 2)
          @page.fill_polygon([tip - 4, line + 8], [tip + 4, line + 8], [tip, line + 1])
          balance[:items].each { |item| dot(item, left, line) }
        end

        def dot(item, left, line)
          radius = heaviest.positive? ? [Math.sqrt(item[:weight_m2] / heaviest) * DOT, 1.5].max : 1.5
          named = @told[:standings].find { |one| one[:id] == item[:id] }
          @page.fill_color named[:piece] ? FILLS["foliage"] : LINE
          @page.fill_circle([left + (item[:at_m] * @scale), line - radius - 2], radius)
        end

        # Dots of all walls are to one scale.
        def heaviest
          @heaviest ||= @told[:walls].flat_map { |one| one[:balance].to_h.fetch(:items, []) }
                                     .map { |item| item[:weight_m2] }.max
        end

        def words(wall, balance, left, floor, wide)
          @page.fill_color INK
          told = balance ? balance[:told] : "nothing stands here"
          @page.text_box(plain("#{wall[:name]} #{print(wall[:length_m])}: #{told}"),
                         at: [left, floor - 32], width: wide, height: 20, size: 7.5, overflow: :shrink_to_fit)
        end

        def views
          return if @told[:views].empty?

          title "What each place sees"
          @told[:views].each do |view|
            seen = view[:seen].map { |one| "#{one[:name]} #{format('%.2f', one[:ratio])}" }
            told = seen.empty? ? "nothing" : "#{seen.join(', ')}; #{view[:verdict]}"
            @page.text plain("#{view[:name]}: #{told}"), size: 9, color: INK
          end
          @page.move_down 8
        end

        def notes
          found = @told[:findings] + @told[:views].flat_map { |view| view[:findings] }
          found.uniq.each do |finding|
            @page.text plain("#{finding[:severity].capitalize}. #{finding[:message]}"), size: 8.5, color: QUIET
          end
        end
      end
    end
  end
end
