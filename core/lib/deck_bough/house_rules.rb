# frozen_string_literal: true

require "yaml"

module DeckBough
  # Every constant of the rules, by key, with a studio's own values laid over the defaults.
  #
  #   house = DeckBough::HouseRules.with("tree.tip_gap" => 0.25)
  #   house["tree.tip_gap"]     # => 0.25
  #   house["tree.clear_share"] # KeyError: a misspelt key is our bug
  #
  # Units are those of the constant's entry in house_rules.yml. It does not store anything.
  class HouseRules
    Constant = Struct.new(:key, :chapter, :title, :value, :unit, :low, :high, :why, keyword_init: true) do
      def initialize(**)
        super
        freeze
      end
    end

    CHAPTERS = YAML.safe_load_file(File.join(ROOT, "house_rules.yml")).freeze
    def self.constant(chapter, key, entry)
      low, high = entry.fetch("range")
      Constant.new(key: "#{chapter}.#{key}", chapter: chapter, title: entry.fetch("title"), value: entry.fetch("value"),
                   unit: entry.fetch("unit"), low: low, high: high, why: entry.fetch("why"))
    end

    CONSTANTS = CHAPTERS.flat_map { |chapter, entries| entries.map { |key, entry| constant(chapter, key, entry) } }
                        .to_h { |constant| [constant.key, constant] }.freeze

    attr_reader :changes

    def self.default
      @default ||= new({})
    end

    def self.with(changes)
      new(changes)
    end

    # @param changes [Hash{String => Numeric}] a studio's own values
    # @raise [HouseRuleError] when a key is unknown or a value outside the constant's range
    def initialize(changes)
      @changes = changes.to_h { |key, value| [key.to_s, checked(key.to_s, value)] }.freeze
      freeze
    end

    def [](key)
      @changes.fetch(key) { CONSTANTS.fetch(key).value }
    end

    private

    def checked(key, value)
      constant = CONSTANTS[key] or raise HouseRuleError.new(:house_rule_unknown, key: key)
      return value if value.is_a?(Numeric) && value.to_f.finite? && value.between?(constant.low, constant.high)

      raise HouseRuleError.new(:house_rule_range, title: constant.title, low: constant.low, high: constant.high,
                                                  unit: constant.unit)
    end
  end
end
