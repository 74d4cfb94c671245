# frozen_string_literal: true

module DeckBough
  module Groupings
    # Snow of a group: in its trays, round what stands in them. It is laid last, and cleared away.
    #
    #   Groupings::Snow.new(things, deep_m: 0.02).litres
    #
    # Metres and litres. Source: handbook 70, Snow scenes.
    class Snow
      attr_reader :deep_m

      # @param things [Array<Standing>]
      def initialize(things, deep_m:)
        @things = things
        @deep_m = deep_m
      end

      # What it is laid in: a tray has a rim, a cloth or a board has none.
      #
      # @return [Array<Standing>]
      def trays
        @trays ||= @things.select { |thing| thing.form.name == "tray" }
      end

      # What of the trays is not stood on, square metres.
      def area_m2
        trays.sum { |tray| [area_of(tray) - standing_in(tray).sum { |thing| area_of(thing) }, 0].max }.to_f
      end

      def litres
        (area_m2 * deep_m * 1000).round(6)
      end

      private

      def standing_in(tray)
        @things.select { |thing| thing.in_line? && thing.over?(tray) }
      end

      def area_of(thing)
        (thing.form.round ? Math::PI / 4 : 1) * thing.across_m * thing.deep_m
      end
    end
  end
end
