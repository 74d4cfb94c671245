# frozen_string_literal: true

module DeckBough
  module Looks
    # Colour really seen over several pieces, as a room or a home shows them (handbook 75): what each shows is added up.
    #
    #   Looks::Together.of([{ areas: { "#d3a02a" => 0.2 }, surface_m2: 1.0, ground: nil }], Looks::Palette.new(id: 1,
    #     name: "Frost", colours: [Looks::Colour.new(name: "Quince", srgb: "#d3a02a", share_percent: 40)]),
    #     HouseRules.default)[:ground][:share] # => 0.8
    module Together
      # So many colours are told apart; of more the least seen are left out.
      MOST = 200

      module_function

      # @param parts [Array<Hash>] areas (square metres by "#rrggbb"), surface_m2, ground
      # @param palette [Palette]
      # @return [Hash, nil] as Shares tells it; nil where nothing is seen
      def of(parts, palette, house)
        areas = parts.each_with_object(Hash.new(0.0)) do |part, sum|
          part[:areas].each { |colour, area| sum[colour] += area }
        end
        surface = parts.sum { |part| part[:surface_m2] }
        return if areas.empty? || surface < Rules::Palette::Actual::LEAST_M2

        ground = ground(parts)
        answer = Catalogue.answer("palette.actual", { surface_m2: surface, ground: ground, palette: palette.to_rule,
                                                      picks: picks(areas) }, house: house)
        Shares.of(answer, palette, ground: ground, house: house)
      end

      def picks(areas)
        most = areas.sort_by { |colour, area| [-area, colour] }.first(MOST)
        most.map { |colour, area| { colour: colour, area_m2: area, count: 1 } }
      end

      # That of which most is there.
      def ground(parts)
        parts.group_by { |part| part[:ground] }.max_by { |_, those| those.sum { |part| part[:surface_m2] } }&.first
      end

      private_class_method :picks, :ground
    end
  end
end
