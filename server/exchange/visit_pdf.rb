# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # A visit on paper, to be worked from without a telephone: who does what when, what goes into the car, the kit,
      # and where each ornament hangs; a box to tick before each.
      #
      #   VisitPdf.new(RunSheets.new(database, studio, planning: planning, kept: kept).of(id, today: today),
      #                units: "metric", title: "Tidewaiter's House", under: "Wick & Fennel").render # => "%PDF-1.3…"
      class VisitPdf < SheetPdf
        ROW = 16
        BOX = 8
        CLOCK = DeckBough::Days::Clock
        # Where columns begin, as shares of the width: time, step, of what, who.
        STEPS = [0.03, 0.16, 0.42, 0.76].freeze
        THINGS = [0.03, 0.12, 0.6].freeze
        # Places side by side.
        ABREAST = 3
        TITLES = { "none" => "In no box", "unchosen" => "Not chosen from the stock",
                   "lacking" => "Not in the stockroom yet" }.freeze

        # @param told [Hash] as RunSheets tells a visit
        def initialize(told, units:, **sheet)
          super(**sheet)
          @told = told
          @units = units
          @rooms = told[:home][:rooms].to_h { |room| room.values_at(:id, :name) }
          @pieces = told[:pieces].to_h { |piece| piece.values_at(:id, :name) }
          @workers = told[:workers].to_h { |worker| [worker[:id], worker[:name].split.first] }
        end

        private

        def content
          visit = @told[:visit]
          day = Date.iso8601(visit[:held_on]).strftime("%a %-d %b")
          heading("#{day}, #{CLOCK.told(visit[:from_min])} to #{CLOCK.told(visit[:to_min])}")
          steps
          loads
          places
        end

        def steps
          title("Who does what when")
          @page.text("Nothing is planned in these hours.", size: 10) if @told[:steps].empty?
          @told[:steps].each { |step| step(step) }
          @page.move_down 8
        end

        def step(step)
          of = [@pieces[step[:piece]], @rooms[step[:room]]].compact.join(", ")
          who = step[:workers].filter_map { |id| @workers[id] }.join(", ")
          state = step[:waits_for] ? "waits for #{step[:waits_for]}" : who
          line([times(step), [step[:title], step[:count]].compact.join(", "), of, state], STEPS, ticked: step[:done])
          instead(step)
          [step[:how], step[:caution]].compact.each { |says| remark(says) }
        end

        # What goes on in the place of what ran out.
        def instead(step)
          things = step[:things].to_h { |thing| [thing[:key], thing] }
          step[:turns].select { |turn| turn[:instead_of] }.each do |turn|
            thing = things[turn[:thing]]
            remark("#{thing[:label]}, #{amount({ **thing, count: turn[:need] })}, in place of #{turn[:instead_of]}")
          end
        end

        def times(step)
          return "" if step[:from_min].nil? || step[:waits_for]

          "#{CLOCK.told(step[:from_min])} – #{CLOCK.told(step[:to_min])}"
        end

        def loads
          title("To load")
          @told[:loads].each do |load|
            subtitle([TITLES.fetch(load[:key]) { "Box #{load[:key]}" }, load[:place]].compact.join(", "))
            load[:things].each do |thing|
              line([amount(thing), thing[:label], thing[:rooms].join(", ")], THINGS)
            end
          end
          subtitle("Kit")
          @told[:kit].each { |one| line(["", one[:says], ""], THINGS) }
          @page.move_down 8
        end

        # Of each ornament, in hanging order.
        def places
          hung = @told[:hung].to_h { |one| [one.values_at(:piece, :turn), true] }
          with_places.each do |step|
            title("#{@pieces[step[:piece]]}: where each goes")
            things = step[:things].to_h { |thing| [thing[:key], thing] }
            step[:turns].select { |turn| turn[:place] && !turn[:check] }.group_by { |turn| turn[:thing] }
                        .each { |thing, turns| of_thing(things[thing], turns, step, hung) }
          end
        end

        def with_places
          @told[:steps].select { |step| step[:turns].any? { |turn| turn[:place] && !turn[:check] } }
        end

        def of_thing(thing, turns, step, hung)
          subtitle("#{thing[:label]}, #{turns.size}")
          remark(thing[:caution]) if thing[:caution]
          turns.each_slice(ABREAST) do |some|
            room_for(ROW)
            some.each_with_index do |turn, i|
              left = i.to_f / ABREAST
              tick(left, hung.key?([step[:piece], turn[:key]]))
              write(place(turn[:place]), left + 0.03, ((i + 1.0) / ABREAST) - 0.01)
            end
            @page.move_down ROW
          end
        end

        def place(place)
          "#{place[:number]}. tier #{place[:tier]}, #{DeckBough::Hanging::Order.told(place[:clock])}, " \
            "#{place[:depth_word]}"
        end

        def line(texts, shares, ticked: false)
          room_for(ROW)
          tick(0, ticked)
          texts.zip(shares, [*shares.drop(1), 1]) { |text, left, right| write(text, left, right) }
          @page.move_down ROW
        end

        def room_for(height)
          @page.start_new_page if @page.cursor < height
        end

        def tick(left, done)
          x = @page.bounds.width * left
          top = @page.cursor - 3
          @page.line_width 0.6
          @page.stroke_color INK
          @page.stroke_rectangle([x, top], BOX, BOX)
          @page.stroke_line([x, top], [x + BOX, top - BOX]) if done
        end

        def write(text, left, right)
          wide = @page.bounds.width
          @page.text_box plain(text), at: [wide * left, @page.cursor - 3], width: (wide * (right - left)) - 6,
                                      height: 13, size: 9, overflow: :truncate, single_line: true
        end

        def subtitle(text)
          room_for(3 * ROW)
          @page.text plain(text), size: 10, style: :bold
          @page.move_down 2
        end

        def remark(text)
          room_for(ROW)
          @page.text plain(text), size: 8, color: QUIET
          @page.fill_color INK
        end

        def amount(thing)
          thing[:unit] == "m" ? Length.print(thing[:count], @units) : Figure.print(thing[:count], 2)
        end
      end
    end
  end
end
