# frozen_string_literal: true

module DeckBough
  # The wall as the rule of several wreaths is asked about it: openings as a row as far apart as they are, a pair that
  # flanks something as a row about it.
  #
  #   WallPlace.new(WALL_KIND.check(wall: { width_m: 3 })).middle_m # => 1.5
  #
  # Metres from left and floor.
  class WallPlace
    # The middle of a wreath is looked at as on a door (handbook 60, Size).
    EYE = WreathPlace::DOOR_CENTRE

    attr_reader :wall, :arrange

    # @param settings [CheckedSettings] measured
    def initialize(settings)
      @wall = settings[:wall]
      @arrange = settings[:arrange]
    end

    def openings?
      arrange[:arrangement] == "openings"
    end

    def flanking?
      arrange[:arrangement] == "flanking"
    end

    # As the rule knows it.
    def arrangement
      openings? || flanking? ? "row" : arrange[:arrangement]
    end

    def overlap
      openings? || flanking? ? 0 : arrange[:overlap]
    end

    # What it is hung on, as a wreath knows it.
    def host
      openings? ? wall[:opening] : "mantel_wall"
    end

    def colour
      wall[:colour] || WreathPlace::USUAL.fetch(host).last
    end

    # @return [Hash, nil] left_m, width_m, floor_m, height_m of what the group is centred on
    def thing
      width = wall[:thing_width_m] or return nil
      { left_m: wall[:thing_left_m] || [(wall[:width_m] - width) / 2.0, 0].max, width_m: width,
        floor_m: wall[:thing_floor_m], height_m: wall[:thing_height_m] }
    end

    # @return [Hash] width_m, height_m, floor_m of one opening
    def opening
      usual = { "window" => 0.9, "cabinet" => 0.45 }.fetch(wall[:opening])
      height, floor, = WreathPlace::USUAL.fetch(wall[:opening])
      { width_m: wall[:opening_width_m] || usual, height_m: wall[:opening_height_m] || height,
        floor_m: wall[:opening_floor_m] || floor }
    end

    # Where each opening begins, from the left.
    #
    # @return [Array<Float>]
    def openings
      return [] unless openings?

      pitch = opening[:width_m] + wall[:between_m]
      first = centre_m - (((wall[:openings] - 1) * pitch) / 2.0) - (opening[:width_m] / 2.0)
      Array.new(wall[:openings]) { |i| first + (i * pitch) }
    end

    def centre_m
      thing ? thing[:left_m] + (thing[:width_m] / 2.0) : wall[:width_m] / 2.0
    end

    # Of the group.
    def middle_m
      return arrange[:middle_m] if arrange[:middle_m]
      return opening[:floor_m] + (opening[:height_m] / 2.0) if openings?
      return thing[:floor_m] + (thing[:height_m] / 2.0) if flanking?

      [EYE, wall[:height_m] / 2.0].max.clamp(0, wall[:height_m] * 0.8)
    end

    # What the rule is asked with for rings of so much across; nil where it is to take the least.
    def gap_m(diameter_m)
      return opening[:width_m] + wall[:between_m] - diameter_m if openings?
      return thing[:width_m] + (2 * (arrange[:gap_m] || FLANK)) if flanking?

      arrange[:gap_m]
    end

    # From the edge of what they flank.
    FLANK = 0.1
  end
end
