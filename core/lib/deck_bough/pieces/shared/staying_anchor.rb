# frozen_string_literal: true

module DeckBough
  # A nail or hook that stays in a home from year to year: where it is, of what kind, what it bears, since when.
  #
  #   StayingAnchor.new(place: "Front door", kind: "large_hook", since: 2024, floor_m: 1.7).at?(0.6, 1.72, near_m: 0.03)
  #   # => true
  #
  # own: it is of the piece that is planned; left_m is then from the left end of what that piece is on. floor_m above
  # the floor, on a stair above the tread. What was not measured is nil. Source: handbook 60, Hanging (anchor register).
  StayingAnchor = Struct.new(:id, :place, :kind, :rated_kg, :since, :good, :left_m, :floor_m, :own,
                             keyword_init: true) do
    def initialize(good: true, own: false, **)
      super
      freeze
    end

    # Whether what is to hang there finds it there.
    def at?(left, floor, near_m:)
      return false unless good
      return !floor_m.nil? && near?(floor_m, floor, near_m) unless own

      measured? && near?(left_m, left, near_m) && near?(floor_m, floor, near_m)
    end

    def measured?
      !(left_m.nil? && floor_m.nil?)
    end

    def title
      StayingAnchor::KINDS.fetch(kind)
    end

    # What it may carry: its share of the rated load, by its label or by what is usual of its kind.
    #
    # @return [Float] kilograms
    def may_kg(house)
      (rated_kg || house[StayingAnchor::RATED.fetch(kind)]) * house["garland.rated_share"]
    end

    private

    def near?(mine, wanted, near_m)
      mine.nil? || (mine - wanted).abs <= near_m + 1e-9
    end
  end

  StayingAnchor::RATED = {
    **(Greenery::Fixings::NAMES - %w[none]).to_h { |name| [name, "garland.#{name}"] },
    **Wreaths::Holding::ALL.to_h { |hold| [hold.name, hold.house_rule] }
  }.freeze
  StayingAnchor::KINDS = {
    **Greenery::Fixings::ALL.to_h { |fixing| [fixing.name, fixing.title] },
    **Wreaths::Holding::ALL.to_h { |hold| [hold.name, hold.title] }
  }.slice(*StayingAnchor::RATED.keys).freeze

  # Where, of what kind, what it bears, since which year.
  StayingAnchor::INPUTS = [
    Input.text(:place, "Where it is", 1..120), Input.choice(:kind, "Kind", StayingAnchor::KINDS.keys),
    Input.number(:rated_kg, "Rated load", "kg", 0.01..500, default: nil, why: "Its label names a load."),
    Input.whole(:since, "Since", "", 1900..2199, why: "A year has four digits."),
    Input.flag(:good, "Still good", default: true),
    Input.number(:left_m, "From the left", "m", 0..100, default: nil),
    Input.number(:floor_m, "Above the floor", "m", 0..20, default: nil)
  ].freeze

  # Which of the anchors that stay hold what is planned: these are tried first.
  module StayingAnchors
    module_function

    # Each holds one thing; of several at one place the strongest is taken, and none that may carry too little.
    #
    # @param anchors [Array<StayingAnchor>]
    # @param hooks [Array<Array(Float, Float, Float)>] left, floor, kilograms of each
    # @return [Array<StayingAnchor, nil>] for each hook
    def holding(anchors, hooks, house)
      free = anchors.dup
      hooks.map do |left, floor, kilograms|
        there = free.select { |one| one.at?(left, floor, near_m: house["wreath.anchor_near"]) }
                    .select { |one| one.may_kg(house) >= kilograms }
        there.max_by { |one| one.may_kg(house) }.tap { |one| free.delete(one) }
      end
    end
  end
end
