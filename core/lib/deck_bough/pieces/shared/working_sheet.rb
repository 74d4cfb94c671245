# frozen_string_literal: true

module DeckBough
  # What a figure opens: how it came about, what another school would say, which house rules would change it.
  #
  #   WorkingSheet.of("Ornaments", [answer], house)[:steps].first[:says] # => "Balanced cover: per m² × …"
  #
  # JSON-ready hashes; it prints no numbers itself, rules have done that.
  module WorkingSheet
    module_function

    # @param answers [Array<Answer>] the rules behind the figure, in order
    # @param more [Array<WorkingStep>] what happens after the last rule
    # @param others [Array<Hash>] { says:, value:, unit: } of other schools
    # @param constants [Array<String>] house rules beside those of the rules
    def of(title, answers, house, more: [], others: [], constants: [])
      rules = answers.map { |answer| Catalogue.rule(answer.rule).declaration }.uniq
      { title: title, rules: rules.map { |rule| { id: rule.id, title: rule.title, handbook: rule.handbook } },
        steps: (answers.flat_map(&:working) + more).map { |step| told(step) },
        findings: answers.flat_map(&:findings).uniq.map(&:to_h),
        other_schools: others,
        house_rules: [*answers.flat_map(&:constants), *constants].uniq.map { |key| constant(key, house) } }
    end

    # Of what is measured, told by how many there are.
    MEASURED = %w[m mm m2 kg].freeze

    # A list of counts is told by their sum, any other by how much is in it; what that is its sum says.
    def told(step)
      list = step.value
      return step.to_h unless list.respond_to?(:each)

      count = list.any? && list.all?(Integer) ? list.sum : list.size
      step.to_h.merge(value: count, unit: MEASURED.include?(step.unit) ? "of them" : step.unit)
    end

    def constant(key, house)
      declared = HouseRules::CONSTANTS.fetch(key)
      { key: key, title: declared.title, value: house[key], unit: declared.unit }
    end
    private_class_method :constant, :told
    private_constant :MEASURED
  end
end
