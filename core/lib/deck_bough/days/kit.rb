# frozen_string_literal: true

module DeckBough
  module Days
    # Tools, fixings and consumables of a visit, from what its steps do and what they take.
    #
    #   Days::Kit.of(keys: [], kinds: [], high: false).first # => { key: "gloves", says: "Work gloves" }
    #
    # Source: handbook 80, Kit.
    module Kit
      # What asks for it: always, steps by key, things by kind, or work above the ladder line; and whether only what is
      # put up (up) or taken down (down) does.
      THINGS = [
        { key: "gloves", says: "Work gloves", always: true },
        { key: "cloths", says: "Cloths, wet and dry", always: true },
        { key: "bags", says: "Bin bags", always: true },
        { key: "vacuum", says: "Vacuum", always: true },
        { key: "tissue", says: "Tissue paper and a spare box", always: true, only: :down },
        { key: "ladder", says: "Ladder, and somebody to hold it", high: true },
        { key: "pole", says: "Reach pole", high: true },
        { key: "snips", says: "Snips", kinds: %w[ribbon garland stem pick wreath] },
        { key: "wire", says: "Florist's wire", kinds: %w[ornament ribbon garland stem pick wreath], only: :up },
        { key: "ties", says: "Cable ties", kinds: %w[light garland wreath], keys: %w[anchors], only: :up },
        { key: "hooks", says: "Hooks and their strips, spare", kinds: %w[fixing], keys: %w[anchors hang], only: :up },
        { key: "bulbs", says: "Spare bulbs and fuses", kinds: %w[light], keys: %w[lights], only: :up },
        { key: "batteries", says: "Batteries", kinds: %w[light], keys: %w[lights], only: :up },
        { key: "extension", says: "Extension lead", kinds: %w[light], keys: %w[lights] },
        { key: "power_meter", says: "Power meter", kinds: %w[light], keys: %w[off_lights], only: :down },
        { key: "reels", says: "Reels for lights", kinds: %w[light], keys: %w[off_lights], only: :down },
        { key: "tape", says: "Tape measure, for what is left of ribbon", kinds: %w[ribbon], only: :down },
        { key: "filler", says: "Filler and touch-up paint", kinds: %w[fixing], keys: %w[anchors off_anchors off_hang] },
        { key: "labels", says: "Ink and paper", keys: %w[setting jars boxes_in] }
      ].freeze

      module_function

      # @param keys [Array<String>] of the steps
      # @param kinds [Array<String>] of what they take
      # @param high [Boolean] whether something is done from a ladder
      # @param down [Boolean] whether things are taken down
      # @return [Array<Hash>] key, says
      def of(keys:, kinds:, high:, down: false)
        not_now = down ? :up : :down
        wanted = THINGS.reject { |thing| thing[:only] == not_now }.select do |thing|
          thing[:always] || (thing[:high] && high) || thing[:kinds].to_a.intersect?(kinds) ||
            thing[:keys].to_a.intersect?(keys)
        end
        wanted.map { |thing| thing.slice(:key, :says) }
      end
    end
  end
end
