# frozen_string_literal: true

module DeckBough
  # A wreath with a few strokes: what it hangs on, the ring, the colours on it.
  module WreathPortrait
    POINTS = 20
    DOTS = 10

    module_function

    # @param reckoning [WreathReckoning] measured
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      host(portrait, reckoning.place) unless reckoning.lying?
      centre = [reckoning.place[:width_m] / 2, reckoning.centre_m]
      portrait.area("foliage", round(centre, reckoning.ring.outer_m / 2))
      portrait.area("wood", round(centre, reckoning.ring.inner_m / 2))
      dots(portrait, reckoning, centre)
      sites(portrait, reckoning, centre)
      portrait
    end

    # Where what it is dressed with goes.
    #
    # @param reckoning [WreathReckoning]
    # @param centre [Array(Float, Float)] of the ring in the portrait, m
    def sites(portrait, reckoning, centre)
      reckoning.elements.each do |element|
        portrait.site(*on_ring(reckoning, centre, element), radius(element), element.style)
      end
    end

    def host(portrait, place)
      low = place[:floor_m]
      high = place[:floor_m] + place[:height_m]
      portrait.area("wood", [[0, low], [place[:width_m], low], [place[:width_m], high], [0, high]])
      middle = place[:width_m] / 2
      portrait.line("line", [[middle, low], [middle, high]]) if place[:host] == "pair"
    end

    def round((across, up), radius)
      Array.new(POINTS) do |i|
        angle = 2 * Math::PI * i / POINTS
        [across + (radius * Math.sin(angle)), up + (radius * Math.cos(angle))]
      end
    end

    def dots(portrait, reckoning, centre)
      elements = reckoning.elements
      each = [(elements.size / DOTS.to_f).ceil, 1].max
      elements.each_slice(each).map(&:first).each do |element|
        portrait.dot(*on_ring(reckoning, centre, element), radius(element), element.style.colour)
      end
    end

    def on_ring(reckoning, (across, up), element)
      angle = element.at_h / 6.0 * Math::PI
      away = reckoning.ring.radius_m
      [across + (away * Math.sin(angle)), up + (away * Math.cos(angle))]
    end

    def radius(element)
      (element.style.diameter_mm || 50) / 2_000.0
    end
    private_class_method :host, :dots, :on_ring, :radius
  end
end
