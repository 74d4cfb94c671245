# frozen_string_literal: true

module DeckBough
  # What holds a run: the fixing, what one may carry, where the anchors are and what each carries.
  #
  # Part of RunReckoning, which gives it settings, house rules, the path and the weight along it.
  module RunHolding
    def fixing
      @fixing ||= Greenery::Fixings::BY_NAME.fetch(settings[:anchors][:fixing] || fitting)
    end

    # What stockings hang from: weighted holders, but not where children pull or over a fire.
    def holder
      settings[:mantel][:holder] ||
        (surroundings.children.any? || survey[:firebox] == "working" ? "rail" : "shelf_weight")
    end

    # What is taken where the settings leave it open.
    #
    # @return [Hash] height_m, firebox, fixing, holder
    def assumed
      { **survey.slice(:height_m, :firebox), fixing: fixing.name, holder: holder }
    end

    def fitting
      Greenery::Fixings.fitting(kind: survey[:kind], surface: survey[:surface], place: surroundings)
    end

    def held?
      fixing.name != "none"
    end

    def fixing_style
      styles[settings[:anchors][:style]]
    end

    def rated_kg
      settings[:anchors][:rated_kg] || fixing_style&.rated_kg || (held? ? house["garland.#{fixing.name}"] : nil)
    end

    def may_kg
      rated_kg * house["garland.rated_share"]
    end

    # How many a run of fixed parts takes by rule; swags are held at their peaks.
    def anchor_rule
      return nil unless held?

      @anchor_rule ||= ask("garland.anchors",
                           run_m: path.main.then { |from, to| to - from }, bends: path.bends.size, mass_kg: kg,
                           rated_kg: rated_kg)
    end

    def anchors
      return [] unless held?

      @anchors ||= begin
        few = Greenery::Anchoring.places(path, spacing: house["garland.anchor_spacing"])
        more = [anchor_rule[:by_load] - few.size, 0].max + settings[:anchors][:more]
        places = Greenery::Anchoring.places(path,
                                            spacing: house["garland.anchor_spacing"],
                                            more: path.swags.empty? ? more : 0)
        Greenery::Anchoring.new(path: path, weight: self, places: places, may_kg: may_kg).anchors
      end
    end

    # For each of its anchors the one that is there already, where one is.
    #
    # @return [Array<StayingAnchor, nil>]
    def staying
      @staying ||= StayingAnchors.holding(surroundings.anchors.select(&:own),
                                          anchors.map { |one| one.values_at(:x_m, :floor_m, :kg) }, house)
    end

    # The pull of one swag, as the rule tells it: span along the rail, mean weight of a metre.
    def swag_pull
      span = path.swags.first or return nil
      from, to = path.main
      @swag_pull ||= ask("garland.swag_pull",
                         span_m: span_chord(span), sag_m: settings[:length][:sag_m],
                         kg_per_m: kg_between(from, to) / (to - from))
    end

    private

    def span_chord(part)
      from, to = [part.from_m, part.to_m].map { |place| path.at(place) }
      Math.hypot(to[0] - from[0], to[1] - from[1])
    end
  end
end
