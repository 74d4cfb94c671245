# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # Puts other names in the place of style ids in a document of tree settings; a name nobody knows stays.
      #
      #   StyleNames.replace({ "crown" => { "style" => "a" } }, { "a" => "style-1" }) # => { "crown" => { "style" => "style-1" } }
      module StyleNames
        module_function

        def replace(settings, names)
          settings.to_h do |group, values|
            next [group, values] unless values.is_a?(Hash)

            [group, values.to_h { |name, value| [name, renamed(name.to_s, value, names)] }]
          end
        end

        LISTS = %w[mends missing].freeze
        NAMES = %w[style globe_style].freeze

        def renamed(name, value, names)
          return names.fetch(value, value) if NAMES.include?(name)
          return value unless value.is_a?(Array)
          return value.map { |style| names.fetch(style, style) } if name == "styles"

          LISTS.include?(name) ? value.map { |entry| entry_renamed(entry, names) } : value
        end

        def entry_renamed(entry, names)
          if entry.is_a?(Hash)
            entry.to_h { |key, value| [key, key.to_s == "style" ? names.fetch(value, value) : value] }
          else
            entry
          end
        end
        private_class_method :renamed, :entry_renamed
      end
    end
  end
end
