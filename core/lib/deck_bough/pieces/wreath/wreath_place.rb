# frozen_string_literal: true

module DeckBough
  # What a wreath hangs on, with what the survey leaves open filled in by what it usually is.
  #
  #   WreathPlace.of(host: "door", height_m: nil, floor_m: nil, colour: nil)[:height_m] # => 2.05
  #
  # Lengths metres.
  module WreathPlace
    # Height, lower edge above the floor, colour, and where a wreath's centre usually is: above the floor on doors
    # (handbook 60, Size), in the middle elsewhere.
    USUAL = { "door" => [2.05, 0.0, "#8fa3ad"], "pair" => [2.1, 0.0, "#8fa3ad"], "window" => [1.2, 0.9, "#e2ebee"],
              "cabinet" => [0.7, 1.45, "#e8e4da"], "mirror" => [0.8, 1.4, "#e2ebee"],
              "mantel_wall" => [1.0, 1.3, "#eef1ee"], "object" => [0.3, 0.9, "#b79a62"],
              # A candle on a table, and the table's colour.
              "lying" => [0.15, 0.75, "#c9b491"] }.freeze
    DOORS = %w[door pair].freeze
    DOOR_CENTRE = 1.5

    module_function

    # @param place [Hash] as settings have it
    # @return [Hash] the same with height_m, floor_m and colour
    def of(place)
      height, floor, colour = USUAL.fetch(place[:host])
      { **place, height_m: place[:height_m] || height, floor_m: place[:floor_m] || floor,
                 colour: place[:colour] || colour }
    end

    # @param place [Hash] filled in
    def centre(place)
      return place[:floor_m] if place[:host] == "lying"

      middle = place[:floor_m] + (place[:height_m] / 2.0)
      return middle unless DOORS.include?(place[:host])

      DOOR_CENTRE.clamp(middle, [place[:floor_m] + place[:height_m] - 0.2, middle].max)
    end
  end
end
