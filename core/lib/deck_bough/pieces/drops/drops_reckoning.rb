# frozen_string_literal: true

module DeckBough
  # Everything computed for things that hang on lines: how far each comes down, where it hangs, what it carries.
  #
  # Nothing is computed twice. Metres, kilograms.
  class DropsReckoning
    include Asking
    include HangingLoad

    # Which setting to mend when the rule refuses what the settings come to.
    POINTERS = { "hang.drops" => %w[drops longest_m] }.freeze
    # A thing nobody measured, and what nobody weighed.
    COMMON_M = 0.12
    COMMON_KG = 0.05
    # Whoever sits has the eye so far above the top (handbook 70, Tables).
    SEATED_EYE = 0.45

    # One line: its number, where it hangs, how far it comes down, what is on it.
    Line = Struct.new(:number, :at_m, :out_m, :drop_m, :said, :style, :across_m, :balls, :kg, keyword_init: true) do
      # How far the lower edge of what hangs there is under its hook.
      def low_m
        drop_m + (said && said[:what] == "strand" ? across_m / 2.0 : across_m)
      end
    end

    attr_reader :settings, :surroundings, :house, :units, :styles

    # @param settings [CheckedSettings] of DropsSettings, measured
    # @param styles [Hash{String => Style}] by id
    def initialize(settings:, surroundings:, styles:, house:, units:)
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
    end

    def place
      settings[:place]
    end

    def hooks_m
      place[:ceiling_m] || surroundings.ceiling.height_at(surroundings.from_left_m)
    end

    def below_m
      place[:below_m] || DropsSettings::OVER.fetch(place[:over])
    end

    def walked_under?
      DropsSettings::WALKED.include?(place[:over])
    end

    # @return [Answer] of hang.drops
    def drops
      @drops ||= ask("hang.drops", **settings[:drops])
    end

    # @return [Array<Line>] in the order they hang, from the left
    def lines
      @lines ||= dealt.each_with_index.map { |said, i| line(said, i) }
    end

    # All line there is, with a knot at each end.
    def line_m
      lines.sum(&:drop_m) + (2 * house["hang.knot"] * lines.size)
    end

    # From hook to hook along the place.
    def apart_m
      place[:length_m] / count.to_f
    end

    # How high above the floor the lowest hangs.
    def under_m
      hooks_m - lines.map(&:low_m).max
    end

    def heaviest
      lines.max_by(&:kg)
    end

    def fixing
      said = settings[:hang][:fixing]
      said || (surroundings.no_nails ? "padded_tie" : "small_hook")
    end

    private

    # Kinds take turns; where all of the largest would hang low, one of them changes with the highest.
    def dealt
      kinds = settings[:things][:hung].select { |said| styles[said[:style]] }
      return Array.new(count) if kinds.empty?

      turns = Array.new(count) { |i| kinds[i % kinds.size] }
      largest = kinds.max_by { |said| size(said) }
      return turns if kinds.map { |said| size(said) }.uniq.one? || high?(turns, largest)

      lift(turns, largest)
    end

    def high?(turns, largest)
      middle = drops[:drops_m].sum / count
      turns.zip(drops[:drops_m]).any? { |said, drop| said.equal?(largest) && drop < middle }
    end

    def lift(turns, largest)
      highest = drops[:drops_m].each_with_index.min.last
      from = turns.index { |said| said.equal?(largest) }
      return turns unless from

      turns.dup.tap { |all| all[from], all[highest] = all[highest], all[from] }
    end

    def count
      settings[:drops][:count]
    end

    def size(said)
      style = styles[said[:style]]
      said[:across_m] || (style.diameter_mm && (style.diameter_mm / 1000.0)) || style.across_m || COMMON_M
    end

    def line(said, number)
      drop = drops[:drops_m][number]
      style = said && styles[said[:style]]
      balls = said ? balls_on(said, drop) : 0
      Line.new(number: number + 1, at_m: (number + 0.5) * apart_m, out_m: out(number), drop_m: drop,
               said: said, style: style, across_m: said ? size(said) : COMMON_M, balls: balls,
               kg: balls * (style&.mass_g ? style.mass_g / 1000.0 : COMMON_KG))
    end

    # On a strand one at its end and one every so often up to the hook.
    def balls_on(said, drop)
      said[:what] == "strand" ? (drop / said[:spacing_m]).floor + 1 : 1
    end

    # In one row, or to and fro over what is wider.
    def out(number)
      place[:depth_m] * (number.even? ? -0.25 : 0.25)
    end
  end
end
