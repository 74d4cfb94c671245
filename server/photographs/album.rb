# frozen_string_literal: true

require "shrine"

module DeckBough
  module Server
    module Photographs
      # The files of photographs, in a folder or an object store. What the database knows of one says where its files
      # are.
      #
      #   data = album.keep(file, studio_id)
      #   album.read(data, :small) # => the bytes of a JPEG
      class Album
        KEPT = %i[large small].freeze
        TYPE = "image/jpeg"

        # @param told [String] path of a folder, or address of a bucket
        def initialize(told)
          @place = place = Photographs.place(told)
          @uploader = Class.new(Shrine) do
            plugin :derivatives
            self.storages = { store: place.storage }
          end
          @lock = Mutex.new
        end

        # @param file [Tempfile, File]
        # @return [Hash] what the database keeps of it
        # @raise [Problem] what is no picture that can be kept
        def keep(file, studio_id)
          versions = preparing.versions(file)
          reached do
            attacher = @uploader::Attacher.new
            attacher.attach(versions[:large], location: location(studio_id))
            attacher.add_derivative(:small, versions[:small], location: location(studio_id))
            attacher.data
          end
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
          reached { (version == :small ? attacher.derivatives[:small] : attacher.file).open(&:read) }
        rescue Shrine::FileNotFound
          nil
        end

        # Its files go for good.
        def forget(data)
          reached { @uploader::Attacher.from_data(data).destroy }
        end

        private

        # A store that is away is nobody's fault here, and comes back.
        def reached
          yield
        rescue StandardError => e
          raise @place.away?(e) ? Problem.photographs_away : e
        end

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
