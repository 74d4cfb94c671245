# frozen_string_literal: true

module DeckBough
  module Tables
    # What lies at a place, from the cloth up: how large it is where nobody measured it, and its usual colour.
    #
    #   Tables::Layer.of("charger").across_m # => 0.33
    #
    # Source: handbook 70, Tables. Metres.
    Layer = Struct.new(:name, :across_m, :colour, keyword_init: true) do
      def self.of(name)
        self::ALL.fetch(name)
      end

      def initialize(**)
        super
        freeze
      end
    end

    class Layer
      ALL = [
        new(name: "mat", across_m: 0.45, colour: "#c8b48d"), new(name: "charger", across_m: 0.33, colour: "#8d7440"),
        new(name: "plate", across_m: 0.27, colour: "#f1eee6"),
        new(name: "salad_plate", across_m: 0.21, colour: "#7f9a86"),
        new(name: "napkin", across_m: 0.20, colour: "#f4f1ea"), new(name: "ring", across_m: 0.05, colour: "#8d7440"),
        new(name: "name", across_m: 0.08, colour: "#fbfaf6")
      ].to_h { |layer| [layer.name, layer] }.freeze
      # From the cloth up.
      NAMES = ALL.keys.freeze
      # What a home mostly has of its own.
      OWN = %w[plate salad_plate].freeze
    end
  end
end
