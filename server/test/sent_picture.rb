# frozen_string_literal: true

require "nokogiri"
ENV["VIPS_WARNING"] ||= "none"
require "vips"

# Pictures as cameras and phones send them.
#
#   SentPicture.jpeg(800, 600, orientation: 6) # => bytes
module SentPicture
  module_function

  # Seen by a camera: nothing in it is quite alike.
  def jpeg(width, height, orientation: nil, place: nil)
    seen = Vips::Image.gaussnoise(width, height, mean: 120, sigma: 20, seed: 7).cast(:uchar)
    seen = seen.bandjoin([seen, seen]).copy(interpretation: :srgb).mutate do |image|
      image.set_type!(GObject::GINT_TYPE, "orientation", orientation) if orientation
      image.set_type!(GObject::GSTR_TYPE, "exif-ifd3-GPSLatitude", place) if place
    end
    seen.jpegsave_buffer(Q: 80)
  end

  # One colour all over.
  def plain(width, height, colour = [200, 40, 60])
    (Vips::Image.black(width, height, bands: 3) + colour).cast(:uchar).copy(interpretation: :srgb).pngsave_buffer
  end

  # One colour beside another.
  def halves(width, height, left, right)
    parts = [left, right].map do |colour|
      (Vips::Image.black(width / 2, height, bands: 3) + colour).cast(:uchar).copy(interpretation: :srgb)
    end
    parts.first.join(parts.last, :horizontal).pngsave_buffer
  end

  # What no browser shows.
  def tiff
    Vips::Image.black(40, 30, bands: 3).copy(interpretation: :srgb).tiffsave_buffer
  end

  # Nothing but glass.
  def clear(kind)
    Vips::Image.black(40, 30, bands: 4).copy(interpretation: :srgb).public_send("#{kind}save_buffer")
  end
end
