# frozen_string_literal: true

module DeckBough
  module Looks
    # What the rule's answer tells of a look: of a piece and of a room in the same words.
    #
    #   Looks::Shares.of(answer, palette, ground: "#2f5d4a", house: HouseRules.default)[:short].first
    #
    module Shares
      module_function

      # @param answer [Answer] of palette.actual
      # @return [Hash] look, shares (name, colour, seen, wanted), ground, spread_l, short (names, the shortest first)
      def of(answer, palette, ground:, house:)
        shares = answer[:shares].map do |one|
          { name: one[:name], colour: palette.colour(one[:name]).srgb, seen: one[:seen], wanted: one[:wanted] }
        end
        { look: { id: palette.id, name: palette.name }, shares: shares, spread_l: answer[:spread_l],
          ground: { colour: ground, share: answer[:ground_share] },
          short: short(shares, house).map { |one| one[:name] } }
      end

      # Colours that fall short of their share, the shortest first; with nothing hung none does yet.
      #
      # @return [Array<Hash>] as shares, with by
      def short(shares, house)
        return [] if shares.sum { |one| one[:seen] }.zero?

        shares.map { |one| { **one, by: one[:wanted] - one[:seen] } }
              .select { |one| one[:by] >= house["palette.short"] }.sort_by { |one| [-one[:by], one[:name]] }
      end
    end
  end
end
