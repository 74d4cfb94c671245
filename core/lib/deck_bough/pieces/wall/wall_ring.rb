# frozen_string_literal: true

module DeckBough
  # One wreath of a wall: where its middle is, how much of it is seen, and everything reckoned for it.
  #
  # number: from 1, as on the nail map; left_m, floor_m: of its middle; hook_m: above the floor; layer: 0 at the back;
  # said: which of the wreaths wanted it is, from 0; visible: share of it that is seen; reckoning: WreathReckoning.
  WallRing = Struct.new(:number, :left_m, :floor_m, :visible, :layer, :said, :reckoning, keyword_init: true) do
    def diameter_m
      reckoning.ring.outer_m
    end

    def hook_m
      reckoning.hook_floor_m
    end

    # Rings that say the same look alike, wherever they hang.
    def look
      reckoning.settings.to_h.merge(place: nil, size: reckoning.settings[:size].merge(centre_m: nil))
    end
  end

  # Wreaths of a wall that are dressed alike and of one size: reckoned once, hung as often as there are of them.
  WallLook = Struct.new(:rings, keyword_init: true) do
    # What holds for the highest holds for all.
    def reckoning
      @reckoning ||= rings.max_by(&:hook_m).reckoning
    end

    def count
      rings.size
    end
  end
end
