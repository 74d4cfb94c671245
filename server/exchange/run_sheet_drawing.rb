# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # A run laid on a sheet to scale: its greens as an outline, what it is on, its anchors, in units of the sheet.
      #   RunSheetDrawing.new(plan[:drawing], width: 520, height: 300).spot(0.4, 1.2)
      #   # => [140.0, 60.0], y down from the top
      class RunSheetDrawing
        attr_reader :scale, :drawing

        # @param drawing [Hash] of RunPlan
        def initialize(drawing, width:, height:)
          @drawing = drawing
          edge = upper + lower
          @left, @right = edge.map(&:first).minmax
          # The floor is in the picture, so that measures from the floor can be seen.
          @top = edge.map(&:last).max
          @scale = [width / [@right - @left, 0.5].max, height / [@top, 0.5].max].min
          @indent = (width - ((@right - @left) * @scale)) / 2.0
        end

        def spot(x_m, y_m)
          [@indent + ((x_m - @left) * scale), (@top - y_m) * scale]
        end

        def floor
          [spot(@left, 0), spot(@right, 0)]
        end

        # The greens of each straight part, once round; together they would cross themselves at a corner.
        def outlines
          samples.slice_when { |one, other| turns?(one, other) }.filter_map do |part|
            next if part.size < 2

            (part.map { |sample| off(sample, sample[:upper_m]) } +
             part.reverse.map { |sample| off(sample, -sample[:lower_m]) }).map do |x, y|
              spot(x, y)
            end
          end
        end

        def way
          samples.map { |sample| spot(sample[:x_m], sample[:y_m]) }
        end

        # Boxes behind the greens: shelf, firebox, frame; each [left, top, wide, tall].
        def boxes
          [shelf, firebox, frame].compact
        end

        def anchors
          drawing[:anchors].map { |anchor| [anchor, spot(anchor[:x_m], anchor[:y_m])] }
        end

        private

        def samples
          drawing[:samples]
        end

        # A swag bends little by little, a drop at once.
        def turns?(one, other)
          (one[:out_x] * other[:out_x]) + (one[:out_y] * other[:out_y]) < 0.5
        end

        def upper
          samples.map { |sample| off(sample, sample[:upper_m]) }
        end

        def lower
          samples.map { |sample| off(sample, -sample[:lower_m]) }
        end

        def off(sample, distance)
          [sample[:x_m] + (sample[:out_x] * distance), sample[:y_m] + (sample[:out_y] * distance)]
        end

        def box(left, top, right, bottom)
          across, down = spot(left, top)
          [across, down, (right - left) * scale, (top - bottom) * scale]
        end

        def shelf
          told = drawing[:shelf]
          told && box(told[:left_m], told[:top_m], told[:right_m], told[:top_m] - told[:thickness_m])
        end

        def firebox
          told = drawing[:firebox]
          told && box(told[:left_m], told[:top_m], told[:right_m], 0)
        end

        def frame
          told = drawing[:frame]
          told && box(told[:left_m], told[:top_m], told[:right_m], told[:bottom_m])
        end
      end
    end
  end
end
