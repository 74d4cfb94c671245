# frozen_string_literal: true

module DeckBough
  # What settings of a run come to when they are taken together, and whether that can be reckoned at all.
  #
  #   RunLimits.new(settings).faults.map(&:pointer) # => ["/length/spans"]
  #
  # Bounds of the work: a run of 200 m is 4,000 samples, 400 pieces of greenery are weighed at each.
  class RunLimits
    SPAN = 0.1..12
    MOST_M = 200
    MOST_LAYERS = 400
    # What the eye weighs as one picture, and stockings share.
    MOST_SHELF_M = 50
    SHELVES = %w[mantel ledge].freeze

    # @param settings [Hash] of a measured run, each value right by itself
    def initialize(settings)
      @settings = settings
      @survey = RunSurvey.of(settings[:survey])
      @length = settings[:length]
    end

    # @return [Array<Fault>]
    def faults
      spans = [*shelf, *span]
      return spans unless spans.empty?

      long = run_length
      [*long, *(sag if long.empty?), *layers, *beyond]
    end

    private

    def fault(code, path, **values)
      Inputs.fault(code, path, **values)
    end

    def shelf
      return [] unless SHELVES.include?(@survey[:kind]) && @survey[:length_m] > MOST_SHELF_M

      [fault(:shelf_long, %w[survey length_m],
             kind: @survey[:kind], shown: Measure.new(@survey[:length_m], "m"), most: Measure.new(MOST_SHELF_M, "m"))]
    end

    # Rings are not hung in swags.
    def span
      return [] unless @length[:method] == "swags" && @survey[:kind] != "ring"

      across = @survey[RunSettings.length_field(@settings)]
      span = across.fdiv(@length[:spans])
      if span < SPAN.begin
        return [fault(:span_short, %w[length spans], span: Measure.new(span, "m"),
                                                     most: [(across / SPAN.begin).floor, 1].max)]
      end
      if chord > SPAN.end
        return [fault(:span_long, %w[length spans], span: Measure.new(span, "m"), least: (across / SPAN.end.to_f).ceil)]
      end

      []
    end

    # On a stair a swag spans what rises too.
    def chord
      up = @survey[:kind] == "rail" ? @survey[:rise_m] : 0
      Math.hypot(@survey[RunSettings.length_field(@settings)], up) / @length[:spans]
    end

    def path
      @path ||= Greenery::RunPath.of(survey: @survey, length: @length)
    end

    def run_length
      return [] if path.length <= MOST_M

      [fault(:run_long, @length[:method] == "swags" ? %w[length sag_m] : %w[survey length_m],
             shown: Measure.new(path.length, "m"), most: Measure.new(MOST_M, "m"))]
    end

    # What hangs below the floor, or below the tread one stands on, lies on it.
    def sag
      low = path.swags.map { |part| path.lowest(part) }.min
      return [] unless low&.negative?

      [fault(:sag_below_floor, %w[length sag_m], over: Measure.new(-low, "m"))]
    end

    # A stem that rises and trails lies in two layers.
    def layers
      count = @settings[:body][:bodies].size + (2 * @settings[:rise_and_trail][:stems].sum { |stems| stems[:count] })
      count > MOST_LAYERS ? [fault(:layers_many, %w[rise_and_trail stems], count: count, most: MOST_LAYERS)] : []
    end

    def beyond
      { body: :bodies, rise_and_trail: :stems }.flat_map do |group, list|
        @settings[group][list].each_with_index.filter_map do |entry, i|
          next if entry[:from_m] < path.length

          fault(:lies_beyond, [group.to_s, list.to_s, i, "from_m"], from: Measure.new(entry[:from_m], "m"),
                                                                    run: Measure.new(path.length, "m"))
        end
      end
    end
  end
end
