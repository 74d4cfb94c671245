# frozen_string_literal: true

module DeckBough
  # Sockets, load and cord of a tree's lights, as far as the labels of its strings say.
  #
  #   reckoning.power.answer&.outputs # => { watts: 33.6, amps: 0.15, …, load: "ok" }, nil without a label
  #
  # An unknown label is asked for; nothing is guessed but what the handbook allows (20 Power), and that is said.
  class LightPower
    # Lengths cords are sold in, m.
    CORDS = [1.5, 2, 3, 5, 10, 15, 20, 25, 40, 50].freeze

    def initialize(reckoning)
      @reckoning = reckoning
      @said = reckoning.settings[:lights]
    end

    def watts
      @reckoning.string_style&.watts || @said[:watts]
    end

    # @return [Integer] how many may be joined; without a label 3 with a filament, else each in its own socket
    def max_run
      label_run || (@said[:filament] ? @reckoning.house["lights.assumed_run"] : 1)
    end

    # @return [Answer, nil] of lights.power
    def answer
      return nil unless watts && strings.positive?

      @answer ||= @reckoning.ask("lights.power", strings: [{ watts: watts, count: strings, max_run: max_run.to_i }],
                                                 volts: @said[:volts] || @reckoning.region.mains_volts,
                                                 circuit_amps: @said[:circuit_amps] || @reckoning.region.circuit_amps,
                                                 other_watts: @said[:other_watts])
    end

    # @return [Float, nil] the cord to take, m; nil when the way is not measured or longer than any cord
    def cord_m
      way = @said[:socket_way_m] or return nil
      CORDS.find { |length| length >= way * (1 + @reckoning.house["lights.cord_slack"]) }
    end

    # @return [Array<Finding>]
    def findings
      return [] if strings.zero?

      [(of(:watts_unknown) unless watts), *answer&.findings, *run_findings, *cord_findings].compact
    end

    private

    def strings
      @reckoning.lights[:strings] + (@said[:prelit_strings] - @said[:prelit_dead])
    end

    def label_run
      @reckoning.string_style&.max_run || @said[:max_run]
    end

    def run_findings
      return [] if label_run

      [@said[:filament] ? of(:run_assumed, count: max_run.to_i) : of(:run_unknown)]
    end

    def cord_findings
      @said[:socket_way_m] && cord_m.nil? ? [of(:cord_too_short, way_m: @said[:socket_way_m])] : []
    end

    def of(code, **values)
      Finding.of(code, units: @reckoning.units, **values)
    end
  end
end
