# frozen_string_literal: true

module DeckBough
  # The registry of kinds of piece. A new kind is a folder beside these and one line here.
  #
  #   Kinds::NAMES.first(3) # => ["tree", "run", "wreath"]
  module Kinds
    ALL = [TREE_KIND, RUN_KIND, WREATH_KIND, WALL_KIND, GROUPING_KIND, DROPS_KIND, TABLE_KIND,
           STOCKINGS_KIND, DRINKS_KIND, SHELVES_KIND, SWAPS_KIND].to_h do |kind|
      [kind.name, kind]
    end.freeze
    NAMES = ALL.keys.freeze

    module_function

    # @return [Kind]
    # @raise [KeyError] for a name that is no kind: the contract and the database let none through
    def of(name)
      ALL.fetch(name)
    end
  end
end
