# frozen_string_literal: true

# A film of a printed label, as a camera held before it sees it: the dark squares of the page itself, drawn on white.
#
#   LabelFilm.new(pdf).save("/tmp/label.y4m")
class LabelFilm
  WIDE = 640
  HIGH = 480
  # How large the code is seen, pixels.
  CODE = 360
  SQUARE = /^(\d+\.?\d*) (\d+\.?\d*) (\d+\.?\d*) -?(\d+\.?\d*) re$/

  # @param page [String] a PDF with one label
  def initialize(page)
    all = page.b.scan(SQUARE).map { |numbers| numbers.map(&:to_f) }
    side = all.map { |_, _, wide, high| [wide, high] }.tally.max_by(&:last).first
    @squares = all.select { |_, _, wide, high| [wide, high] == side }
    @side = side.first
  end

  def save(path)
    File.binwrite(path, "YUV4MPEG2 W#{WIDE} H#{HIGH} F10:1 Ip A1:1 C420jpeg\nFRAME\n#{bright}#{grey}")
  end

  private

  def bright
    rows = Array.new(HIGH) { "\xFF".b * WIDE }
    left, bottom = @squares.transpose.first(2).map(&:min)
    scale = CODE / (@squares.map(&:first).max - left + @side)
    @squares.each { |x, y, *| dark(rows, (x - left) * scale, (y - bottom) * scale, @side * scale) }
    rows.reverse.join
  end

  def dark(rows, left, bottom, side)
    from, till = [left, left + side].map { |at| (at + ((WIDE - CODE) / 2)).round }
    low, high = [bottom, bottom + side].map { |at| (at + ((HIGH - CODE) / 2)).round }
    (low...high).each { |row| rows[row][from...till] = "\x00".b * (till - from) }
  end

  def grey
    "\x80".b * (WIDE * HIGH / 2)
  end
end
