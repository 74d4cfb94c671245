# frozen_string_literal: true

module DeckBough
  # The look of one run laid on another: its greens, lights, accents and ribbon, drawn out or in to the other's way.
  #
  #   RunLook.onto(RUN_KIND.check(mantel: { side: "left" }), RUN_KIND.check({}), 0.5)[:mantel][:side] # => "left"
  module RunLook
    # Places along the way.
    ALONG = %i[from_m to_m at_m].freeze

    module_function

    # @param from, onto [CheckedSettings]
    # @param ratio [Float] of the way of the one to that of the other
    # @return [Hash] settings, unchecked
    def onto(from, onto, ratio)
      rise = from[:rise_and_trail]
      { **onto, **from.slice(:lights, :ribbon),
        body: { bodies: from[:body][:bodies].map { |body| along(body, ratio) } },
        rise_and_trail: rise.merge(points: rise[:points].map { |point| along(point, ratio) },
                                   stems: rise[:stems].map do |stems|
                                     counted(along(stems, ratio), ratio, RunSettings::STEMS)
                                   end),
        accents: { accents: from[:accents][:accents].map { |one| counted(one, ratio, RunSettings::ACCENT) } },
        mantel: onto[:mantel].merge(from[:mantel].slice(:school, :side)) }
    end

    def along(said, ratio)
      said.merge(said.slice(*ALONG).compact.transform_values { |at| (at * ratio).round(3).clamp(RunSettings::PLACE) })
    end

    # @param declared [Array<Input>] of the list it is from: what can be counted
    def counted(said, ratio, declared)
      said.merge(count: (said[:count] * ratio).round.clamp(declared.find { |input| input.name == :count }.range))
    end
    private_class_method :along, :counted
  end
end
