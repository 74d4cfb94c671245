# frozen_string_literal: true

module DeckBough
  # The declaration of one input: what it is called, its unit, what it may be, what it is when not given.
  #
  #   spread = Input.number(:spread_m, "Spread", "m", 0.1..8.0, why: "A tree needs a width to stand.")
  #   Inputs.check([spread], { "spread_m" => 0 })
  #   # InputError: "Spread is 0 m. A tree needs a width to stand. Enter 0.1 m or more."
  class Input
    attr_reader :name, :title, :kind, :unit, :range, :choices, :items, :default, :default_says, :why, :names,
                :usual, :hint

    NONE = Object.new.freeze

    class << self
      def number(name, title, unit, range, **rest)
        new(name, title, kind: :number, unit: unit, range: range, **rest)
      end

      def whole(name, title, unit, range, **rest)
        new(name, title, kind: :whole, unit: unit, range: range, **rest)
      end

      def choice(name, title, choices, **rest)
        new(name, title, kind: :choice, unit: "choice", choices: choices, **rest)
      end

      def flag(name, title, **rest)
        new(name, title, kind: :flag, unit: "yes/no", **rest)
      end

      def text(name, title, range, **rest)
        new(name, title, kind: :text, unit: "text", range: range, **rest)
      end

      # Written as "#rrggbb".
      def colour(name, title, **rest)
        new(name, title, kind: :colour, unit: "colour", **rest)
      end

      # The id of a style; whoever keeps, copies or tells settings finds these by their declaration.
      def style(name, title, **rest)
        new(name, title, kind: :text, unit: "text", range: 1..64, names: :style, **rest)
      end

      # One thing with named values of its own.
      def object(name, title, items, **rest)
        new(name, title, kind: :object, unit: "object", items: items, **rest)
      end

      # items: one Input for a list of plain values, several for a list of objects; range: how many there may be
      def list(name, title, items, range, **rest)
        new(name, title, kind: :list, unit: items.is_a?(Array) ? "list" : "list of #{items.unit}", items: items,
                         range: range, **rest)
      end
    end

    # @param names [Symbol, nil] :style when the value is the id of one
    # @param usual [Range, nil] what most hands go by, within what may be
    # @param hint [Symbol, Hash{String => Symbol}, nil] the sentence said beside the dial, or one for each choice
    def initialize(name, title, kind:, unit:, range: nil, choices: nil, items: nil, default: NONE, default_says: nil,
                   why: nil, names: nil, usual: nil, hint: nil)
      @name = name
      @title = title
      @kind = kind
      @unit = unit
      @range = range
      @choices = choices
      @items = items
      @default = default
      @default_says = default_says
      @why = why
      @names = names
      @usual = usual
      @hint = hint
      freeze
    end

    def required?
      default.equal?(NONE)
    end

    # For bin/reckon --list and the documentation.
    def to_h
      { name: name, title: title, unit: unit, required: required?, default: required? ? nil : (default_says || default),
        choices: choices, range: range && [range.begin, range.end],
        items: items && Array(items).map(&:to_h) }.compact
    end
  end

  # Checks a hash of given values against declarations; never guesses, tells every fault at once.
  module Inputs
    module_function

    # @param declared [Array<Input>]
    # @param given [Hash] with string or symbol keys
    # @return [Hash{Symbol => Object}] complete and frozen
    # @raise [InputError]
    def check(declared, given, path = [])
      faults = []
      values = collect(declared, given, path, faults)
      raise InputError, faults unless faults.empty?

      values
    end

    def collect(declared, given, path, faults)
      unless given.is_a?(Hash)
        faults << fault(:not_an_object, path)
        return {}
      end

      said = given.transform_keys(&:to_s)
      names = declared.map { |input| input.name.to_s }
      unknown(said.keys - names, path, names, faults)
      declared.to_h { |input| [input.name, value(input, said, [*path, input.name.to_s], faults)] }.freeze
    end

    # A document of named groups, each with inputs of its own; what is left out takes its default.
    #
    # @param groups [Hash{Symbol => Array<Input>}]
    # @yield [settings, faults] when every value is right by itself: what must fit together
    # @return [CheckedSettings] the document itself when it is one already
    # @raise [InputError] every fault at once, paths starting at the group
    def groups(groups, document)
      return document if document.is_a?(CheckedSettings)

      faults = []
      said = groups_of(groups, document, faults)
      settings = groups.to_h { |name, inputs| [name, collect(inputs, said[name.to_s] || {}, [name.to_s], faults)] }
      yield settings, faults if faults.empty?
      raise InputError, faults unless faults.empty?

      CheckedSettings.of(settings)
    end

    def groups_of(groups, document, faults)
      unless document.is_a?(Hash)
        faults << fault(:not_an_object, ["settings"])
        return {}
      end

      said = document.transform_keys(&:to_s)
      unknown(said.keys - groups.keys.map(&:to_s), [], groups.keys, faults)
      said
    end

    # Of many unknown names the first few are told: they are one mistake.
    MOST_UNKNOWN = 12

    def unknown(names, path, known, faults)
      names.first(MOST_UNKNOWN).each { |name| faults << fault(:unknown, [*path, name[0, 60]], known: known.join(", ")) }
    end

    def value(input, said, path, faults)
      given = said[input.name.to_s]
      return InputReading.new(input, given, path, faults).value unless given.nil?

      return input.default unless input.required?

      faults << missing(input, path)
      nil
    end

    def missing(input, path)
      wanted = case input.names || input.kind
               when :style then "one of the studio's styles"
               when :number, :whole then MeasureSpan.new(input.range.begin, input.range.end, input.unit)
               when :choice then "one of #{input.choices.join(', ')}"
               else "it"
               end
      fault(:missing, path, title: input.title, wanted: wanted)
    end

    def fault(code, path, **values)
      Fault.new(path: path, code: code.to_s, values: values)
    end
  end

  # Reads one given value by its declaration, adding a fault for whatever is wrong with it.
  class InputReading
    def initialize(input, given, path, faults)
      @input = input
      @given = given
      @path = path
      @faults = faults
    end

    def value
      case @input.kind
      when :number, :whole then number
      when :choice then choice
      when :flag then [true, false].include?(@given) ? @given : wrong(:wrong_type, wanted: "true or false")
      when :text then text
      when :colour then colour
      when :list then list
      when :object then Inputs.collect(@input.items, @given, @path, @faults)
      end
    end

    # So much of a wrong value is shown.
    SHOWN = 80

    # Nearer to nothing than this nothing is measured, and the arithmetic of a rule would run out of range.
    FINEST = 1e-9

    COLOUR = /\A#\h{6}\z/

    private

    def choice
      @input.choices.include?(@given) ? @given : wrong(:not_a_choice, choices: @input.choices.join(", "))
    end

    def number
      unless @given.is_a?(Numeric)
        return wrong(:wrong_type, wanted: @input.kind == :whole ? "a whole number" : "a number")
      end
      return wrong(:not_finite) unless @given.to_f.finite?
      return wrong(:wrong_type, wanted: "a whole number") if @input.kind == :whole && @given.to_i != @given

      return wrong(:too_fine, low: shown(@input.range.begin)) if !@given.zero? && @given.abs < FINEST

      in_range(@input.kind == :whole ? @given.to_i : @given)
    end

    def in_range(number)
      low = @input.range.begin
      high = @input.range.end
      return number if number.between?(low, high)

      bounds = { shown: shown(number), low: shown(low), high: shown(high), why: @input.why ? " #{@input.why}" : "" }
      return wrong(:negative, **bounds) if number.negative? && low >= 0

      wrong(number < low ? :too_small : :too_large, **bounds)
    end

    def shown(number)
      Measure.new(number, @input.unit)
    end

    def text
      return wrong(:wrong_type, wanted: "text") unless @given.is_a?(String)

      # A line of notes may be empty; a name that is only spaces is none.
      size = @given.strip.size
      return missing if size.zero? && @input.range.begin.positive?

      return @given if size <= @input.range.end

      wrong(@input.range.begin.zero? ? :text_long : :text_size, high: @input.range.end)
    end

    def colour
      return wrong(:wrong_type, wanted: "text") unless @given.is_a?(String)
      return @given if @given.match?(COLOUR)

      @faults << Inputs.fault(:not_a_colour, @path, given: @given[0, SHOWN])
      nil
    end

    def missing
      @faults << Inputs.missing(@input, @path)
      nil
    end

    def list
      return wrong(:wrong_type, wanted: "a list") unless @given.is_a?(Array)

      count = @given.size
      return wrong(:list_size, low: @input.range.begin, high: @input.range.end) unless @input.range.include?(count)

      @given.each_with_index.map { |item, i| list_item(item, [*@path, i]) }.freeze
    end

    def list_item(item, path)
      return Inputs.collect(@input.items, item, path, @faults) if @input.items.is_a?(Array)

      InputReading.new(@input.items, item, path, @faults).value
    end

    def wrong(code, **values)
      @faults << Inputs.fault(code, @path, title: @input.title, given: @given.inspect[0, SHOWN], **values)
      nil
    end
  end
end
