# frozen_string_literal: true

module DeckBough
  module Greenery
    # The outline wanted of a run, as a thickness at every place along it.
    #
    #   Greenery::Outline.new(shape: "crest", low_m: 0.14, high_m: 0.34, run_m: 2.0).at(1.0) # => 0.34
    #
    # Metres. Source: handbook 50, Rise, Body, Trail. Free points are joined smoothly and never overshoot them.
    class Outline
      SHAPES = %w[level crest ends crescent waterfall free].freeze
      SIDES = %w[left right].freeze

      attr_reader :run

      # @param points [Array<Hash>] at_m, thickness_m; only for a free outline
      def initialize(shape:, run_m:, low_m: 0, high_m: 0, side: "right", points: [])
        @shape = shape
        @run = run_m.to_f
        @low = low_m
        @high = high_m
        @side = side
        @curve = SmoothCurve.new(points.map { |point| [point[:at_m], point[:thickness_m]] }) if shape == "free"
      end

      # @return [Float] the thickness wanted, never negative
      def at(along_m)
        return [@curve.at(along_m), 0.0].max if @curve

        @low + ((@high - @low) * share((along_m / @run).clamp(0.0, 1.0)))
      end

      private

      # How far from low to high, 0 to 1.
      def share(part)
        case @shape
        when "level" then 1.0
        when "crest" then (1 - Math.cos(2 * Math::PI * part)) / 2
        when "ends" then (1 + Math.cos(2 * Math::PI * part)) / 2
        when "crescent" then Math.sqrt([1 - (((2 * part) - 1)**2), 0].max)
        when "waterfall" then falling(@side == "left" ? 1 - part : part)
        end
      end

      def falling(part)
        (part**2) * (3 - (2 * part))
      end
    end
  end
end
