# frozen_string_literal: true

module DeckBough
  # Reads settings that were kept earlier: brings them up to the present schema and takes what can be taken.
  #
  #   reading = SettingsReading.of(Kinds.of("tree"), { "measure" => { "height_m" => 400 } }, schema: 1)
  #   reading.settings[:measure][:height_m] # => nil, the default
  #   reading.faults.map(&:pointer)         # => ["/measure/height_m"]
  #
  # What is wrong takes its default and is told; a name that nobody knows any more is left out without a word. So one
  # bad value never keeps the rest from being read. What a person sends is not read like this but checked (Kind#check).
  class SettingsReading
    # Taking faults out can bring out others; so often at most.
    ROUNDS = 4

    # settings: CheckedSettings, complete; faults: Array<Fault>, empty when all could be read
    attr_reader :settings, :faults

    def initialize(settings:, faults:)
      @settings = settings
      @faults = faults
      freeze
    end

    def self.of(kind, document, schema:)
      now, newer = upgraded(kind, document, schema)
      taken(kind, known(kind.groups, now), newer)
    end

    # @return [Array(Hash, Array<Fault>)] the document as the present schema has it
    def self.upgraded(kind, document, schema)
      return [document, [Inputs.fault(:newer_schema, [], schema: schema, known: kind.schema)]] if schema > kind.schema

      [kind.upgraded(document, schema), []]
    end

    # Without groups and fields that nobody declares any more.
    def self.known(groups, document)
      return {} unless document.is_a?(Hash)

      said = document.transform_keys(&:to_s)
      groups.to_h { |group, inputs| [group.to_s, fields(inputs, said[group.to_s])] }.compact
    end

    def self.fields(inputs, values)
      return values unless values.is_a?(Hash)

      said = values.transform_keys(&:to_s)
      inputs.select { |input| said.key?(input.name.to_s) }
            .to_h { |input| [input.name.to_s, entries(input, said[input.name.to_s])] }
    end

    def self.entries(input, value)
      input.items.is_a?(Array) && value.is_a?(Array) ? value.map { |entry| fields(input.items, entry) } : value
    end

    # Faults are taken out and what is left is checked again: two values may only be wrong together.
    def self.taken(kind, document, faults)
      ROUNDS.times do
        return new(settings: kind.check(document), faults: faults)
      rescue InputError => e
        faults += e.faults
        document = compacted(e.faults.reduce(document) { |whole, fault| without(whole, fault.path) })
      end
      new(settings: kind.check({}), faults: faults)
    end

    # The document without what stands at a path; an entry of a list goes as a whole, and so does a group that cannot
    # be.
    def self.without(document, path)
      return {} unless document.is_a?(Hash)

      group, field, place, = path
      key = document.keys.find { |name| name.to_s == group } or return document
      values = document[key]
      return document.reject { |name, _| name == key } unless values.is_a?(Hash) && field

      document.merge(key => without_field(values, field, place))
    end

    def self.without_field(values, field, place)
      key = values.keys.find { |name| name.to_s == field } or return lists_of(values)
      return values.reject { |name, _| name == key } unless place.is_a?(Integer) && values[key].is_a?(Array)

      # The entry stays as an empty one until all faults are out, so that the places of the others still hold.
      values.merge(key => values[key].each_with_index.map { |entry, i| entry unless i == place })
    end

    # Something is missing beside what was said: the single values of the group go, its lists took work and stay.
    def self.lists_of(values)
      lists = values.select { |_, value| value.is_a?(Array) }
      lists == values ? {} : lists
    end

    def self.compacted(document)
      document.to_h do |group, values|
        [group, if values.is_a?(Hash)
                  values.transform_values { |value| value.is_a?(Array) ? value.compact : value }
                else
                  values
                end]
      end
    end
    private_class_method :upgraded, :known, :fields, :entries, :taken, :without, :without_field, :lists_of, :compacted
  end
end
