# frozen_string_literal: true

module DeckBough
  # Where a tree stands and who lives with it, as the survey found it.
  #
  #   Surroundings.new(stance: "corner", ceiling: Ceiling.new(left_m: 3.1, right_m: 3.1, width_m: 5.2),
  #                    children: [2, 7])
  #
  # Lengths in metres, ages in years. What the survey does not know is nil or empty.
  Surroundings = Struct.new(:place, :stance, :ceiling, :from_left_m, :free_width_m, :free_depth_m, :walkway_m, :wall_m,
                            :children,
                            :pets, :near_heat, :near_socket, :no_nails, :heat, :conifer_allergy, :room_depth_m,
                            :anchors, keyword_init: true) do
    # @param anchors [Array<StayingAnchor>] nails and hooks that stay there from year to year
    def initialize(stance:, ceiling:, children: [], pets: [], from_left_m: nil, anchors: [], **)
      super
      self.from_left_m ||= ceiling.width_m / 2.0
      freeze
    end

    # The line below which children or dogs get at things; nil when nobody does.
    def reach_m(house)
      [(house["tree.reach_children"] if children.any?), (house["tree.reach_dog"] if pets.include?("dog"))].compact.max
    end

    # "children and a dog": who has to be thought of, in words; nil when nobody.
    def climbers
      said = [("children" if children.any?), *pets.map { |pet| "a #{pet}" }].compact
      said.size > 1 ? "#{said[0..-2].join(', ')} and #{said.last}" : said.first
    end
  end

  Surroundings::STANCES = %w[corner wall bay open].freeze
end
