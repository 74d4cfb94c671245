# frozen_string_literal: true

require "shrine"
require "shrine/storage/file_system"

module DeckBough
  module Server
    module Photographs
      # Where the files of photographs are kept: a folder. What the database knows of one says where its files are.
      #
      #   data = album.keep(file, studio_id)
      #   album.read(data, :small) # => the bytes of a JPEG
      class Album
        KEPT = %i[large small].freeze
        TYPE = "image/jpeg"

        # @param folder [String]
        def initialize(folder)
          @uploader = Class.new(Shrine) do
            plugin :derivatives
            self.storages = { store: Shrine::Storage::FileSystem.new(folder) }
          end
          @lock = Mutex.new
        end

        # @param file [Tempfile, File]
        # @return [Hash] what the database keeps of it
        # @raise [Problem] what is no picture that can be kept
        def keep(file, studio_id)
          versions = preparing.versions(file)
          attacher = @uploader::Attacher.new
          attacher.attach(versions[:large], location: location(studio_id))
          attacher.add_derivative(:small, versions[:small], location: location(studio_id))
          attacher.data
        ensure
          versions&.each_value(&:close!)
        end

        # @param file [Tempfile, File] a picture that is only looked at
        # @return [Array<Hash>] colour, count: what it is made of, as rules ask for it
        # @raise [Problem] what is no picture
        def colours(file)
          preparing.colours(file)
        end

        # @return [String, nil] nil where its file is gone
        def read(data, version)
          attacher = @uploader::Attacher.from_data(data)
          (version == :small ? attacher.derivatives[:small] : attacher.file).open(&:read)
        rescue Shrine::FileNotFound
          nil
        end

        # Its files go for good.
        def forget(data)
          @uploader::Attacher.from_data(data).destroy
        end

        private

        # Its library starts threads of its own, so no process has it before there is something to do.
        def preparing
          @lock.synchronize { @preparing ||= Preparing.new }
        end

        # A name nobody guesses, in a folder of the studio's own.
        def location(studio_id)
          "#{studio_id}/#{SecureRandom.hex(16)}.jpg"
        end
      end
    end
  end
end
