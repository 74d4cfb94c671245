# frozen_string_literal: true

module DeckBough
  # All that a plan of any kind is made from, gathered by whoever asks for it.
  #
  #   PlanBrief.new(settings: {}, surroundings: place, styles: styles, house: HouseRules.default)
  #
  # settings: raw or checked; surroundings: the place; styles: those the settings name, with what is available of each
  # for this piece; schools: how the studio likes to work, by name; elsewhere: ids of styles in the room's other pieces;
  # stock: what else there is to choose from; region: where the studio works; kept: keeps answers that take long
  # (fetch(question) { answer }).
  PlanBrief = Struct.new(:settings, :surroundings, :styles, :house, :units, :schools, :elsewhere, :stock, :region,
                         :kept, keyword_init: true) do
    def initialize(settings:, surroundings:, styles: [], house: HouseRules.default, units: "metric", schools: {},
                   elsewhere: [], stock: [], region: Region.default, **)
      super
      freeze
    end
  end
end
