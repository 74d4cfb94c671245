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

        def renamed(name, value, names)
          return names.fetch(value, value) if name == "style"
          return value unless name == "styles" && value.is_a?(Array)

          value.map { |style| names.fetch(style, style) }
        end
        private_class_method :renamed
      end
    end
  end
end
