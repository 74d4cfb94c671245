# frozen_string_literal: true

require_relative "tree_settings"
require_relative "run_settings"

module DeckBough
  # The kinds of piece there are, each with the document of settings it keeps.
  #
  #   PieceSettings.of("run")::SCHEMA # => 1
  module PieceSettings
    BY_KIND = { "tree" => TreeSettings, "run" => RunSettings }.freeze
    KINDS = BY_KIND.keys.freeze

    module_function

    # @return [Module] with GROUPS, SCHEMA, check and style_ids
    def of(kind)
      BY_KIND.fetch(kind)
    end
  end
end
