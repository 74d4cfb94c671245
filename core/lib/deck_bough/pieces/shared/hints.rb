# frozen_string_literal: true

module DeckBough
  # What is said beside a dial: what is usual there, or what the studio's own house rules want of it.
  #
  #   Hints.of({ "ribbon" => TreeSettings::GROUPS[:ribbon] }, HouseRules.default, "metric")["ribbon/streams"]
  #   # => "35° to 45° apart reads even"
  #
  # Where a hint depends on the choice that stands, its key ends in the choice: "mantel/school/mirrored".
  class Hints
    # @param groups [Hash{String => Array<Input>}]
    # @param units ["metric", "imperial"]
    # @return [Hash{String => String}] sentence by group and field
    def self.of(groups, house, units)
      new(house, units).call(groups)
    end

    # Of every kind and of a survey, by kind, group and field.
    def self.all(house, units)
      kinds = Kinds::ALL.flat_map { |name, kind| kind.groups.map { |group, inputs| ["#{name}/#{group}", inputs] } }
      of({ **kinds.to_h, "survey/room" => Survey::ROOM, "survey/place" => Survey::PLACE }, house, units)
    end

    def initialize(house, units)
      @house = house
      @units = units
    end

    def call(groups)
      groups.flat_map { |group, inputs| inputs.flat_map { |input| said(input, "#{group}/#{input.name}") } }.to_h
    end

    private

    def said(input, key)
      return [] unless input.hint
      return [[key, sentence(input.hint, input)]] unless input.hint.is_a?(Hash)

      input.hint.map { |choice, hint| ["#{key}/#{choice}", sentence(hint, input)] }
    end

    def sentence(hint, input)
      names = Messages::TEXTS.fetch("hints").fetch(hint.to_s).scan(/%\{([\w.]+)\}/).flatten
      Messages.sentence("hints", hint, names.to_h { |name| [name.to_sym, value(name, input)] })
    end

    def value(name, input)
      case name
      when "usual_low" then print(rounded(input.usual.begin, input.unit), input.unit)
      when "usual_high" then print(rounded(input.usual.end, input.unit), input.unit)
      else print(@house[name], HouseRules::CONSTANTS.fetch(name).unit)
      end
    end

    # What is usual is told in whole inches to those who measure in them.
    def rounded(value, unit)
      unit == "m" && @units == "imperial" ? (value / Length::INCH).round * Length::INCH : value
    end

    def print(value, unit)
      case unit
      when "m" then Length.print(value, @units)
      when "degrees" then "#{Figure.print(value)}°"
      when "× spacing" then Figure.print(value)
      when "share", /\A×/ then "#{(value * 100).round} %"
      else "#{Figure.print(value)} #{unit}"
      end
    end
  end
end
