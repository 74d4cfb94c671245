# frozen_string_literal: true

module DeckBough
  module Greenery
    # A run as the way its garland takes: parts one after the other from the left.
    #
    #   path = Greenery::RunPath.of(survey: survey, length: length)
    #   path.length           # metres along the garland's way
    #   path.main             # the stretch whose outline is chosen, without drops
    #
    # A part lies or is fixed along its length ("fixed"), hangs from its upper end ("drop") or between its ends
    # ("swag"). Source: handbook 50, Length.
    class RunPath
      Part = Struct.new(:name, :holds, :from_m, :to_m, :course, keyword_init: true) do
        def length
          to_m - from_m
        end
      end

      # Kinds whose garland goes up one side, over the head and down the other.
      FRAMES = %w[frame mirror].freeze
      LOW_STEPS = 16

      attr_reader :parts

      # @param survey, length [Hash] the groups of checked run settings
      def self.of(survey:, length:)
        layout = Layout.new(survey, length)
        new(layout.courses, climb: layout.climb)
      end

      # @param courses [Array<Array(String, String, Course)>] name, holds, course
      # @param climb [Float] how much the floor one stands on rises to the metre, on a stair
      def initialize(courses, climb: 0)
        @climb = climb
        at = 0.0
        @parts = courses.map do |name, holds, course|
          Part.new(name: name, holds: holds, from_m: at, to_m: at += course.length, course: course).freeze
        end.freeze
      end

      def length
        @parts.last.to_m
      end

      def closed?
        at(0).zip(at(length)).all? { |from, to| (from - to).abs < 1e-6 }
      end

      def main
        inner = @parts.reject { |part| part.holds == "drop" }
        [inner.first.from_m, inner.last.to_m]
      end

      def drops
        @parts.select { |part| part.holds == "drop" }
      end

      def swags
        @parts.select { |part| part.holds == "swag" }
      end

      def part_at(along_m)
        @parts.find { |part| along_m <= part.to_m + 1e-9 } || @parts.last
      end

      def at(along_m)
        part = part_at(along_m)
        part.course.at(along_m - part.from_m)
      end

      # How high a place is above what one stands on there: the floor, or the treads of a stair.
      def above_standing(along_m)
        x, y = at(along_m)
        y - (@climb * x)
      end

      # The least of that along a part.
      def lowest(part)
        (0..LOW_STEPS).map { |i| above_standing(part.from_m + (part.length * i / LOW_STEPS)) }.min
      end

      def outward(along_m)
        part = part_at(along_m)
        part.course.outward(along_m - part.from_m)
      end

      # Where the way turns from one straight part into another.
      def bends
        @parts.each_cons(2).reject { |pair| pair.all? { |part| part.holds == "swag" } }.map { |part, _| part.to_m }
      end

      # Lays a surveyed run out as courses. x = 0 at the left end of the main part, y = 0 the floor.
      class Layout
        def initialize(survey, length)
          @survey = survey
          @method = length[:method]
          @length = length
        end

        def courses
          if @survey[:kind] == "ring"
            return [["ring", "fixed", Course.ring([@survey[:diameter_m] / 2, height], @survey[:diameter_m])]]
          end
          return frame if FRAMES.include?(@survey[:kind])

          [*drop("left drop", :left_drop_m) { |long| [[0, height - long], [0, height]] }, *main,
           *drop("right drop", :right_drop_m) { |long| [[across, height + up], [across, height + up - long]] }]
        end

        def climb
          across.to_f.zero? ? 0 : up / across.to_f
        end

        private

        def height
          @survey[:height_m]
        end

        def rail?
          @survey[:kind] == "rail"
        end

        def across
          rail? ? @survey[:going_m] : @survey[:length_m]
        end

        def up
          rail? ? @survey[:rise_m] : 0
        end

        def drop(name, field)
          long = @survey[field]
          long.positive? ? [[name, "drop", Course.straight(*yield(long))]] : []
        end

        def main
          unless @method == "swags"
            return [[rail? ? "rail" : "shelf", "fixed", Course.straight([0, height], [across, height + up])]]
          end

          Array.new(@length[:spans]) do |i|
            from, to = [i, i + 1].map do |peak|
              [across * peak / @length[:spans].to_f, height + (up * peak / @length[:spans].to_f)]
            end
            ["swag #{i + 1}", "swag", Course.hanging(from, to, @length[:sag_m])]
          end
        end

        def frame
          side = @survey[:side_m]
          top = height + side
          sides = [["left side", "fixed", Course.straight([0, height], [0, top])],
                   ["right side", "fixed", Course.straight([across, top], [across, height])]]
          head = @method == "swags" ? main_at(top) : [["head", "fixed", Course.straight([0, top], [across, top])]]
          side.positive? ? [sides.first, *head, sides.last] : head
        end

        def main_at(top)
          Array.new(@length[:spans]) do |i|
            from, to = [i, i + 1].map { |peak| [across * peak / @length[:spans].to_f, top] }
            ["swag #{i + 1}", "swag", Course.hanging(from, to, @length[:sag_m])]
          end
        end
      end
    end
  end
end
