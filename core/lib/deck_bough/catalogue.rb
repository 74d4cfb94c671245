# frozen_string_literal: true

module DeckBough
  # The registry of rules: id to class. An incomplete rule is refused when the core loads.
  #
  #   Catalogue.answer("picks.tree", { "area_m2" => 2.84, "cover" => "balanced", "crown" => 5 })[:total] # => 19
  module Catalogue
    ORDER = [
      Rules::Tree::VisibleArea, Rules::Tree::Fit, Rules::Tree::BestSize, Rules::Tree::TipAngle,
      Rules::Lights::Count, Rules::Lights::Pitch, Rules::Lights::Power, Rules::Lights::Battery,
      Rules::Ornaments::ByFoot, Rules::Ornaments::ByCover, Rules::Ornaments::Mix, Rules::Ornaments::Map,
      Rules::Ribbon::Spiral, Rules::Ribbon::Cascade, Rules::Ribbon::Tuck, Rules::Ribbon::Bow,
      Rules::Ribbon::TwoPartBow, Rules::Ribbon::FabricStrips, Rules::Ribbon::Share, Rules::Ribbon::CutPlan,
      Rules::Picks::Tree,
      Rules::Garland::Swag, Rules::Garland::Wrap, Rules::Garland::Pieces, Rules::Garland::Loft, Rules::Garland::Profile,
      Rules::Garland::Anchors, Rules::Garland::SwagPull, Rules::Garland::Lights, Rules::Garland::Tree,
      Rules::Wreath::Size, Rules::Wreath::Ground, Rules::Wreath::Hanger, Rules::Wreath::Hook, Rules::Wreath::Bundles,
      Rules::Wreath::Elements, Rules::Wreath::HoopStrip, Rules::Wreath::Profile, Rules::Wreath::Wall,
      Rules::View::Weights, Rules::Stockings::Spacing, Rules::Balance::Mantel, Rules::Balance::Wall,
      Rules::Palette::Match, Rules::Palette::Undertone, Rules::Palette::Actual, Rules::Palette::Gather,
      Rules::Boxes::Pack,
      Rules::Buying::Packs, Rules::Buying::OrderBy, Rules::Buying::MakeOrBuy, Rules::Buying::Substitutes,
      Rules::Group::Hides, Rules::Group::Heights, Rules::Group::Sites, Rules::Bowl::Fill, Rules::Bowl::Mix, Rules::Hang::Drops,
      Rules::Table::Runner, Rules::Table::Places, Rules::Days::Schedule, Rules::Log::Factor
    ].freeze

    # @raise [ArgumentError] naming what a rule lacks; ours to mend, so it stops the load
    def self.checked(rules)
      rules.to_h do |rule|
        declared = rule.declaration or raise ArgumentError, "#{rule} declares nothing"
        lacking = declared.to_h.select { |_, value| value.nil? || value == "" }.keys
        lacking += declared.constants.reject { |key| HouseRules::CONSTANTS.key?(key) }
        lacking += %i[call working].reject { |name| rule.method_defined?(name) }
        raise ArgumentError, "#{rule} lacks #{lacking.join(', ')}" unless lacking.empty?

        [declared.id, rule]
      end.freeze
    end

    RULES = checked(ORDER)

    module_function

    # @return [Class] the rule of an id
    # @raise [UnknownRule]
    def rule(id)
      RULES.fetch(id) { raise UnknownRule.new(:rule_unknown, rule: id.inspect) }
    end

    # @return [Answer]
    # @raise [UnknownRule, InputError]
    def answer(id, inputs, house: HouseRules.default, units: "metric")
      rule(id).answer(inputs, house: house, units: units)
    end

    # @return [Array<Hash>] every rule, JSON-ready
    def list
      ORDER.map(&:to_h)
    end
  end
end
