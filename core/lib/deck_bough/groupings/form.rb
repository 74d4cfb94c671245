# frozen_string_literal: true

module DeckBough
  module Groupings
    # What a thing of a group is: how large it is where nobody measured it, where it belongs in the group, how it shows.
    #
    #   Groupings::Form.of("vessel").height_m # => 0.3
    #
    # slot: its place in the order of building (handbook 70, Building a group). solid: the share of its height that
    # hides something. round: its footprint. finish: what it brings to the group. Metres.
    Form = Struct.new(:name, :slot, :across_m, :deep_m, :height_m, :solid, :round, :finish, :colour,
                      keyword_init: true) do
      def self.of(name)
        self::ALL.fetch(name)
      end

      def initialize(solid: 1.0, round: false, finish: "matt", **)
        super
        freeze
      end
    end

    class Form
      # From the back of a group to its front.
      SLOTS = %w[ground back tallest middle low softener pick].freeze
      # Those whose heights make the line of the group.
      LINE = %w[tallest middle low].freeze
      LIT = %w[candle lantern].freeze
      FINISHES = %w[matt shiny soft green].freeze

      ALL = [
        new(name: "tray", slot: "ground", across_m: 0.45, deep_m: 0.30, height_m: 0.03, colour: "#a27b52"),
        new(name: "board", slot: "back", across_m: 0.28, deep_m: 0.03, height_m: 0.40, colour: "#a97e50"),
        new(name: "cloth", slot: "ground", across_m: 0.60, deep_m: 0.35, height_m: 0.005, finish: "soft",
            colour: "#d8cdb8"),
        new(name: "mirror", slot: "back", across_m: 0.30, deep_m: 0.03, height_m: 0.42, finish: "shiny",
            colour: "#c3d2d6"),
        new(name: "basket", slot: "back", across_m: 0.32, deep_m: 0.22, height_m: 0.26, round: true, colour: "#b08a5a"),
        new(name: "vessel", slot: "tallest", across_m: 0.17, deep_m: 0.17, height_m: 0.30, round: true,
            colour: "#6f7f7c"),
        new(name: "lantern", slot: "tallest", across_m: 0.18, deep_m: 0.18, height_m: 0.38, solid: 0.8,
            finish: "shiny", colour: "#5a5f63"),
        new(name: "tree", slot: "tallest", across_m: 0.26, deep_m: 0.26, height_m: 0.45, solid: 0.6, round: true,
            finish: "green", colour: "#3d6b52"),
        new(name: "house", slot: "middle", across_m: 0.16, deep_m: 0.12, height_m: 0.22, colour: "#d9d2c4"),
        new(name: "figure", slot: "middle", across_m: 0.14, deep_m: 0.12, height_m: 0.22, colour: "#8a6f5a"),
        new(name: "candle", slot: "middle", across_m: 0.08, deep_m: 0.08, height_m: 0.20, round: true, finish: "soft",
            colour: "#efe6d2"),
        new(name: "block", slot: "low", across_m: 0.22, deep_m: 0.16, height_m: 0.08, colour: "#7a5b4a"),
        new(name: "bowl", slot: "low", across_m: 0.26, deep_m: 0.26, height_m: 0.11, round: true, finish: "shiny",
            colour: "#5d7a6c"),
        new(name: "beads", slot: "softener", across_m: 0.30, deep_m: 0.04, height_m: 0.02, solid: 0.0, finish: "shiny",
            colour: "#b98f6a"),
        new(name: "bundle", slot: "softener", across_m: 0.36, deep_m: 0.12, height_m: 0.10, solid: 0.0,
            finish: "green", colour: "#6d8f6a"),
        new(name: "star", slot: "pick", across_m: 0.14, deep_m: 0.03, height_m: 0.14, solid: 0.0, finish: "shiny",
            colour: "#c7a350"),
        new(name: "bow", slot: "pick", across_m: 0.18, deep_m: 0.06, height_m: 0.14, solid: 0.0, finish: "soft",
            colour: "#8a3b4d")
      ].to_h { |form| [form.name, form] }.freeze

      NAMES = ALL.keys.freeze

      # How large each is where nobody measured it, and where it belongs.
      #
      # @return [Array<Hash>]
      def self.told
        ALL.values.map do |form|
          { form: form.name, slot: form.slot, across_m: form.across_m, deep_m: form.deep_m, height_m: form.height_m,
            finish: form.finish, colour: form.colour }
        end
      end

      # What is filled is glass: it hides as much as is in it.
      FILLED = new(name: "filled", slot: "middle", across_m: 0.20, deep_m: 0.20, height_m: 0.25, round: true,
                   solid: 0.0, finish: "shiny", colour: "#cfdde0")

      # The vessel filled to a share of its height.
      def self.filled(share)
        new(**FILLED.to_h, solid: share)
      end

      # A round thing is as deep as it is wide; another as it is in its kind.
      def deep_of(across)
        round ? across : deep_m * across / across_m
      end

      # It gives light.
      def lit?
        LIT.include?(name)
      end

      def filled?
        name == FILLED.name
      end
    end
  end
end
