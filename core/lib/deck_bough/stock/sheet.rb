# frozen_string_literal: true

require_relative "../pieces/shared/style"
require_relative "particulars"

module DeckBough
  module Stock
    # The stockroom as a table: a row a thing, a column a field, lengths and masses in the units of the studio.
    #
    #   Stock::Sheet.columns("metric").find { |column| column.field == :diameter_mm }.title # => "Size, mm"
    #   Stock::Sheet.guess("Size, in") # => "diameter_mm"
    module Sheet
      # input is nil for what is neither measured nor known of a thing but where and whose it is.
      Column = Struct.new(:field, :title, :unit, :input, keyword_init: true)

      # How a number in a unit is written where feet and pounds are read: by what it is divided, and what it is called.
      IMPERIAL = { "m" => [Length::FOOT, "ft"], "mm" => [25.4, "in"], "g" => [28.349523125, "oz"],
                   "kg" => [0.45359237, "lb"], "litres" => [28.316846592, "cu ft"] }.freeze
      # Of ribbon these are metres.
      BY_LENGTH = %i[on_hand pack_size].freeze
      OWN = { box: "Box", owner: "Owner" }.freeze
      SEPARATOR = "; "
      # As exact as a table keeps it.
      PLACES = 9

      module_function

      # @param units ["metric", "imperial"]
      # @return [Array<Column>] in the order they are written
      def columns(units)
        inputs = [*Style::INPUTS.sort_by { |input| %i[kind name].include?(input.name) ? 0 : 1 }, *Particulars::INPUTS]
        inputs.map { |input| column(input, units) } + OWN.map { |field, title| Column.new(field: field, title: title) }
      end

      # Which field a heading means.
      #
      # @return [String, nil]
      def guess(heading)
        said = plain(heading)
        FIELDS.find { |titles, _| titles.include?(said) }&.last
      end

      # @param cell [Object] text, number, flag or nothing
      # @param heading [String] says in which unit a number is, where it does
      # @param ribbon [Boolean] whether the thing is kept by the length
      # @return [Object] what the core's declarations check; what cannot be read stays as it was typed
      def read(field, cell, heading:, units:, ribbon: false)
        input = INPUTS.fetch(field, nil)
        text = cell.is_a?(String) ? cell.strip : cell
        return nil if text.nil? || text == ""
        return text.to_s if input.nil? || %i[text choice].include?(input.kind)

        case input.kind
        when :flag then flag(text)
        when :list then text.to_s.split(SEPARATOR.strip).map(&:strip).reject(&:empty?)
        else number(input, text, unit_in(heading, units) == "imperial" ? imperial(input, ribbon) : 1)
        end
      end

      # @param value [Object] of the field
      # @return [Object] text or number as a table holds it
      def write(field, value, units:, ribbon: false)
        input = INPUTS.fetch(field, nil)
        return value if input.nil? || value.nil?
        return value ? "yes" : "no" if input.kind == :flag
        return value.join(SEPARATOR) if input.kind == :list
        return value / 100.0 if field == :price_cents
        return value unless value.is_a?(Numeric)

        exact(value / (units == "imperial" ? imperial(input, ribbon) : 1.0))
      end

      def column(input, units)
        Column.new(field: input.name, input: input, unit: input.unit, title: title(input, units))
      end

      def title(input, units)
        return "#{input.title} (ribbon in #{units == 'imperial' ? 'ft' : 'm'})" if BY_LENGTH.include?(input.name)

        unit = units == "imperial" ? IMPERIAL.fetch(input.unit, [1, input.unit]).last : input.unit
        IMPERIAL.key?(input.unit) ? "#{input.title}, #{unit}" : input.title
      end

      def plain(heading)
        heading.to_s.downcase.gsub(/[^a-z0-9]+/, " ").strip
      end

      def unit_in(heading, units)
        return "imperial" if heading.to_s.match?(/\b(ft|in|oz|lb|cu ft)\)?\s*\z/i)

        heading.to_s.match?(/\b(m|mm|g|kg|litres)\)?\s*\z/i) ? "metric" : units
      end

      def imperial(input, ribbon)
        return Length::FOOT if ribbon && BY_LENGTH.include?(input.name)

        IMPERIAL.fetch(input.unit, [1]).first
      end

      def flag(text)
        return text if [true, false].include?(text)

        { "yes" => true, "y" => true, "true" => true, "1" => true, "x" => true, "no" => false, "n" => false,
          "false" => false, "0" => false }.fetch(text.to_s.downcase, text)
      end

      def number(input, text, factor)
        said = text.is_a?(Numeric) ? text : parsed(text.to_s)
        return text unless said
        return (said * 100).round if input.name == :price_cents

        exact(said * factor)
      end

      def parsed(text)
        plain = text.tr(",", ".").delete("  ")
        Float(plain, exception: false) if plain.match?(/\A[+-]?\d{1,12}(\.\d{1,12})?\z/)
      end

      def exact(number)
        rounded = number.round(PLACES)
        rounded == rounded.to_i ? rounded.to_i : rounded
      end
      private_class_method :column, :title, :plain, :unit_in, :imperial, :flag, :number, :parsed, :exact

      INPUTS = [*Style::INPUTS, *Particulars::INPUTS].to_h { |input| [input.name, input] }.freeze
      # Headings by which a field is known, in both systems and by its own name.
      FIELDS = %w[metric imperial].flat_map { |units| columns(units) }.group_by(&:field).map do |field, columns|
        [[*columns.map(&:title), field.to_s, INPUTS[field]&.title].compact.map do |title|
          plain(title)
        end.uniq, field.to_s]
      end.freeze
    end
  end
end
