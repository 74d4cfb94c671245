# frozen_string_literal: true

module DeckBough
  module Server
    # What lies on the table of a home beside what its pieces take, to go on with where something runs out.
    #
    #   MakingDo.new(database, studio_id).of(home_id, [tree_id], lines)[tree_id].first
    #   # => { style: "…", label: "Moss velvet", kind: "ornament", unit: "pieces", colour: "#4a5a3c", count: 7 }
    #
    # What ran out itself is not offered. Source: handbook 00, 30, Make do.
    class MakingDo
      KINDS = %w[ornament ribbon].freeze
      # Of each kind; those there is most of.
      MOST = 6

      def initialize(database, studio_id)
        @claims = Store::Claims.new(database, studio_id)
        @homes = Store::Homes.new(database, studio_id)
        @acts = Store::VisitActs.new(database, studio_id)
        @house = Store::HouseRules.new(database, studio_id)
      end

      # @param trees [Array<String>] ids
      # @param lines [Hash{String => Array<Hash>}] by piece of the home, as LedgerLine#to_h
      # @return [Hash{String => Array<Hash>}] by tree
      def of(home, trees, lines)
        known = known(lines.values.flatten)
        return {} if trees.empty? || known.empty?

        gone = @acts.journal(home).live.select(&:ran_out?).map(&:turn)
        asked = trees.to_h { |tree| [tree, { styles: known.keys - gone, home: @homes.find(home) }] }
        @claims.free_of(asked).to_h { |tree, free| [tree, offered(known, free, taken(lines.fetch(tree, [])))] }
      end

      private

      def known(lines)
        lines.select { |line| line[:style] && KINDS.include?(line[:kind]) }.to_h do |line|
          [line[:style], line.slice(:style, :label, :kind, :unit, :colour)]
        end
      end

      def taken(lines)
        lines.group_by { |line| line[:style] }.transform_values { |same| same.sum { |line| line[:need] } }
      end

      def offered(known, free, taken)
        over = free.filter_map do |style, there|
          count = whole(known[style], there[:on_hand] - taken.fetch(style, 0))
          { **known[style], count: count } if count.positive?
        end
        over.sort_by { |one| [-one[:count], one[:label]] }.group_by { |one| one[:kind] }
            .flat_map { |_, same| same.first(MOST) }
      end

      # Ornaments hang whole; an end too short to keep is nothing to go on with.
      def whole(thing, much)
        return much.floor if thing[:unit] == "pieces"

        much < useless_end ? 0 : much.round(2)
      end

      def useless_end
        @useless_end ||= @house.current["ribbon.useless_end"]
      end
    end
  end
end
