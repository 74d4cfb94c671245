# frozen_string_literal: true

module DeckBough
  module Rooms
    # One wall of a room on its beam: everything that stands or hangs there, what it weighs to the eye, and what answers
    # on the other side (handbook 75, rule balance.wall).
    #
    #   Rooms::WallBalance.new(wall, standings, house).call[:value]
    class WallBalance
      # Something answers from where it weighs on the light side; so far from the middle at least.
      ANSWERS_FROM = 0.2

      # @param wall [RoomWall]
      # @param standings [Array<Standing>] of its room
      def initialize(wall, standings, house, units: "metric")
        @wall = wall
        @here = standings.select { |one| one.wall.key == wall.key && one.at_wall? }
        @house = house
        @units = units
      end

      # @return [Hash, nil] value, verdict, side, told (the same in words), weight_m2, items (id, at_m, weight_m2),
      #   findings; nil where nothing stands
      def call
        return if @here.empty?

        { **answer.outputs.slice(:value, :verdict, :side), told: told, weight_m2: beam.total, items: items,
                                                           findings: dressed? ? answer.findings.map(&:to_h) : [] }
      end

      # @return [Float] square metres, what all of it weighs to the eye
      def weight_m2
        beam.total
      end

      # Whether anything of ours is there: furniture alone is nobody's fault.
      def dressed?
        @here.any?(&:piece)
      end

      def answer
        @answer ||= Catalogue.answer("balance.wall", { width_m: @wall.length, items: question }, house: @house,
                                                                                                 units: @units)
      end

      private

      def question
        @here.map do |one|
          { at_m: one.at_m.clamp(0.0, @wall.length), area_m2: one.outline.area_m2, lightness: one.outline.lightness }
        end
      end

      def beam
        @beam ||= Beam.new(span_m: @wall.length, items: question)
      end

      def items
        @here.zip(question).map { |one, item| { id: one.id, at_m: one.at_m, weight_m2: beam.weight(item) } }
      end

      # As one would say it.
      def told
        value, verdict, side = answer.outputs.values_at(:value, :verdict, :side)
        much = format("%.2f", value.abs)
        case verdict
        when "even" then much == "0.00" ? "even" : "even, #{much} to the #{towards(value)}"
        when "leaning" then "leans #{side} #{much}"
        else answering ? "one-sided #{side} #{much}: answered by #{answering}" : "one-sided #{side} #{much}"
        end
      end

      def towards(value)
        value.negative? ? "left" : "right"
      end

      # Of a wall that is one-sided on purpose, what weighs most on its light side.
      def answering
        return unless answer.outputs[:verdict] == "one_sided"

        light = answer.outputs[:value].positive? ? -1 : 1
        far = @here.zip(items).select do |one, item|
          item[:weight_m2].positive? && ((one.at_m / @wall.length) - 0.5) * 2 * light >= ANSWERS_FROM
        end
        answering = far.max_by { |one, item| [item[:weight_m2], one.id] }
        answering && answering.first.name
      end
    end
  end
end
