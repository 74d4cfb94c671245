# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What a change of a piece may touch, as it was read or sent: name, place and checked settings. Two changes made
      # on the same state are put together dial by dial.
      #
      #   merged, both = PieceState.merged(kind, base: base, theirs: theirs, mine: mine)
      #   both # => [["lights", "school"]]: dials that both turned to different ends
      #
      # Lists are one dial: who changes two entries of one list changes the same thing.
      PieceState = Struct.new(:name, :place_id, :settings, keyword_init: true) do
        def initialize(**)
          super
          freeze
        end

        # @param document [Hash] "name", "place_id", "settings" as kept
        def self.kept(kind, document, schema:)
          new(name: document["name"], place_id: document["place_id"],
              settings: kind.read(document["settings"], schema: schema).settings)
        end

        # @param winner [:theirs, :mine] whose dial stands where both turned the same
        # @return [Array(PieceState, Array<Array(String)>)] the state, and the paths of what both turned to different
        #   ends
        def self.merged(kind, base:, theirs:, mine:, winner: :theirs)
          both = []
          sides = [base, theirs, mine]
          settings = kind.groups.to_h do |group, inputs|
            [group, inputs.map(&:name).to_h do |name|
              [name, pick(sides.map { |state| state.settings[group][name] }, winner, both, [group, name])]
            end]
          end
          name, place_id = %i[name place_id].map { |field| pick(sides.map(&field), winner, both, [field]) }
          [new(name: name, place_id: place_id, settings: settings), both]
        end

        def self.pick((base, theirs, mine), winner, both, path)
          return mine if theirs == base || theirs == mine
          return theirs if mine == base

          both << path.map(&:to_s)
          winner == :mine ? mine : theirs
        end
        private_class_method :pick

        # As rows keep it.
        def to_document(schema)
          { "name" => name, "place_id" => place_id, "settings" => settings, "settings_schema" => schema }
        end
      end
    end
  end
end
