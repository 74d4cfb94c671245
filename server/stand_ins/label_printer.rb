# frozen_string_literal: true

require "fileutils"

module DeckBough
  module Server
    module StandIns
      # A label printer, simulated: what would be printed is a file in a folder. A real one would take the same call.
      #
      #   LabelPrinter.new("/var/labels").print("box-labels", "%PDF-1.3…") # => "box-labels-0001.pdf"
      class LabelPrinter
        MOST_TRIES = 9_999

        def initialize(folder)
          @folder = folder
        end

        # @return [String] the name of the page
        def print(name, page)
          FileUtils.mkdir_p(@folder)
          (1..MOST_TRIES).each do |number|
            file = format("%<name>s-%<number>04d.pdf", name: name, number: number)
            File.open(File.join(@folder, file), File::WRONLY | File::CREAT | File::EXCL | File::BINARY) { |out| out << page }
            return file
          rescue Errno::EEXIST
            next
          end
          raise trouble("Its folder is full of pages. Clear it, and print again.")
        rescue SystemCallError => e
          raise trouble("Its folder cannot be written to (#{e.class.name.split('::').last}). Print as PDF instead.")
        end

        private

        def trouble(says)
          Problem.new(503, "printer-trouble", "The printer does not print", says)
        end
      end
    end
  end
end
