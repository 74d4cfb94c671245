# frozen_string_literal: true

module DeckBough
  module Server
    # What goes onto the surfaces of a home that stand empty once it is struck, and what of it is exchanged in spring.
    #
    #   Bridging.new(database, studio_id).of(home, pieces)[:surfaces].first[:piece] # => "…"
    class Bridging
      # Whose surface is seen when it stands empty.
      SURFACES = %w[tree run grouping shelves table drinks stockings].freeze
      # So many kinds of things of the winter stock are looked at.
      MOST_OFFERED = 200
      DRAWN = Stripping::DRAWN
      STEM = "stem"

      def initialize(database, studio_id)
        @things = Store::SeasonThings.new(database, studio_id)
        @claims = Store::Claims.new(database, studio_id)
      end

      # @param home [Hash] id, strike_on, …
      # @param pieces [Array<Hash>] id, kind, things (as Stripping tells them)
      # @return [Hash] accent (where there is one), surfaces (piece, things with their role), spring (piece, out, count,
      #   into, put)
      def of(home, pieces)
        stock = winter_stock(home, staying(pieces))
        plan = DeckBough::Seasons::Bridge.new(empty(pieces), stock.values).plan
        surfaces = plan[:surfaces].map { |one| surface(one, stock) }
        { **(plan[:accent] ? { accent: offered(stock, plan[:accent]) } : {}), surfaces: surfaces,
                                                                              spring: spring(pieces, surfaces, stock) }
      end

      private

      def empty(pieces)
        pieces.select { |piece| SURFACES.include?(piece[:kind]) && bare?(piece) }.map { |piece| piece[:id] }
      end

      def bare?(piece)
        piece[:things].any? && piece[:things].none? { |thing| thing[:stays] }
      end

      def surface(one, stock)
        { piece: one[:surface],
          things: one[:things].map { |thing| { **offered(stock, thing[:style]), role: thing[:role] } } }
      end

      def staying(pieces)
        kept = pieces.flat_map { |piece| piece[:things].select { |thing| thing[:stays] } }
        kept.group_by { |thing| thing[:style] }.transform_values { |things| things.sum { |thing| thing[:count] } }
      end

      # What is put up beyond the day and free once this home is struck, less what stays in it.
      def winter_stock(home, staying)
        offered = @things.put_up_longer(home[:id], MOST_OFFERED)
        struck = home[:strike_on] && (Date.iso8601(home[:strike_on]) + 1).iso8601
        free = @claims.free(offered.keys, home: { **home, visit_on: struck, strike_on: nil })
        offered.to_h do |style, facts|
          left = free.fetch(style, { on_hand: 0 })[:on_hand] - staying.fetch(style, 0)
          [style, { style: style, **facts, free: [left, 0].max }]
        end
      end

      def offered(stock, style)
        stock.fetch(style).slice(:style, :name, *DRAWN)
      end

      # Of what stays and of what was put onto surfaces, stems of the winter go; those of the whole year come in.
      def spring(pieces, surfaces, stock)
        going = [*winter_things(pieces), *winter_bridged(surfaces, stock)]
        used = surfaces.flat_map { |one| one[:things] }.map { |thing| thing[:style] }.tally
        stems = stock.values.select { |one| one[:kind] == STEM && !DeckBough::Seasons::SpringSwap.winter?(one) }
                     .map { |one| { style: one[:style], free: one[:free] - used.fetch(one[:style], 0) } }
        DeckBough::Seasons::SpringSwap.of(going.map { |one| one.slice(:piece, :style, :count) }, stems)
                                      .zip(going).map { |swap, thing| told(swap, thing, stock) }
      end

      def winter_things(pieces)
        pieces.flat_map do |piece|
          piece[:things].select { |thing| thing[:stays] && DeckBough::Seasons::SpringSwap.winter?(thing) }
                        .map { |thing| { **thing.slice(:style, :count), piece: piece[:id], name: thing[:label] } }
        end
      end

      def winter_bridged(surfaces, stock)
        surfaces.flat_map do |one|
          one[:things].select { |thing| DeckBough::Seasons::SpringSwap.winter?(stock.fetch(thing[:style])) }
                      .map { |thing| { style: thing[:style], count: 1, piece: one[:piece], name: thing[:name] } }
        end
      end

      def told(swap, thing, stock)
        into = swap[:into] && { into: offered(stock, swap[:into]) }
        { piece: swap[:piece], out: thing[:name], count: swap[:count], put: swap[:put], **into.to_h }
      end
    end
  end
end
