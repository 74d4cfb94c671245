# frozen_string_literal: true

module DeckBough
  # Everything computed for what is swapped in a room: how inserts fill their covers, what lies together on a seat, how
  # far one mat shows round the other, how paper lies in a frame, which scents meet.
  #
  # Nothing is computed twice. Metres.
  class SwapsReckoning
    include Asking

    POINTERS = {}.freeze
    # Wide and high, where nobody measured it.
    USUAL = { "cushion" => [0.50, 0.50], "throw" => [1.30, 1.70], "heated_throw" => [1.30, 1.80],
              "towel" => [0.50, 0.90], "mat" => [0.75, 0.45] }.freeze
    COLOUR = "#c9bfae"
    PAPER = "#f1ede3"
    # A set that may be two and two.
    FOUR = 4
    # One colour family (handbook 80, Look).
    FAMILY = 20

    # Something that comes in: by_m is how much larger its insert is than the cover, nil where it has none.
    Swap = Struct.new(:number, :said, :style, :across_m, :high_m, :insert_m, :by_m, :colour, keyword_init: true) do
      def cushion? = said[:what] == "cushion"
      def count = said[:count]
      def seat = said[:seat].strip
    end
    # All cushions of a seat, by colour families.
    Seat = Struct.new(:name, :swaps, :families, keyword_init: true) do
      def count = swaps.sum(&:count)
    end
    # A picture: spare_* is how much larger its paper is than the opening, below nothing where it does not fill it.
    Frame = Struct.new(:number, :said, :spare_wide_m, :spare_high_m, keyword_init: true) do
      def fills? = [spare_wide_m, spare_high_m].min >= -1e-9
    end
    # What is smelt in one place.
    Zone = Struct.new(:name, :scents, keyword_init: true) do
      def scented = scents.count { |scent| scent[:scented] }
    end

    attr_reader :settings, :surroundings, :house, :units, :styles

    # @param settings [CheckedSettings] of SwapsSettings
    # @param styles [Hash{String => Style}] by id
    def initialize(settings:, surroundings:, styles:, house:, units:)
      @settings = settings
      @surroundings = surroundings
      @styles = styles
      @house = house
      @units = units
    end

    # @return [Array<Swap>] in the order they were said
    def swaps
      @swaps ||= settings[:soft][:swaps].each_with_index.map { |said, i| swap(said, i + 1) }
    end

    def cushions
      swaps.select(&:cushion?)
    end

    # @return [Array<Seat>] those with cushions, in the order they are met
    def seats
      @seats ||= cushions.group_by { |swap| swap.seat.downcase }.values.map do |those|
        Seat.new(name: those.first.seat.empty? ? "somewhere" : those.first.seat, swaps: those,
                 families: families(those))
      end
    end

    # Inserts that are not there yet, by how wide they are.
    #
    # @return [Hash{Float => Integer}]
    def inserts
      @inserts ||= cushions.reject { |swap| swap.said[:insert_there] }.group_by(&:insert_m)
                           .transform_values { |those| those.sum(&:count) }
    end

    # How far the lower mat shows round the upper on each side.
    #
    # @return [Hash, nil] long_m, wide_m; nil where not all four of their sides are measured
    def mats
      soft = settings[:soft]
      return if mat_sides.any?(&:nil?)

      { long_m: ((soft[:lower_long_m] - soft[:upper_long_m]) / 2.0).round(6),
        wide_m: ((soft[:lower_wide_m] - soft[:upper_wide_m]) / 2.0).round(6) }
    end

    # Only some of the four sides are measured.
    def mats_half?
      mat_sides.any?(&:nil?) && !mat_sides.all?(&:nil?)
    end

    # @return [Array<Frame>]
    def frames
      @frames ||= settings[:art][:frames].each_with_index.map do |said, i|
        Frame.new(number: i + 1, said: said, spare_wide_m: (said[:paper_wide_m] - said[:wide_m]).round(6),
                  spare_high_m: (said[:paper_high_m] - said[:high_m]).round(6))
      end
    end

    # @return [Array<Zone>] in the order they are met
    def zones
      @zones ||= settings[:scent][:scents].group_by { |scent| scent[:zone].strip.downcase }.values.map do |those|
        name = those.first[:zone].strip
        Zone.new(name: name.empty? ? "the room" : name, scents: those)
      end
    end

    def empty?
      swaps.empty? && frames.empty? && zones.empty?
    end

    # What goes out and has to lie somewhere.
    #
    # @return [Array<Hash>] out, stored
    def going_out
      all = settings[:soft][:swaps] + settings[:art][:frames]
      all.map { |said| said.slice(:out, :stored).transform_values(&:strip) }.reject { |one| one[:out].empty? }
    end

    # How a thing is told.
    def named(swap)
      swap.style&.name || Messages.sentence("soft_things", swap.said[:what], {})
    end

    def framed(frame)
      name = frame.said[:name].strip
      name.empty? ? "picture #{frame.number}" : name
    end

    private

    def mat_sides
      settings[:soft].values_at(*SwapsSettings::MATS)
    end

    def swap(said, number)
      wide, high = USUAL.fetch(said[:what])
      across = said[:across_m] || wide
      high = said[:high_m] || (said[:what] == "cushion" ? across : high)
      insert = said[:what] == "cushion" ? (said[:insert_m] || across) : nil
      style = styles[said[:style]]
      Swap.new(number: number, said: said, style: style, across_m: across, high_m: high, insert_m: insert,
               by_m: insert && (insert - across).round(6), colour: said[:colour] || style&.colour || COLOUR)
    end

    # How many there are of each colour family.
    def families(those)
      those.each_with_object([]) do |swap, found|
        family = found.find { |one| ColourDifference.of(one.first.colour, swap.colour) <= FAMILY }
        family ? family << swap : found << [swap]
      end
    end
  end
end
