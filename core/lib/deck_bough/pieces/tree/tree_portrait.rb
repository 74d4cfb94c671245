# frozen_string_literal: true

module DeckBough
  # A tree with a few strokes: silhouette, foot, topper, and its ornaments' colours in the shares they have.
  module TreePortrait
    ROWS = 6
    DOTS = 14
    # Spots farther round than this are on the far side, or nearly; of so many times as many enough are in front.
    FACING = 80
    ROUND = 3

    module_function

    # @param reckoning [TreeReckoning] with a height
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      base = reckoning.measure[:riser_m]
      surface = reckoning.surface
      foot = surface.spread * 0.14
      portrait.area("foot", [[-foot, 0], [foot, 0], [foot, base + surface.hem], [-foot, base + surface.hem]])
      right = Array.new(ROWS + 1) do |i|
        height = surface.hem + (surface.foliage * i / ROWS)
        [surface.radius_at(height), base + height]
      end
      portrait.area("foliage", right + right.reverse.map { |x, y| [-x, y] }.drop(1))
      topper(portrait, reckoning, base + surface.height)
      ornaments(portrait, reckoning, base)
      portrait
    end

    def topper(portrait, reckoning, tip)
      return if reckoning.settings[:crown][:topper] == "none"

      rise = [reckoning.topper_rise, 0.08].max
      portrait.area("topper", [[0, tip + rise], [rise * 0.6, tip + (rise * 0.4)], [0, tip - (rise * 0.2)],
                               [-rise * 0.6, tip + (rise * 0.4)]])
    end

    def ornaments(portrait, reckoning, base)
      styles = reckoning.ornament_styles
      counts = styles.map { |style| reckoning.shares.counts.fetch(style.id, 0) }
      spots = facing(reckoning.surface)
      Interleaving.of(counts, spots.size).zip(spots) do |index, (height, angle)|
        style = styles.fetch(index)
        across = reckoning.surface.radius_at(height) * Math.sin(angle * Math::PI / 180)
        portrait.dot(across, base + height, (style.diameter_mm || 60) / 2_000.0, style.colour)
      end
    end

    def facing(surface)
      front = surface.sites(ROUND * DOTS, high_m: surface.height - (surface.foliage * 0.1))
                     .select { |_, angle| angle.abs < FACING }
      Array.new(DOTS) { |i| front.fetch(i * front.size / DOTS) }
    end
    private_class_method :topper, :ornaments, :facing
  end
end
