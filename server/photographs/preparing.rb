# frozen_string_literal: true

# Before the library for pictures, which else warns of another XML library than its own. What it would warn of besides
# is told to whoever sent the picture.
require "nokogiri"
require "marcel"
ENV["VIPS_WARNING"] ||= "none"
require "vips"

module DeckBough
  module Server
    module Photographs
      # What was sent becomes a photograph that can be kept: known by its content, turned upright, made smaller, and
      # without what a camera writes into it (day, place, owner). It is decoded line by line, one at a time in a
      # process, so that no picture takes much memory.
      #
      #   Preparing.new.versions(file) # => { large: #<Tempfile>, small: #<Tempfile> }
      class Preparing
        MOST_PIXELS = 40_000_000
        # The longer side of each, pixels.
        SIDES = { large: 2_000, small: 360 }.freeze
        KINDS = %w[image/jpeg image/png image/webp].freeze
        QUALITY = 82
        WHITE = [255, 255, 255].freeze

        def initialize
          @one_at_a_time = Mutex.new
          Vips.block_untrusted(true)
          Vips.cache_set_max(0)
          Vips.concurrency_set(1)
        end

        # How many dots a side a picture has when its colours are counted, and how many steps of a colour are one.
        DOTS = 120
        STEP = 8

        # @param file [Tempfile, File] what was sent
        # @return [Array<Hash>] colour, count
        # @raise [Problem] likewise
        def colours(file)
          known!(file)
          @one_at_a_time.synchronize do
            fits!(file.path)
            dots = flat(file.path, DOTS).write_to_memory.unpack("C*").each_slice(3)
            dots.group_by { |dot| dot.map { |part| part / STEP } }.values.map do |alike|
              mean = alike.transpose.map { |parts| (parts.sum / parts.size.to_f).round }
              { colour: format("#%02x%02x%02x", *mean), count: alike.size }
            end
          end
        rescue Vips::Error
          raise broken
        end

        # @param file [Tempfile, File] what was sent
        # @return [Hash{Symbol => Tempfile}] JPEG files
        # @raise [Problem] what is no such picture, is too large, or breaks off
        def versions(file)
          known!(file)
          @one_at_a_time.synchronize do
            fits!(file.path)
            large = smaller(file.path, :large)
            { large: large, small: smaller(large.path, :small) }
          end
        rescue Vips::Error
          raise broken
        end

        private

        def broken
          refused("broken", "This picture breaks off or is damaged. Choose it again, or another.")
        end

        def known!(file)
          file.rewind
          return if KINDS.include?(Marcel::MimeType.for(file))

          raise refused("no_picture", "This is no picture in JPEG, PNG or WebP. Choose one of these.")
        end

        # Read from its head, before anything is decoded.
        def fits!(path)
          head = Vips::Image.new_from_file(path, access: :sequential)
          pixels = head.width * head.height
          return if pixels <= MOST_PIXELS

          raise refused("too_many_pixels",
                        "This picture has #{(pixels / 1e6).ceil} megapixels; at most #{MOST_PIXELS / 1_000_000} are " \
                        "taken. Make it smaller and choose it again.")
        end

        def smaller(path, version)
          seen = flat(path, SIDES[version])
          Tempfile.new(["photograph", ".jpg"]).tap do |file|
            seen.jpegsave(file.path, Q: QUALITY, strip: true)
          end
        end

        # In red, green and blue, upright, no side longer than this. What breaks off is no picture, however much of it
        # there is.
        def flat(path, side)
          seen = Vips::Image.thumbnail(path, side, height: side, size: :down, fail_on: :truncated)
          seen = seen.colourspace(:srgb).cast(:uchar)
          seen = seen.flatten(background: WHITE) if seen.has_alpha?
          seen.bands == 3 ? seen : seen.extract_band(0).bandjoin([seen.extract_band(0)] * 2)
        end

        def refused(code, message)
          Problem.invalid([{ pointer: "/picture", code: code, message: message }])
        end
      end
    end
  end
end
