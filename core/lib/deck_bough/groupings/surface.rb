# frozen_string_literal: true

module DeckBough
  module Groupings
    # What a group stands on, as it was measured: its stretches, its sockets, what is above it.
    #
    #   Groupings::Surface.new(GROUPING_KIND.check(surface: { length_m: 2.4 })[:surface]).depth_m # => 0.6
    #
    # Metres from the left end, from the wall and from the floor. Source: handbook 70, Where a grouping goes.
    class Surface
      # How deep, how high above the floor, where nobody measured it.
      USUAL = { "counter" => [0.60, 0.91], "table" => [0.90, 0.74], "console" => [0.35, 0.80], "sill" => [0.20, 0.90],
                "cabinet_top" => [0.35, 2.10], "fridge" => [0.60, 1.80], "shelf" => [0.28, 1.20],
                "hearth" => [0.40, 0.05], "firebox" => [0.35, 0.05], "floor" => [0.60, 0.0] }.freeze
      KINDS = USUAL.keys.freeze
      # Where nobody said what colour they are.
      WALL = "#e4e2da"
      TOP = "#c9bfae"

      attr_reader :said

      # @param said [Hash] the group of the settings
      def initialize(said)
        @said = said
      end

      def kind
        said[:surface]
      end

      def length_m
        said[:length_m]
      end

      def depth_m
        said[:depth_m] || USUAL.fetch(kind).first
      end

      def height_m
        said[:height_m] || USUAL.fetch(kind).last
      end

      # What is behind the group.
      def wall_colour
        said[:wall_colour] || WALL
      end

      def top_colour
        said[:top_colour] || TOP
      end

      # Somebody cooks or works there.
      def worked_at?
        kind == "counter" && said[:cooked]
      end

      # How high something may be where it stands from one place to another; nil under the open ceiling.
      def clear_over(from, to)
        clear = said[:clear_m] or return nil
        left, right = above
        from < right && to > left ? clear : nil
      end

      # From where to where something hangs above.
      #
      # @return [Array(Float, Float)]
      def above
        [said[:above_from_m] || 0.0, said[:above_to_m] || length_m]
      end

      def sockets
        said[:sockets]
      end

      def keep_free
        said[:keep_free]
      end

      # Something could be lit in it or before it.
      def fireplace?
        %w[hearth firebox].include?(kind)
      end

      # What of a stretch is to stay free, by what for.
      #
      # @return [Array<String>]
      def taken(from, to)
        keep_free.select { |one| one[:from_m] < to - 1e-9 && one[:to_m] > from + 1e-9 }.map { |one| one[:what] }
      end
    end
  end
end
