# frozen_string_literal: true

module DeckBough
  # A kind of piece: what it is called, which settings it keeps, how it is planned, what it gives beside its plan.
  #
  #   Kinds.of("tree").check({})[:measure][:shape] # => "classic"
  #
  # name: as stored and sent. noun: as told. declared: module with GROUPS, SCHEMA and check. measure: settings → the
  # lengths it is known by. plan: PlanBrief → plan. liked: group and field → the studio's school that a new piece takes.
  # wants: what of the room beyond its own styles a plan looks at (:elsewhere). chooses: kinds of style of the stock it
  # may choose from. gives: what can be asked of its plan beside the plan itself. upgrades: schema → what makes a
  # document of it one of the next. look: module whose `onto` puts the look of one on another. movable: whether it could
  # be elsewhere in its room. hosts: module whose `of` finds in a floor plan what it could hang or lie on (Host), nil
  # where it stands by itself. seen: whether it is seen as one thing
  # in its room.
  Kind = Struct.new(:name, :noun, :declared, :plan, :measure, :liked, :wants, :chooses, :gives, :upgrades, :look,
                    :movable, :hosts, :seen, keyword_init: true) do
    def initialize(liked: {}, wants: [], chooses: [], gives: [], upgrades: {}, movable: true, hosts: nil, seen: true,
                   **)
      super
      freeze
    end

    def schema
      declared::SCHEMA
    end

    def groups
      declared::GROUPS
    end

    # What a person sends: every fault at once, nothing guessed.
    #
    # @return [CheckedSettings]
    # @raise [InputError]
    def check(document)
      declared.check(document)
    end

    # What was kept earlier.
    #
    # @return [SettingsReading]
    def read(document, schema: self.schema)
      SettingsReading.of(self, document, schema: schema)
    end

    # A document of an earlier schema as the present one has it, its values unchecked.
    #
    # @param schema [Integer] 1 to the present one
    def upgraded(document, schema)
      (schema...self.schema).reduce(document) { |older, version| upgrades.fetch(version).call(older) }
    end

    # Every style that checked settings name.
    #
    # @return [Array<String>]
    def style_ids(settings)
      StyleReferences.of(groups, settings).map(&:last).uniq
    end

    # A new piece takes what the studio likes where it does not say.
    #
    # @param schools [Hash{Symbol => String}]
    # @return [Hash] the document; one that is none is left for the check to name
    def by_schools(document, schools)
      return document unless document.is_a?(Hash)

      liked.reduce(document.transform_keys(&:to_s)) do |said, ((group, field), school)|
        values = said[group] || {}
        if values.is_a?(Hash)
          said.merge(group => { field => schools.fetch(school) }.merge(values.transform_keys(&:to_s)))
        else
          said
        end
      end
    end

    # The greens a document names, for the other pieces of the room.
    def greens(settings)
      declared.respond_to?(:greens) ? declared.greens(settings) : []
    end
  end
end
