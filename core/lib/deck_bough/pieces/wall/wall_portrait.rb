# frozen_string_literal: true

module DeckBough
  # A wall of wreaths with a few strokes: the wall, what is below, each ring and its leading colour.
  module WallPortrait
    module_function

    # @param reckoning [WallReckoning] measured
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      portrait.line("line", [[0, 0], [reckoning.settings[:wall][:width_m], 0]])
      boxes(reckoning.place).each { |box| portrait.area("wood", corners(**box)) }
      reckoning.rings.each { |ring| ring(portrait, ring) }
      portrait
    end

    def boxes(place)
      [*place.openings.map { |left| { left_m: left, **place.opening } }, place.thing].compact
    end

    def corners(left_m:, width_m:, floor_m:, height_m:)
      right = left_m + width_m
      top = floor_m + height_m
      [[left_m, floor_m], [right, floor_m], [right, top], [left_m, top]]
    end

    def ring(portrait, ring)
      centre = [ring.left_m, ring.floor_m]
      portrait.area("foliage", WreathPortrait.round(centre, ring.diameter_m / 2))
      element = ring.reckoning.elements.first
      portrait.dot(ring.left_m, ring.floor_m - ring.reckoning.ring.radius_m, ring.diameter_m / 8,
                   element ? element.style.colour : ring.reckoning.green_colour)
      WreathPortrait.sites(portrait, ring.reckoning, centre)
    end
    private_class_method :boxes, :corners, :ring
  end
end
