# frozen_string_literal: true

module DeckBough
  # Where a document of settings names styles, found by its declaration and never by the names of its fields.
  #
  #   StyleReferences.of(TreeSettings::GROUPS, settings) # => [[["crown", "style"], "plum"], …]
  module StyleReferences
    module_function

    # @param groups [Hash{Symbol => Array<Input>}] the declaration
    # @return [Array<Array(Array, String)>] path and id of every reference
    def of(groups, settings)
      groups.flat_map { |group, inputs| in_fields(inputs, settings[group], [group.to_s]) }
    end

    # The same document with other names in the place of ids; one that nobody knows stays. Keys may be text or symbols
    # and the document may be a part of one.
    #
    # @param names [Hash{String => String}]
    def replace(groups, document, names)
      document.to_h { |group, values| [group, replaced(groups[group.to_sym], values, names)] }
    end

    # The same settings with some styles left out wherever one of several may be: what is said of nothing else stays.
    #
    # @param ids [Array<String>]
    def without(groups, settings, ids)
      settings.to_h do |group, values|
        [group, left(groups[group.to_sym], values, ids)]
      end
    end

    def in_fields(inputs, values, path)
      inputs.flat_map { |input| in_value(input, values[input.name], [*path, input.name.to_s]) }
    end

    def in_value(input, value, path)
      return [] if value.nil?
      return [[path, value]] if input.names == :style
      return [] unless input.kind == :list

      value.each_with_index.flat_map do |item, i|
        input.items.is_a?(Array) ? in_fields(input.items, item, [*path, i]) : in_value(input.items, item, [*path, i])
      end
    end

    def replaced(inputs, values, names)
      return values unless inputs && values.is_a?(Hash)

      values.to_h do |name, value|
        input = inputs.find { |declared| declared.name == name.to_sym }
        [name, input ? renamed(input, value, names) : value]
      end
    end

    def renamed(input, value, names)
      return names.fetch(value, value) if input.names == :style
      return value unless input.kind == :list && value.is_a?(Array)

      value.map do |item|
        input.items.is_a?(Array) ? replaced(input.items, item, names) : renamed(input.items, item, names)
      end
    end

    def left(inputs, values, ids)
      return values unless inputs && values.is_a?(Hash)

      values.to_h do |name, value|
        input = inputs.find { |declared| declared.name == name.to_sym }
        [name, input&.kind == :list && value.is_a?(Array) ? kept(input, value, ids) : value]
      end
    end

    def kept(input, items, ids)
      several = input.items.is_a?(Array)
      items.reject do |item|
        named = several ? in_fields(input.items, item, []) : in_value(input.items, item, [])
        named.map(&:last).intersect?(ids)
      end
    end
    private_class_method :in_fields, :in_value, :replaced, :renamed, :left, :kept
  end
end
