# frozen_string_literal: true

require "digest"

module DeckBough
  module Server
    module StandIns
      # A hand-held code scanner, simulated: it reads one of the labels there are, always the same one of the same
      # labels. A real one would answer the same call with what is held before it.
      #
      #   CodeScanner.new(["https://studio.example/boxes/3"]).read # => "https://studio.example/boxes/3"
      class CodeScanner
        def initialize(labels)
          @labels = labels
        end

        # @return [String, nil] nil where nothing is held before it
        def read
          return if @labels.empty?

          @labels[Digest::SHA256.digest(@labels.join("\n")).bytes.first % @labels.size]
        end
      end
    end
  end
end
