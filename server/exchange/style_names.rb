# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # Puts other names in the place of style ids in a document of a piece's settings; a name nobody knows stays.
      #
      #   StyleNames.replace({ "crown" => { "style" => "a" } }, { "a" => "style-1" }) # => { "crown" => { "style" => "style-1" } }
      module StyleNames
        # The fields that name a style, and the one that lists several.
        ONE = %w[style globe_style garland_style also].freeze
        SEVERAL = "styles"

        module_function

        def replace(settings, names)
          renamed(settings, names)
        end

        def renamed(value, names)
          case value
          when Hash then value.to_h { |name, part| [name, field(name.to_s, part, names)] }
          when Array then value.map { |part| renamed(part, names) }
          else value
          end
        end

        def field(name, value, names)
          return names.fetch(value, value) if ONE.include?(name)
          return value.map { |style| names.fetch(style, style) } if name == SEVERAL && value.is_a?(Array)

          renamed(value, names)
        end
        private_class_method :renamed, :field
      end
    end
  end
end
