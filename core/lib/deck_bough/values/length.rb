# frozen_string_literal: true

module DeckBough
  # Reads and prints lengths in both systems; inside, a length is a Float of metres.
  #
  #   DeckBough::Length.parse("7'6\"")                # => 2.286
  #   DeckBough::Length.parse("2,28", bare: "m")      # => 2.28
  #   DeckBough::Length.print(2.286, "imperial")      # => "7 ft 6 in"
  #
  # It does not judge whether a length makes sense for a tree; inputs have ranges for that. (Handbook 10.)
  module Length
    FOOT = 0.3048
    INCH = FOOT / 12
    METRES = { "m" => 1.0, "cm" => 0.01, "mm" => 0.001, "ft" => FOOT, "in" => INCH }.freeze
    SPELLINGS = {
      "m" => %w[m metre metres meter meters], "cm" => %w[cm centimetre centimetres centimeter centimeters],
      "mm" => %w[mm millimetre millimetres millimeter millimeters], "ft" => %w[ft foot feet '],
      "in" => %w[in inch inches "]
    }.flat_map { |unit, words| words.map { |word| [word, unit] } }.to_h.freeze
    VULGAR = { "½" => "1/2", "¼" => "1/4", "¾" => "3/4", "⅛" => "1/8", "⅜" => "3/8", "⅝" => "5/8", "⅞" => "7/8",
               "⅓" => "1/3", "⅔" => "2/3" }.freeze
    # Longer spellings first so that "metres" is not read as "m" and a rest.
    UNIT = Regexp.union(SPELLINGS.keys.sort_by { |word| -word.size })
    NUMBER = %r{\d+/\d+|\d+(?:[.,]\d+)?(?:[ -]+\d+/\d+)?|[.,]\d+}
    TERM = /\G(?<number>#{NUMBER})\s*(?:(?<unit>#{UNIT})\.?)?\s*/
    EIGHTHS = 8
    # Of eighths of an inch: nearer than this to one, somebody read it off a tape.
    MEASURED = 0.002
    SIGNS = [nil, "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"].freeze

    # Nothing that is dressed is farther; longer numbers are told as what they are.
    FARTHEST = 1e9
    BEYOND = { "metric" => "over 1000000 km", "imperial" => "over 600000 mi" }.freeze

    module_function

    # @param text [String] any spelling: 7'6", 7.5 ft, 7 ft 6 in, 228 cm, 2.28 m, 6 1/2", 2,28 m
    # @param bare [String] the unit of a number without one: "m" or "ft"
    # @return [Float] metres
    # @raise [LengthError] naming what is wrong and what would be right
    def parse(text, bare: "m")
      plain = tidy(text)
      raise LengthError, :length_empty if plain.empty?
      raise LengthError.new(:length_negative, text: text.strip) if plain.start_with?("-")

      sum(terms(plain, text), bare, text)
    end

    # @param system [String] "metric" or "imperial"
    # @return [String] as a person would say it: "2.28 m", "14 cm", "7 ft 6 in", "6½ in"
    def print(metres, system)
      return "#{'−' if metres.negative?}#{BEYOND.fetch(system)}" if metres.abs > FARTHEST

      system == "imperial" ? print_feet(metres) : print_metres(metres)
    end

    def print_metres(metres)
      size = metres.abs
      sign = metres.negative? ? "−" : ""
      return "#{sign}#{(size * 1000).round} mm" if size < 0.00995 && !size.zero?

      # Turns of lights and loops of ribbon differ by millimetres.
      return "#{sign}#{format('%.1f', size * 100).delete_suffix('.0')} cm" if size < 0.0995

      sign + (size < 0.995 ? "#{(size * 100).round} cm" : format("%.2f m", size))
    end

    def print_feet(metres)
      eighths = eighths_of(metres.abs / INCH)
      feet, rest = eighths.divmod(12 * EIGHTHS)
      parts = [("#{feet} ft" if feet.positive?), ("#{print_inches(rest)} in" if rest.positive? || feet.zero?)].compact
      (metres.negative? ? "−" : "") + parts.join(" ")
    end

    # Past two feet nobody reads a tape to the eighth; what was measured so stays so.
    def eighths_of(inches)
      exact = inches * EIGHTHS
      (exact - exact.round).abs < MEASURED || inches < 24 ? exact.round : inches.round * EIGHTHS
    end

    def print_inches(eighths)
      whole, part = eighths.divmod(EIGHTHS)
      fraction = SIGNS[part]
      whole.zero? && fraction ? fraction : "#{whole}#{fraction}"
    end

    def tidy(text)
      plain = text.to_s.downcase.strip.tr("′’‘`´", "'").tr("″“”",
                                                           '"').gsub("''", '"').tr("−–", "--").tr("\u00a0\u2009", "  ")
      VULGAR.reduce(plain) { |said, (sign, spelled)| said.gsub(sign, " #{spelled}") }.strip
    end

    def terms(plain, text)
      found = []
      at = 0
      while at < plain.size
        match = TERM.match(plain, at)
        # Only the last number may go without a unit: "1,234.5" and "7 6" are not lengths.
        raise LengthError.new(:length_unreadable, text: text.strip) if match.nil? || found.any? { |_, unit| unit.nil? }

        found << [number(match[:number], text), match[:unit] && SPELLINGS.fetch(match[:unit])]
        at = match.end(0)
      end
      found
    end

    def number(said, text)
      whole, fraction = said.tr(",", ".").match(%r{\A(?:([\d.]+)(?:[ -]+|\z))?(\d+/\d+)?\z})&.captures
      raise LengthError.new(:length_unreadable, text: text.strip) unless whole || fraction

      top, bottom = (fraction || "0/1").split("/").map(&:to_f)
      raise LengthError.new(:length_unreadable, text: text.strip) if bottom.zero?

      whole.to_f + (top / bottom)
    end

    # Every part must be smaller in kind than the one before it (feet then inches, metres then centimetres) and less
    # than one of it: 5 ft 14 in is a slip of the pen.
    def sum(terms, bare, text)
      units = named(terms, bare)
      sizes = units.map { |unit| METRES.fetch(unit) }
      mixed = units.map { |unit| %w[ft in].include?(unit) }.uniq.size > 1
      raise LengthError.new(:length_order, text: text.strip) if mixed || sizes != sizes.uniq.sort.reverse

      lengths = terms.zip(sizes).map { |(value, _), size| value * size }
      carried = lengths.drop(1).zip(sizes).any? { |length, larger| length > larger - 1e-9 }
      raise LengthError.new(:length_carry, text: text.strip) if carried

      # A millionth of a metre is finer than any tape and hides the last bit of the arithmetic.
      lengths.sum.round(6)
    end

    # A second number without a unit is the next smaller one: 7'6 is seven feet six inches, 2 m 28 is 228 cm.
    def named(terms, bare)
      smaller = { "ft" => "in", "m" => "cm" }
      terms.each_with_object([]) do |(_, unit), units|
        units << (unit || (units.empty? ? bare : smaller.fetch(units.last, units.last)))
      end
    end
    private_class_method :print_metres, :print_feet, :print_inches, :eighths_of, :tidy, :terms, :number, :sum, :named
  end
end
