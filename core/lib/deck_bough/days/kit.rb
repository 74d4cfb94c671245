# frozen_string_literal: true

module DeckBough
  module Days
    # Tools, fixings and consumables of a visit, from what its steps do and what they take.
    #
    #   Days::Kit.of(keys: [], kinds: [], high: false).first # => { key: "gloves", says: "Work gloves" }
    #
    # Source: handbook 80, Kit.
    module Kit
      # What asks for it: always, steps by key, things by kind, or work above the ladder line.
      THINGS = [
        { key: "gloves", says: "Work gloves", always: true },
        { key: "cloths", says: "Cloths, wet and dry", always: true },
        { key: "bags", says: "Bin bags", always: true },
        { key: "vacuum", says: "Vacuum", always: true },
        { key: "ladder", says: "Ladder, and somebody to hold it", high: true },
        { key: "pole", says: "Reach pole", high: true },
        { key: "snips", says: "Snips", kinds: %w[ribbon garland stem pick wreath] },
        { key: "wire", says: "Florist's wire", kinds: %w[ornament ribbon garland stem pick wreath] },
        { key: "ties", says: "Cable ties", kinds: %w[light garland wreath], keys: %w[anchors] },
        { key: "hooks", says: "Hooks and their strips, spare", kinds: %w[fixing], keys: %w[anchors hang] },
        { key: "bulbs", says: "Spare bulbs and fuses", kinds: %w[light], keys: %w[lights] },
        { key: "batteries", says: "Batteries", kinds: %w[light], keys: %w[lights] },
        { key: "extension", says: "Extension lead", kinds: %w[light], keys: %w[lights] },
        { key: "filler", says: "Filler and touch-up paint", kinds: %w[fixing], keys: %w[anchors] },
        { key: "labels", says: "Ink and paper", keys: %w[setting jars] }
      ].freeze

      module_function

      # @param keys [Array<String>] of the steps
      # @param kinds [Array<String>] of what they take
      # @param high [Boolean] whether something is done from a ladder
      # @return [Array<Hash>] key, says
      def of(keys:, kinds:, high:)
        wanted = THINGS.select do |thing|
          thing[:always] || (thing[:high] && high) || thing[:kinds].to_a.intersect?(kinds) ||
            thing[:keys].to_a.intersect?(keys)
        end
        wanted.map { |thing| thing.slice(:key, :says) }
      end
    end
  end
end
