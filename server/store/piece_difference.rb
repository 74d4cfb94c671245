# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # One dial that two people turned, on both sides in words: lengths in the person's units, styles and places by
      # name.
      #
      #   PieceDifference.new(kind, "imperial", styles: names, places: places)
      #     .of(%w[measure height_m], yours: mine, theirs: theirs)
      #   # => { pointer: "/settings/measure/height_m", title: "Height", yours: "7 ft", theirs: "7 ft 6 in" }
      class PieceDifference
        NOWHERE = "none"

        # @param styles, places [Hash{String => String}] names by id
        def initialize(kind, units, styles:, places:)
          @kind = kind
          @units = units
          @styles = styles
          @places = places
        end

        # @param path [Array<String>] ["name"], ["place_id"] or group and field
        # @param yours, theirs [PieceState]
        def of(path, yours:, theirs:)
          sides = { yours: yours, theirs: theirs }
          case path
          when %w[name] then { pointer: "/name", title: "Name", **sides.transform_values(&:name) }
          when %w[place_id] then { pointer: "/place_id", title: "Place",
                                   **sides.transform_values { |side| @places.fetch(side.place_id, NOWHERE) } }
          else dial(*path.map(&:to_sym), sides)
          end
        end

        private

        def dial(group, field, sides)
          input = @kind.groups.fetch(group).find { |declared| declared.name == field }
          { pointer: "/settings/#{group}/#{field}", title: input.title,
            **sides.transform_values { |side| told(side.settings[group][field], input) } }
        end

        def told(value, input) = SettingsDifference.told(value, input, @units, @styles)
      end
    end
  end
end
