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
      # @return [Hash, nil] look, shares, ground, spread_l, short (names); nil where nothing is seen
      def of(parts, palette, house)
        areas = parts.map { |part| part[:areas] }.reduce({}) do |sum, more|
          sum.merge(more) do |_, one, other|
            one + other
          end
        end
        surface = parts.sum { |part| part[:surface_m2] }
        return if areas.empty? || surface.zero?

        ground = ground(parts)
        answer = Catalogue.answer("palette.actual", { surface_m2: surface, ground: ground, palette: palette.to_rule,
                                                      picks: picks(areas) }, house: house)
        shares = shares(answer, palette)
        { look: { id: palette.id, name: palette.name }, shares: shares, spread_l: answer[:spread_l],
          ground: { colour: ground, share: answer[:ground_share] }, short: short(shares, house) }
      end

      def picks(areas)
        most = areas.sort_by { |colour, area| [-area, colour] }.first(MOST)
        most.map { |colour, area| { colour: colour, area_m2: area, count: 1 } }
      end

      # That of which most is there.
      def ground(parts)
        parts.group_by { |part| part[:ground] }.max_by { |_, those| those.sum { |part| part[:surface_m2] } }&.first
      end

      def shares(answer, palette)
        answer[:shares].map do |one|
          { name: one[:name], colour: palette.colour(one[:name]).srgb, seen: one[:seen], wanted: one[:wanted] }
        end
      end

      def short(shares, house)
        shares.select { |one| one[:wanted] - one[:seen] >= house["palette.short"] }.map { |one| one[:name] }
      end
      private_class_method :picks, :ground, :shares, :short
    end
  end
end
