# frozen_string_literal: true

module DeckBough
  # A first group from what is free for this site, from the back to the front: one thing for each place, what brings
  # something that is not there yet before what does not, nothing that would not go under what hangs above. And what
  # of left-over ornaments goes into its vessel.
  #
  #   GroupingStart.new(reckoning, stock: styles).call[:standing]
  #
  # Source: handbook 70, Building a group and Vessels.
  class GroupingStart
    # Three make the line: odd, and of three heights.
    PLACES = %w[ground back tallest middle low softener].freeze
    # A fill is of three sizes, and of several of each.
    SIZES = 3
    LEAST = 2
    # Of a vessel's width a ball takes up to so much.
    LARGEST = 0.5

    # @param reckoning [GroupingReckoning] measured
    # @param stock [Array<Style>] what there is, with what is free of each
    def initialize(reckoning, stock:)
      @reckoning = reckoning
      @free = stock.select { |style| style.for_piece >= 1 }
    end

    # @return [Hash] standing and balls as settings take them, risers for what stands already; wishes: what was not
    #   there, each in a sentence
    def call
      { risers: risers, standing: chosen.map { |style, form| { form: form.name, style: style.id } }, balls: balls,
        wishes: wishes }
    end

    private

    def risers
      GroupingRisers.new(@reckoning, stock: @free).call
    end

    def chosen
      @chosen ||= PLACES.each_with_object([]) do |slot, group|
        found = candidates(slot).reject { |style, _| group.any? { |other, _| other == style } }
                                .min_by { |style, form| rank(style, form, group) }
        group << found if found
      end
    end

    # Risers lift things; they are none of the group.
    def candidates(slot)
      @free.filter_map do |style|
        form = Groupings::Form::ALL[style.shape]
        [style, form] if style.kind == "decor" && form && form.slot == slot && style.riser_height_m.nil? && fits?(form)
      end
    end

    def fits?(form)
      surface = @reckoning.surface
      clear = surface.clear_over(@reckoning.site_from_m, @reckoning.site_to_m)
      form.across_m <= @reckoning.site_width_m + 1e-9 && form.deep_m <= surface.depth_m &&
        (clear.nil? || form.height_m + GroupingReckoning::UNDER <= clear)
    end

    # A tray before a cloth; then what the group has not yet, what stands out from the wall, what there is most of.
    def rank(style, form, group)
      there = group.map { |_, other| other.finish }
      brings = GroupingCautions::BRINGS.include?(form.finish) && !there.include?(form.finish)
      [form.name == "cloth" ? 1 : 0, brings ? 0 : 1, plain?(style) ? 0 : 1, -style.for_piece, style.name]
    end

    def plain?(style)
      apart = Lightness.of(style.colour) - Lightness.of(@reckoning.surface.wall_colour)
      apart.abs >= GroupingReckoning::CONTRAST
    end

    # Of each size those of which most is left, the large ones first.
    def balls
      most = @reckoning.settings[:fill][:across_m] * 1000 * LARGEST
      sizes = @free.select { |style| goes_in?(style, most) }.group_by(&:diameter_mm)
      best = sizes.values.map { |those| those.min_by { |style| [-style.for_piece, style.name] } }
      best.max_by(SIZES) { |style| [style.for_piece, style.diameter_mm] }.sort_by { |style| -style.diameter_mm }
          .map { |style| { style: style.id, count: nil } }
    end

    # A keepsake hangs where its owner sees it.
    def goes_in?(style, most)
      style.kind == "ornament" && style.diameter_mm && style.diameter_mm <= most && !style.keepsake &&
        style.for_piece >= LEAST
    end

    def wishes
      missing = PLACES - chosen.map { |_, form| form.slot }
      return [] if missing.empty?
      return [of(:group_start_nothing)] if missing == PLACES

      [of(:group_start_none, places: missing.map { |slot| Messages.sentence("slots", slot, {}) }.join(", "))]
    end

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values).message
    end
  end
end
