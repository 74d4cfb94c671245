# frozen_string_literal: true

module DeckBough
  # The same tree with some more of a style, where it looks emptiest; what is not on it yet is chosen among the others.
  #
  #   TreeClosing.new(reckoning).with(style, 9)
  class TreeClosing
    # So many empty spots are looked at for each that is wanted: what breaks hangs out of reach.
    SPARE = 3

    def initialize(reckoning)
      @reckoning = reckoning
      @settings = reckoning.settings
    end

    # @param style [Style] ornament, pick or ribbon
    # @param pieces [Integer] or tucks
    # @return [Hash, nil]
    def with(style, pieces)
      case style.kind
      when "ornament" then chosen?(:ornaments, style) ? mended("add", pieces, style) : choose(:ornaments, style)
      when "pick" then only?(:picks, style) ? mended("pick", pieces) : choose(:picks, style)
      when "ribbon" then ribbon(style, pieces)
      end
    end

    private

    # Tucks are of the ribbon that fills; with no ribbon on the tree none is begun.
    def ribbon(style, pieces)
      return if @settings[:ribbon][:method] == "none"

      @reckoning.filling_ribbon&.id == style.id ? mended("tuck", pieces) : choose(:ribbon, style)
    end

    def chosen?(group, style)
      @settings[group][:styles].include?(style.id)
    end

    def only?(group, style)
      @settings[group][:styles] == [style.id]
    end

    def choose(group, style)
      styles = @settings[group][:styles]
      return if styles.include?(style.id)

      @settings.to_h.merge(group => @settings[group].merge(styles: [*styles, style.id]))
    end

    def mended(kind, pieces, style = nil)
      mends = @settings[:step_back][:mends]
      return if mends.size + pieces > TreeSettings::MOST_MENDS

      spots = spots(pieces, style)
      return if spots.size < pieces

      more = spots.map do |height, angle|
        { kind: kind, style: style&.id, number: nil, height_m: height.round(3), angle_deg: angle.round(1) }
      end
      @settings.to_h.merge(step_back: @settings[:step_back].merge(mends: [*mends, *more]))
    end

    def spots(pieces, style)
      open = @reckoning.hanging.emptiest(style&.breakable ? pieces * SPARE : pieces)
      open = open.select { |height, _| height >= lowest } if style&.breakable
      open.first(pieces)
    end

    # What breaks hangs above what children and animals reach.
    def lowest
      (@reckoning.surroundings.reach_m(@reckoning.house) || 0) - @reckoning.measure[:riser_m]
    end
  end
end
