# frozen_string_literal: true

module DeckBough
  # The look of one wreath on another: its greens, layers, star, lights and ribbon; place, size and fixing stay.
  #
  #   WreathLook.onto(WREATH_KIND.check(star: { kind: "bow" }), WREATH_KIND.check({}), 0.5)[:star][:kind] # => "bow"
  module WreathLook
    module_function

    # @param from, onto [CheckedSettings]
    # @param ratio [Float] of the way round the one to that round the other
    # @return [Hash] settings, unchecked
    def onto(from, onto, ratio)
      greens = from[:greens]
      { **onto, **from.slice(:layers, :lights),
        star: from[:star].merge(tail_m: (from[:star][:tail_m] * ratio).round(3).clamp(0, 2)),
        greens: { **greens, **sized(greens, ratio), stems: greens[:stems].map { |stems| counted(stems, ratio) } },
        hang: onto[:hang].merge(from[:hang].slice(:ribbon)) }
    end

    # Thicknesses grow with the ring, as far as a dial can be turned.
    def sized(greens, ratio)
      %i[body_m low_m high_m].to_h do |name|
        range = WreathSettings::GROUPS[:greens].find { |input| input.name == name }.range
        [name, greens[name] && (greens[name] * ratio).round(3).clamp(range)]
      end
    end

    def counted(stems, ratio)
      stems.merge(count: (stems[:count] * ratio).round.clamp(1, 120))
    end
    private_class_method :sized, :counted
  end
end
