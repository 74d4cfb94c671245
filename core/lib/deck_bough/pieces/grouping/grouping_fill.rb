# frozen_string_literal: true

module DeckBough
  # What goes into the vessel of a grouping: balls of each size, the share that is filled, lights, and how they lie.
  #
  #   GroupingFill.new(settings[:fill], reckoning).share
  #
  # Source: handbook 70, Vessels.
  class GroupingFill
    # A ball whose size nobody said.
    COMMON_MM = 60
    # One set of fairy lights for so many litres (handbook 70, Fill).
    LITRES_A_STRING = 3
    # Glass above what it is filled with.
    RIM = 1.12

    # A size that goes in: its style, how many lie there, how many go in.
    Size = Struct.new(:style, :mm, :on_hand, :count, keyword_init: true)

    attr_reader :said, :vessel

    # @param said [Hash] the group of the settings
    # @param reckoning [GroupingReckoning] which asks
    def initialize(said, reckoning)
      @said = said
      @reckoning = reckoning
      @vessel = Vessels::Vessel.new(shape: said[:shape], across_m: said[:across_m], deep_m: said[:deep_m],
                                    filled_m: said[:filled_m], measured_litres: said[:litres])
    end

    def litres
      vessel.litres
    end

    # Outside: the glass is a little higher than what is in it.
    def height_m
      (vessel.line_m * RIM).round(6)
    end

    # @return [Array<Size>] from large to small; what nobody says the count of is as many as go in
    def sizes
      @sizes ||= balls.each_with_index.map do |(style, count), i|
        Size.new(style: style, mm: size_of(style), on_hand: there(style), count: count || mixed[:counts][i])
      end
    end

    # @return [Answer, nil] of bowl.mix over what is wanted in there, else what is on hand; nil without any balls
    def mixed
      return if balls.empty?

      @mixed ||= ask(balls.map { |style, count| { mm: size_of(style), on_hand: count || there(style) } })
    end

    # @return [Answer, nil] the same with no more than there is
    def from_stock
      return if balls.empty?

      @from_stock ||= ask(sizes.map { |size| { mm: size.mm, on_hand: [size.count, size.on_hand].min } })
    end

    # How high balls come in it when they are poured; in one that is full up to its line.
    def full_m
      vessel.line_m * [solid_litres(mixed ? mixed[:counts] : []) / (litres * POURED), 1.0].min
    end

    # How much of it is full.
    def share
      mixed ? mixed[:fill_share] : 0.0
    end

    # How many of what is wanted in there do not go in.
    def over
      mixed ? ball_count - mixed[:counts].sum : 0
    end

    # How many of those that go in by the figure find a place when they are poured in: of several sizes the figure fills
    # every gap.
    def poured_count
      return 0 unless mixed

      counts = mixed[:counts]
      solid = solid_litres(counts)
      closest = litres * Vessels::Packing::CLOSE_MIXED
      solid > closest ? (counts.sum * closest / solid).floor : counts.sum
    end

    def ball_count
      sizes.sum(&:count)
    end

    def lights?
      !said[:lights].nil?
    end

    def strings
      lights? ? (litres / LITRES_A_STRING).ceil : 0
    end

    # How they lie, none in another and none in the glass.
    #
    # @return [Array<Vessels::Packing::Ball>] number: of its size
    def lying
      @lying ||= begin
        which = drawn_counts.each_with_index.flat_map { |count, i| [i] * count }
        poured(which.map { |i| sizes[i].mm / 1000.0 }).each { |ball| ball.number = which[ball.number] }
      end
    end

    private

    # Of very many, of each size its share.
    def drawn_counts
      counts = mixed ? mixed[:counts] : []
      share = [Vessels::Packing::MOST / [counts.sum, 1].max.to_f, 1.0].min
      counts.map { |count| (count * share).ceil }
    end

    # A bowl is filled from its middle, whatever goes in.
    def poured(diameters)
      round = vessel.shape == "litres" ? "cylinder" : vessel.shape
      high = round == "bowl" ? vessel.line_m : [full_m, diameters.max || 0].max
      Vessels::Packing.new(Vessels::Vessel.new(**vessel.to_h, shape: round, filled_m: high), diameters).balls
    end
    # What is poured in takes so much of the room it stands in.
    POURED = 0.5
    private_constant :POURED

    def solid_litres(counts)
      sizes.zip(counts).sum { |size, count| count * Vessels::Voids.ball_litres(size.mm) }
    end

    def balls
      @balls ||= known.sort_by { |style, _| [-size_of(style), style.id] }
    end

    def known
      said[:balls].filter_map do |ball|
        style = @reckoning.styles[ball[:style]]
        [style, ball[:count]] if style
      end
    end

    def there(style)
      style.for_piece.floor
    end

    def size_of(style)
      style.diameter_mm || COMMON_MM
    end

    def ask(balls)
      @reckoning.ask("bowl.mix", vessel_mm: vessel.inside_m * 1000, litres: litres, balls: balls)
    end
  end
end
