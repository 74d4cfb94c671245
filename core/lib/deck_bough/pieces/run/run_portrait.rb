# frozen_string_literal: true

module DeckBough
  # A run with a few strokes: what it is on, the greens round their way, the accents' colours.
  module RunPortrait
    POINTS = 18
    DOTS = 10
    # What has no greens yet is drawn as thick as a stem.
    LEAST = 0.03
    # Of a table: how thick its top is, and how far in its legs stand.
    TOP = 0.05
    LEG = 0.1

    module_function

    # @param reckoning [RunReckoning] measured
    # @return [Portrait]
    def of(reckoning)
      portrait = Portrait.new
      support(portrait, reckoning.survey)
      portrait.line("line", ways(reckoning).map { |along| reckoning.path.at(along) })
      portrait.area("foliage", outer(reckoning, 1) + outer(reckoning, -1).reverse)
      accents(portrait, reckoning)
      sites(portrait, reckoning)
      portrait
    end

    def support(portrait, survey)
      case survey[:kind]
      when "rail" then portrait.line("line", [[0, 0], [survey[:going_m], survey[:rise_m]]])
      when "mantel" then mantel(portrait, survey)
      when "ledge" then box(portrait, "wood", [0, survey[:length_m]], 0, survey[:height_m])
      when "table" then table(portrait, survey)
      when "mirror" then box(portrait, "wood", [0, survey[:length_m]], survey[:height_m],
                             survey[:height_m] + survey[:side_m])
      end
    end

    def table(portrait, survey)
      box(portrait, "wood", [0, survey[:length_m]], survey[:height_m] - TOP, survey[:height_m])
      [LEG, survey[:length_m] - LEG].each { |at| portrait.line("line", [[at, 0], [at, survey[:height_m] - TOP]]) }
    end

    def mantel(portrait, survey)
      box(portrait, "wood", [0, survey[:length_m]], 0, survey[:height_m])
      return if survey[:firebox] == "none"

      middle = survey[:length_m] / 2
      half = survey[:firebox_width_m] / 2
      box(portrait, "dark", [middle - half, middle + half], 0, survey[:firebox_height_m])
    end

    def box(portrait, part, (left, right), bottom, top)
      portrait.area(part, [[left, bottom], [right, bottom], [right, top], [left, top]])
    end

    # Places along the way, each bend among them.
    def ways(reckoning)
      long = reckoning.path.length
      [*(0..POINTS).map { |i| long * i / POINTS }, *reckoning.path.bends].uniq.sort
    end

    def outer(reckoning, side)
      ways(reckoning).map do |along|
        (x, y), (out_x, out_y) = reckoning.path.at(along), reckoning.path.outward(along)
        thick = [reckoning.layers.at(along)[side.positive? ? :upper_m : :lower_m], LEAST].max * side
        [x + (out_x * thick), y + (out_y * thick)]
      end
    end

    def accents(portrait, reckoning)
      styles, counts = reckoning.accents.transpose
      return unless styles

      places = [counts.sum, DOTS].min
      Interleaving.of(counts, places).each_with_index do |index, i|
        style = styles.fetch(index)
        x, y = reckoning.path.at(reckoning.path.length * (i + 0.5) / places)
        portrait.dot(x, y, (style.diameter_mm || 60) / 2_000.0, style.colour)
      end
    end

    # Stems where they sit, and accents, each at its place along the way.
    def sites(portrait, reckoning)
      reckoning.stems.each do |those|
        those.places.each do |along|
          portrait.site(*reckoning.path.at(along), those.stem.spread_m / 2, those.style)
        end
      end
      order = reckoning.accents_in_order
      order.each_with_index do |style, i|
        along = reckoning.path.length * (i + 0.5) / order.size
        portrait.site(*reckoning.path.at(along), (style.diameter_mm || 60) / 2_000.0, style)
      end
    end

    private_class_method :sites, :support, :table, :mantel, :box, :ways, :outer, :accents
  end
end
