# frozen_string_literal: true

module DeckBough
  module Shelving
    # One bay of a shelf unit, or one tier of a tray: what is free in it.
    #
    #   Shelving::Bay.new(number: 1, left_m: 0.02, foot_m: 1.4, wide_m: 0.6, clear_m: 0.3, deep_m: 0.28).middle_m
    #   # => 0.32
    #
    # left_m: from the left end of the unit; foot_m: above the floor; clear_m: up to what is above it, nil under
    # nothing; round: a tier, as deep as it is wide. Metres. Source: handbook 70, Shelves and Tiered tray.
    Bay = Struct.new(:number, :row, :column, :left_m, :foot_m, :wide_m, :clear_m, :deep_m, :round,
                     keyword_init: true) do
      def initialize(row: 0, column: 0, round: false, **)
        super
        freeze
      end

      def middle_m
        left_m + (wide_m / 2.0)
      end

      def top_m
        foot_m + (clear_m || 0)
      end

      # What of it can be stood on: a tier has a rim, and all but the uppermost a post in the middle.
      def usable_m
        round ? (wide_m / 2.0) - Bay::RIM_M : wide_m
      end

      def uppermost?
        clear_m.nil?
      end
    end

    Bay::RIM_M = 0.01
    Bay::POST_M = 0.015
  end
end
