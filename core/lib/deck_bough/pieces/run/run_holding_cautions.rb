# frozen_string_literal: true

module DeckBough
  # What may go wrong with the fixings of a run: the wall, the load, what lets go. Source: handbook 50, Anchors and
  # loads.
  #
  # Part of RunCautions.
  module RunHoldingCautions
    private

    def anchors
      return laid unless @reckoning.held?

      fixing = @reckoning.fixing
      [*surface(fixing), *overloaded, *staying, (of(:adhesive_wait) if fixing.adhesive),
       (of(:over_heads, what: @survey[:below]) unless @survey[:below] == "floor"),
       (of(:shelf_holder) if fixing.name == "shelf_weight" && @place.children.any?), *rod(fixing), *flat_swag, *chain]
    end

    # Hooks that are there already are tried first.
    def staying
      there = @reckoning.staying.compact
      return [] if there.empty?

      [of(:anchors_there, count: there.size, all: @reckoning.anchors.size, since: there.map(&:since).min)]
    end

    def laid
      loft = @reckoning.profile[:samples].map { |sample| sample[:thickness_m] }.max
      least = loft * @house["garland.laid_depth"]
      depth = @survey[:depth_m]
      [(of(:laid_rolls, depth_m: depth, least_m: least) if depth && depth < least),
       (of(:laid_hangs) if @reckoning.path.drops.any? || @reckoning.path.swags.any? || hangs_over?)]
    end

    # More than half of what is there hanging over the edge pulls the rest after it.
    def hangs_over?
      samples = @reckoning.profile[:samples]
      samples.sum { |sample| sample[:lower_m] } > samples.sum { |sample| sample[:upper_m] } * 2
    end

    def surface(fixing)
      there = { fixing: fixing.title, surface: @survey[:surface].tr("_", " ") }
      [(of(:fixing_never, **there, instead: instead) if verdict == "never"),
       (of(:fixing_label, **there) if verdict == "label"),
       (of(:fixing_no_nails, instead: instead) unless fixing.permitted?(@place))]
    end

    def verdict
      Greenery::Fixings.verdict(@reckoning.fixing.name, @survey[:surface])
    end

    # What would be right: the strongest that may be used here.
    def instead
      kinds = Greenery::Fixings.allowed(surface: @survey[:surface], kind: @survey[:kind], place: @place,
                                        house: @house)
      if kinds.empty?
        "lay it, or ask the owner"
      else
        "take a #{Greenery::Fixings::BY_NAME.fetch(kinds.first).title.downcase}"
      end
    end

    def overloaded
      over = @reckoning.anchors.select { |anchor| anchor[:fixings] > 1 }
      worst = over.max_by(RunCautions::TOLD) { |anchor| anchor[:kg] }
      worst.sort_by { |anchor| anchor[:number] }.map do |anchor|
        of(drop_at?(anchor) ? :anchor_drop : :anchor_over,
           number: anchor[:number], carries_kg: anchor[:kg], may_kg: @reckoning.may_kg, fixings: anchor[:fixings])
      end
    end

    def drop_at?(anchor)
      @reckoning.path.drops.any? { |part| [part.from_m, part.to_m].any? { |place| (place - anchor[:at_m]).abs < 1e-6 } }
    end

    def rod(fixing)
      return [] unless fixing.name == "tension_rod"

      @reckoning.kg > @reckoning.may_kg ? [of(:rod_over, carries_kg: @reckoning.kg, may_kg: @reckoning.may_kg)] : []
    end

    # Flatter than a twelfth of its span a swag pulls more than its own weight at each end.
    def flat_swag
      pull = @reckoning.swag_pull
      if pull && pull[:horizontal_n] > 2 * pull[:vertical_n]
        [of(:swag_flat, pull_kg: pull[:end_n] / Rules::Garland::SwagPull::NEWTON,
                        weight_kg: pull[:middle_n] / Rules::Garland::SwagPull::NEWTON)]
      else
        []
      end
    end

    def chain
      weak = @reckoning.anchors.find { |anchor| anchor[:if_it_fails].any? { |one| !one[:holds] } } or return []
      taker = weak[:if_it_fails].reject { |one| one[:holds] }.max_by { |one| one[:kg] }
      [of(:anchor_chain, number: weak[:number], next: taker[:number], carries_kg: taker[:kg])]
    end
  end
end
