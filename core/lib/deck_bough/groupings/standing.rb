# frozen_string_literal: true

module DeckBough
  module Groupings
    # One thing of a group, where it stands and how large it is.
    #
    #   Groupings::Standing.new(form: Groupings::Form.of("vessel"), height_m: 0.3, riser_m: 0.05, base_m: 0.03).top_m
    #   # => 0.38
    #
    # left_m: its middle from the left end of the surface; out_m: its middle from the wall; base_m: on what of the group
    # it stands; riser_m: on what hidden thing beyond. Metres above the surface.
    Standing = Struct.new(:number, :form, :slot, :style, :across_m, :deep_m, :height_m, :riser_m, :base_m, :left_m,
                          :out_m, :colour, :finish, :flame, :riser, :opening_m, :trunk_m, keyword_init: true) do
      # How large a thing is as it was said, else as its style is, else by what it is.
      #
      # @param said [Hash] of the settings
      # @param style [Style, nil]
      # @param riser [Style, nil] of the stock; it lifts by its height
      # @return [Hash] what a standing takes, and at_m, out_m as they were said
      def self.sized(said, style, riser: nil)
        form = Form.of(said[:form])
        { form: form, slot: said[:slot] || form.slot, style: style, **measures(said, style, form),
          **said.slice(:at_m, :out_m, :opening_m, :trunk_m), riser: riser,
          riser_m: said[:riser_m] + (riser&.riser_height_m || 0), colour: said[:colour] || style&.colour || form.colour,
          finish: said[:finish] || form.finish, flame: said[:flame] }
      end

      def self.measures(said, style, form)
        across = said[:across_m] || style&.across_m || form.across_m
        { across_m: across, deep_m: said[:deep_m] || form.deep_of(across),
          height_m: said[:height_m] || style&.rise_m || form.height_m }
      end
      private_class_method :measures

      # What stands on a tray or a board stands as much higher.
      def self.raised(things)
        ground = things.select { |thing| thing.slot == "ground" }
        things.map do |thing|
          next thing if thing.slot == "ground"

          new(**thing.to_h, base_m: ground.select { |one| thing.over?(one) }.map(&:height_m).max || 0)
        end
      end

      def initialize(riser_m: 0, base_m: 0, flame: false, **)
        super
        freeze
      end

      def name
        style&.name
      end

      def foot_m
        base_m + riser_m
      end

      def top_m
        (foot_m + height_m).round(6)
      end

      # Up to where it hides what is behind it; twigs hide nothing.
      def solid_m
        foot_m + (height_m * form.solid)
      end

      def from_m
        left_m - (across_m / 2.0)
      end

      def to_m
        left_m + (across_m / 2.0)
      end

      def back_m
        out_m - (deep_m / 2.0)
      end

      def front_m
        out_m + (deep_m / 2.0)
      end

      # A small tree whose pot was measured.
      def potted?
        !opening_m.nil? && !trunk_m.nil? && form.name == "tree"
      end

      def in_line?
        Form::LINE.include?(slot)
      end

      # Whether its middle is over the footprint of another.
      def over?(other)
        left_m.between?(other.from_m, other.to_m) && out_m.between?(other.back_m, other.front_m)
      end

      # Whether the two would stand in each other; round ones have corners to spare.
      def into?(other)
        return round_into?(other) if form.round && other.form.round

        across = ((across_m + other.across_m) / 2.0) - (left_m - other.left_m).abs
        deep = ((deep_m + other.deep_m) / 2.0) - (out_m - other.out_m).abs
        [across, deep].min > Standing::LAPS
      end

      private

      def round_into?(other)
        apart = Math.hypot(left_m - other.left_m, out_m - other.out_m)
        ((across_m + other.across_m) / 2.0) - apart > Standing::LAPS
      end
    end

    # Things lean and touch: only more is told.
    Standing::LAPS = 0.01
  end
end
