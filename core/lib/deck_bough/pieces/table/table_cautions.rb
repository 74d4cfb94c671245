# frozen_string_literal: true

module DeckBough
  # Cautions of a table: room for those who sit, layers that show, a middle one sees over, flames.
  class TableCautions
    # Beside a busy wall so many things along the middle are enough.
    QUIET = 5
    # A runner and mats this far apart are plainly two colours (handbook 80, Look).
    APART = 20

    def initialize(reckoning)
      @reckoning = reckoning
      @house = reckoning.house
    end

    # @return [Array<Hash>] step, code, severity, message; worst first, steps in the order of work
    def call
      Cautions.of("table" => [crowded, narrow], "runner" => runner, "setting" => [*alike, patterned, mats, thick],
                  "centre" => [hidden, shallow, *footing, aside, busy, *Groupings::Candles.new(@reckoning).told, remote,
                               allergy, *@reckoning.pots.told], "step_back" => [])
    end

    private

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end

    def crowded
      places = @reckoning.places[:places]
      of(:table_crowded, guests: @reckoning.guests, places: places) if @reckoning.guests > places
    end

    # An end is laid that is too narrow for a plate.
    def narrow
      least = @house["table.end_place"]
      return unless @reckoning.board.laid_ends(@reckoning.guests).positive? && @reckoning.width_m < least

      of(:table_end_narrow, wide_m: @reckoning.width_m, least_m: least)
    end

    # What the rule has to say of how far it hangs over; a round table's greens hang over nothing.
    def runner
      return [] unless @reckoning.runner? && !(@reckoning.greens? && @reckoning.round?)

      @reckoning.runner.findings
    end

    def alike
      least = @house["table.tonal_step"]
      plates = @reckoning.layers
      plates.each_cons(2).filter_map do |under, over|
        apart = (Lightness.of(under.colour) - Lightness.of(over.colour)).abs
        next if apart >= least

        of(:layers_alike, over: layer(over), under: layer(under), apart: apart.round, least: least.round)
      end
    end

    def patterned
      count = @reckoning.layers.count(&:patterned)
      of(:layers_patterned, count: count) if count > 1
    end

    def mats
      mat = @reckoning.layers.find { |one| one.layer == "mat" }
      return unless mat && @reckoning.settings[:runner][:kind] == "cloth"

      apart = ColourDifference.of(mat.colour, @reckoning.runner_colour)
      of(:mats_disagree, apart: apart.round) if apart > APART
    end

    def thick
      setting = @reckoning.settings[:setting]
      of(:napkins_thick) if setting[:bow] && setting[:thick]
    end

    def hidden
      those = @reckoning.staying.select { |thing| @reckoning.blocks?(thing) }
      return if those.empty?

      high = those.max_by(&:top_m)
      of(:table_hides, name: first(high), high_m: high.top_m, least_m: @house["table.centre_high"])
    end

    def shallow
      depth = @reckoning.least_room.depth_m
      wanted = @reckoning.depth_wanted
      of(:place_shallow, depth_m: depth, wanted_m: wanted) if depth < wanted - 1e-9
    end

    def footing
      Groupings::Footing.new(@reckoning, length_m: @reckoning.length_m, depth_m: @reckoning.width_m,
                                         round: @reckoning.round?).told
    end

    def aside
      tallest = @reckoning.tallest
      of(:centre_aside, name: first(tallest)) if tallest && !@reckoning.middle_third?(tallest)
    end

    def busy
      return unless @reckoning.settings[:table][:busy]

      of(:table_busy) if @reckoning.things.size > QUIET || @reckoning.layers.any?(&:patterned)
    end

    def remote
      count = @reckoning.things.count { |thing| thing.form.name == "candle" && !thing.flame }
      of(:candles_remote, count: count) if count > 1
    end

    def allergy
      return unless @reckoning.surroundings.conifer_allergy
      return unless @reckoning.greens? || @reckoning.things.any? { |thing| thing.finish == "green" }

      of(:table_allergy)
    end

    def layer(lying)
      Messages.sentence("layers", lying.layer, {})
    end

    # At the beginning of a sentence.
    def first(thing)
      @reckoning.named(thing).sub(/\A./, &:upcase)
    end
  end
end
