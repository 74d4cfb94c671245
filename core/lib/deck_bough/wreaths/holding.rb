# frozen_string_literal: true

module DeckBough
  module Wreaths
    # What holds a wreath: on which hosts, by which house rule it is rated, and whether it marks what it is on.
    #
    #   Wreaths::Holding.usual("window", no_nails: false).name # => "suction_hook"
    #
    # The label decides. Source: handbook 60, Hanging; 50, Anchors and loads.
    module Holding
      Hold = Struct.new(:name, :title, :house_rule, :hosts, :marks, keyword_init: true)

      DOORS = %w[door pair cabinet].freeze
      WALLS = %w[mantel_wall object].freeze
      ALL = [
        Hold.new(name: "door_hook", title: "Hook over the door", house_rule: "wreath.door_hook", hosts: DOORS),
        Hold.new(name: "suction_hook", title: "Suction hook", house_rule: "garland.suction_hook",
                 hosts: %w[window mirror]),
        Hold.new(name: "medium_hook", title: "Medium adhesive hook", house_rule: "garland.medium_hook",
                 hosts: DOORS + WALLS, marks: true),
        Hold.new(name: "large_hook", title: "Large adhesive hook", house_rule: "garland.large_hook",
                 hosts: DOORS + WALLS, marks: true),
        Hold.new(name: "nail", title: "Finishing nail", house_rule: "garland.nail", hosts: DOORS + WALLS, marks: true),
        Hold.new(name: "tie", title: "Tied on", house_rule: "garland.padded_tie",
                 hosts: %w[window mirror cabinet object mantel_wall lying])
      ].freeze
      BY_NAME = ALL.to_h { |hold| [hold.name, hold] }.freeze
      NAMES = BY_NAME.keys.freeze
      USUAL = { "door" => "door_hook", "pair" => "large_hook", "window" => "suction_hook", "cabinet" => "door_hook",
                "mirror" => "suction_hook", "mantel_wall" => "nail", "object" => "tie", "lying" => "tie" }.freeze

      module_function

      # What may hold something on a host, with its rated load.
      #
      # @return [Array<Hash>] name, title, rated_kg
      def told(host, house)
        fitting = ALL.select { |hold| hold.hosts.include?(host) }
        fitting.map { |hold| { name: hold.name, title: hold.title, rated_kg: house[hold.house_rule] } }
      end

      # What is tried first on a host; where nothing may mark it, what leaves no mark.
      #
      # @return [Hold]
      def usual(host, no_nails:)
        first = BY_NAME.fetch(USUAL.fetch(host))
        return first unless no_nails && first.marks

        ALL.find { |hold| !hold.marks && hold.hosts.include?(host) }
      end
    end
  end
end
