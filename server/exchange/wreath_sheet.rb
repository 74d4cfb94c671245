# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # One wreath or a wall of them laid on a sheet to scale: what they hang on, every ring, every hook.
      #
      # From the plan of a wreath or of a wall; metres from the left edge of what they hang on and the floor, `spot`
      # in units of the sheet.
      class WreathSheet
        Ring = Struct.new(:number, :left_m, :floor_m, :outer_m, :inner_m, :hook_left_m, :hook_floor_m, :held, :kg,
                          keyword_init: true)

        # @param plan [Hash] of WreathPlan or WallPlan, measured
        def initialize(plan, width:, height:)
          @plan = plan
          @drawing = plan[:drawing]
          @width = width
          @height = height
        end

        # @return [Array<Ring>]
        def rings
          @rings ||= wall? ? of_wall : [single]
        end

        # @return [Array<Hash>] left_m, width_m, floor_m, height_m of what is drawn in outline
        def boxes
          return [host] unless wall?

          [{ left_m: 0, floor_m: 0, **@drawing[:wall].slice(:width_m, :height_m) }, @drawing[:thing],
           *@drawing[:openings]].compact
        end

        def spot(left_m, floor_m)
          [indent + (left_m * scale), (top - floor_m) * scale]
        end

        def floor
          [spot(-0.1, 0), spot(wide + 0.1, 0)]
        end

        def scale
          @scale ||= [@width / [wide + 0.2, 0.2].max, @height / [top, 0.2].max].min
        end

        # What stands on each look, clockwise; which rings have it.
        #
        # @return [Array<Array(String, Array<String>)>]
        def clocks
          drawings = wall? ? @drawing[:looks] : [@drawing]
          drawings.each_with_index.map { |drawing, i| [of_look(i), places(drawing)] }
        end

        private

        def wall?
          @plan[:kind] == "wall"
        end

        def host
          told = @drawing[:host]
          { left_m: 0, **told.slice(:width_m, :floor_m, :height_m) }
        end

        def single
          ring = @drawing[:ring]
          middle = @drawing[:host][:width_m] / 2.0
          hook = @drawing[:hook]
          Ring.new(number: 1, left_m: middle, floor_m: ring[:centre_m], **ring.slice(:outer_m, :inner_m),
                   hook_left_m: middle + hook[:x_m], hook_floor_m: hook[:floor_m], held: hook[:held],
                   kg: @plan[:figures][:weight][:value])
        end

        def of_wall
          @drawing[:rings].map do |told|
            Ring.new(outer_m: told[:diameter_m], inner_m: @drawing[:looks][told[:look]][:ring][:inner_m],
                     **told.slice(:number, :left_m, :floor_m, :hook_left_m, :hook_floor_m, :held, :kg))
          end
        end

        def wide
          boxes.map { |box| box[:left_m] + box[:width_m] }.max
        end

        def top
          [*boxes.map { |box| box[:floor_m] + box[:height_m] },
           *rings.map { |ring| ring.floor_m + (ring.outer_m / 2) }].max
        end

        def indent
          (@width - (wide * scale)) / 2.0
        end

        def of_look(index)
          return "Round the clock" unless wall? && @drawing[:looks].size > 1

          numbers = @drawing[:rings].select { |ring| ring[:look] == index }.map { |ring| ring[:number] }
          "Round the clock: #{numbers.join(', ')}"
        end

        def places(drawing)
          styles = @drawing[:styles]
          told = [*drawing[:stems].map { |stem| [stem[:at_h], styles[stem[:style]][:name]] },
                  *drawing[:elements].map { |element| [element[:at_h], name(element, styles)] }, *star(drawing[:star])]
          told.sort_by.with_index { |(hour, _), i| [hour % 12, i] }
              .map { |hour, what| "#{DeckBough::Wreaths::Clock.told(hour % 12)} #{what}" }
        end

        def name(element, styles)
          "#{styles[element[:style]][:name]}#{', between' unless element[:site]}"
        end

        def star(star)
          star && star[:kind] != "word" ? [[star[:at_h], star[:kind]]] : []
        end
      end
    end
  end
end
