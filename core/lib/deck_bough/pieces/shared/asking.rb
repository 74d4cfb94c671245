# frozen_string_literal: true

module DeckBough
  # How a reckoning asks the catalogue. What a rule refuses is a fault of the settings it was asked with, and points
  # there.
  #
  # Part of a reckoning that gives house, units and POINTERS: rule → path of the setting that most likely mends it.
  module Asking
    # @return [Answer]
    # @raise [UnplannableError]
    def ask(rule, **inputs)
      Catalogue.answer(rule, inputs, house: house, units: units)
    rescue InputError => e
      raise unplannable(rule, e.faults.first)
    end

    # A rule with its inputs checked and nothing computed yet, for one that can tell a part of its answer quickly.
    #
    # @return [Rules::Rule]
    def asked(rule, **inputs)
      found = Catalogue.rule(rule)
      found.new(Inputs.check(found.declaration.inputs, inputs), house, units)
    rescue InputError => e
      raise unplannable(rule, e.faults.first)
    end

    # How numbers of a sum are printed.
    def jotting
      @jotting ||= Jotting.new(units)
    end

    private

    def unplannable(rule, fault)
      title = Catalogue.rule(rule).declaration.title
      told = Fault.new(path: self.class::POINTERS.fetch(rule, []), code: "unplannable",
                       message: Messages.error(:input_unplannable, rule: title, says: fault.told(units)))
      UnplannableError.new(rule, [told])
    end
  end
end
