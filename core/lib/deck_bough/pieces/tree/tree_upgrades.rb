# frozen_string_literal: true

module DeckBough
  # What makes a tree's settings of one schema those of the next. Documents as they were kept: text keys, values
  # unchecked.
  #
  #   TreeUpgrades::FROM.fetch(1).call({ "picks" => { "cover" => "lush" } }) # => { "picks" => { "cover" => "full" } }
  module TreeUpgrades
    # Schema 2 has one vocabulary of cover: what picks called lush is full everywhere.
    ONE_COVER = lambda do |document|
      picks = document.is_a?(Hash) && document["picks"]
      next document unless picks.is_a?(Hash) && picks["cover"] == "lush"

      document.merge("picks" => picks.merge("cover" => "full"))
    end

    FROM = { 1 => ONE_COVER }.freeze
  end
end
