# frozen_string_literal: true

module DeckBough
  # Something worth telling the person at the figure it belongs to.
  #
  #   Finding.of(:bare_bands, pitch_m: 0.41).message
  #   # => "Turns of lights lie 41 cm apart: dark bands will show. Add strings or wind deeper."
  #
  # severity: "info", "caution" or "stop". Values whose name ends in _m are metres, in _kg or _g masses; they are
  # printed in the person's units.
  Finding = Struct.new(:code, :severity, :message, keyword_init: true) do
    def self.of(code, units: "metric", **values)
      said = values.to_h { |name, value| [name, printed(name, value, units)] }
      new(code: code.to_s, **Messages.finding(code, said))
    end

    def self.printed(name, value, units)
      if name.end_with?("_m") then Length.print(value, units)
      elsif name.end_with?("_kg") then Mass.print(value, units)
      elsif name.end_with?("_g") then Measure.new(value, "g").told(units)
      else value
      end
    end
    private_class_method :printed

    def initialize(**)
      super
      freeze
    end
  end
end
