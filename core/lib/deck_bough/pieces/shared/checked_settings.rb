# frozen_string_literal: true

module DeckBough
  # Settings that have been checked: complete, frozen, by group and field. Whoever is given them need not check again.
  #
  #   TreeSettings.check({}).class            # => DeckBough::CheckedSettings
  class CheckedSettings < Hash
    # @param groups [Hash{Symbol => Hash}]
    def self.of(groups)
      new.update(groups).freeze
    end
  end
end
