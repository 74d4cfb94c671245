# frozen_string_literal: true

require "fileutils"
require "shrine/storage/file_system"

module DeckBough
  module Server
    module Photographs
      # Files of photographs in a folder.
      #
      #   Folder.new("/srv/photographs").names # => ["0b0e…/9c1f….jpg"]
      class Folder
        def initialize(path)
          @path = path
        end

        # @return [Shrine::Storage::FileSystem]
        def storage
          Shrine::Storage::FileSystem.new(@path)
        end

        # @param prefix [String] of a studio; all without it
        # @return [Array<String>]
        def names(prefix = "")
          Dir.glob("#{prefix}**/*", base: @path).select { |name| File.file?(File.join(@path, name)) }.sort
        end

        # @param to [String] path of a file, written over
        def fetch(name, to)
          FileUtils.cp(File.join(@path, name), to)
        end

        # @param from [String] path of a file
        def put(name, from)
          to = File.join(@path, name)
          FileUtils.mkdir_p(File.dirname(to))
          FileUtils.cp(from, to)
        end

        # What is wrong with a folder no waiting mends.
        def away?(_error)
          false
        end

        # All of a studio's go.
        def forget(prefix)
          FileUtils.rm_rf(File.join(@path, prefix))
        end
      end
    end
  end
end
