# frozen_string_literal: true

module DeckBough
  # Everything computed for a drink corner: where each jar stands, how long what is in it lasts, how often it is filled
  # again, ribbon round each.
  #
  # Nothing is computed twice. Metres from the left end, days from the day it is built.
  class DrinksReckoning
    include Asking

    # Which setting to mend when the rule refuses what the settings come to.
    POINTERS = { "ribbon.bow" => %w[dress loop_m] }.freeze
    BOW = { loops: 2, tails: 2 }.freeze
    # A hand gets between two jars.
    HAND_M = 0.02
    GLASS = "#cddadb"

    # One jar: lasts is in days, nil where nothing of it is used; short is what lacks until the last day.
    Jar = Struct.new(:number, :name, :said, :style, :left_m, :on_show, :lasts, :refills, :short, keyword_init: true)

    attr_reader :settings, :surroundings, :house, :units, :styles

    # @param settings [CheckedSettings] of DrinksSettings, measured
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

    def days
      settings[:jars][:days]
    end

    def empty?
      said.empty?
    end

    # @return [Array<Jar>] from the left
    def jars
      @jars ||= said.zip(middles).each_with_index.map { |(one, at), i| jar(one, at, i) }
    end

    # What is between two jars, and at both ends; below nothing where they do not fit.
    def gap_m
      (place[:length_m] - said.sum { |one| one[:across_m] }) / (said.size + 1.0)
    end

    # What is put away so that there is room; a row nobody has written into yet is none.
    def lifted
      place[:lifted].reject { |one| one[:what].strip.empty? }
    end

    # The day on which the first of them is empty; nil where all last.
    def first_out
      jars.filter_map(&:lasts).min
    end

    def bows?
      settings[:dress][:bow] && !empty?
    end

    # @return [Answer] of ribbon.bow
    def bow
      @bow ||= ask("ribbon.bow", **BOW, **settings[:dress].slice(:loop_m, :tail_m))
    end

    # Once round each jar, and a bow.
    def ribbon_m
      return 0.0 unless bows?

      said.sum { |one| (Math::PI * one[:across_m]) + bow[:length_m] }.round(6)
    end

    # @return [Array<String>] from the first jar to the last, each once
    def allergens
      said.flat_map { |one| one[:allergens] }.uniq
    end

    # How a jar is told.
    def named(said, number)
      name = said[:what].strip
      name.empty? ? "jar #{number}" : name
    end

    private

    def said
      settings[:jars][:jars]
    end

    def middles
      left = 0.0
      said.map do |one|
        left += gap_m + one[:across_m]
        left - (one[:across_m] / 2.0)
      end
    end

    def jar(one, at, number)
      now = one[:on_show] || one[:holds]
      all = now + one[:in_store]
      used = [one[:a_day] * days, all].min
      Jar.new(number: number + 1, name: named(one, number + 1), said: one, style: styles[one[:style]], left_m: at,
              on_show: now, lasts: one[:a_day].positive? ? all / one[:a_day].to_f : nil,
              refills: ([used - now, 0].max / one[:holds].to_f).ceil, short: [(one[:a_day] * days) - all, 0].max)
    end
  end
end
