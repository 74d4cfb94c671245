# frozen_string_literal: true

module DeckBough
  # A table of a piece as it is printed and carried along: what stands, lies or hangs where.
  #
  #   PaperTable.of("Every line", [{ number: 1, drop_m: 0.4 }], number: "no.", drop_m: "comes down").rows
  #   # => [[1, 0.4]]
  #
  # Columns are told by the key of what is in them: what ends in _m is metres, in _kg or kg kilograms; words and numbers
  # as they are.
  PaperTable = Struct.new(:title, :columns, :rows, keyword_init: true) do
    # @param entries [Array<Hash>] of a drawing
    # @param columns [Hash{Symbol => String}] heading by key, in order
    def self.of(title, entries, **columns)
      new(title: title, columns: columns.map { |key, says| { says: says, unit: unit_of(key) } },
          rows: entries.map { |entry| entry.values_at(*columns.keys) })
    end

    def self.unit_of(key)
      return "m" if key.end_with?("_m")

      key.end_with?("kg") ? "kg" : nil
    end
    private_class_method :unit_of

    def initialize(**)
      super
      freeze
    end
  end
end
