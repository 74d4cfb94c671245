# frozen_string_literal: true

require "psych"

module DeckBough
  module Server
    module Exchange
      # Where in a JSON text a value stands.
      #
      #   JsonLines.new(%({\n "a": {\n  "b": 1 } })).line_of(%w[a b]) # => 3
      #
      # JSON is read as YAML here only to learn the lines; whether it is good JSON has been decided before.
      class JsonLines
        def initialize(text)
          @root = Psych.parse(text)&.root
        rescue Psych::SyntaxError
          @root = nil
        end

        # @param path [Array<String, Integer>]
        # @return [Integer] counted from 1; the line of the nearest thing around it when the path itself is not there
        def line_of(path)
          node = @root
          path.each do |part|
            child = child_of(node, part) or break
            node = child
          end
          node ? node.start_line + 1 : 1
        end

        private

        # Each object's names are gone through once, however many faults stand in it.
        def names_of(node)
          @names ||= {}.compare_by_identity
          @names[node] ||= node.children.each_slice(2).to_h { |key, value| [key.value, value] }
        end

        def child_of(node, part)
          case node
          when Psych::Nodes::Mapping
            names_of(node)[part.to_s]
          when Psych::Nodes::Sequence then part.is_a?(Integer) ? node.children[part] : nil
          end
        end
      end
    end
  end
end
