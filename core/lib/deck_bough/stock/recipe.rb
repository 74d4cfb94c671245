# frozen_string_literal: true

module DeckBough
  module Stock
    # A thing made by hand: what it takes, how many come of it, how long it takes and dries, and by when it is begun.
    #
    #   Stock::Recipe.new(batch: 4, active_minutes: 40, drying_minutes: 720).start_by(Date.new(2026, 11, 28), 6).iso8601
    #   # => "2026-11-27"
    #
    # Minutes, cents, days. Source: handbook 80, Buying (recipes).
    class Recipe
      MOST_MATERIALS = 20
      DAY_MINUTES = 24 * 60

      INPUTS = [Input.text(:name, "Name", 1..120),
                Input.number(:batch, "Makes at once", "", 0.1..10_000, why: "Something comes of it."),
                Input.whole(:active_minutes, "Work", "minutes", 0..10_000, default: 0),
                Input.whole(:drying_minutes, "Drying", "minutes", 0..100_000, default: 0),
                Input.flag(:at_visit, "Made in the home", default: false),
                Input.text(:note, "How it is made", 0..2_000, default: "")].freeze
      MATERIAL = [Input.style(:style, "Material"),
                  Input.number(:quantity, "How much", "", 0.001..100_000, why: "It takes some of it.")].freeze

      # @param materials [Array<Hash>] quantity (for one batch), price_cents, pack_size, on_hand
      def initialize(batch:, active_minutes:, drying_minutes:, materials: [], house: HouseRules.default)
        @batch = batch
        @active_minutes = active_minutes
        @drying_minutes = drying_minutes
        @materials = materials
        @house = house
      end

      # @return [Integer] batches that come to at least so many
      def batches(count)
        (count / @batch.to_f).ceil
      end

      # @return [Integer, nil] cents of one piece; nil where it takes nothing counted, or a material has no price
      def cost_cents
        return if @materials.empty? || @materials.any? { |one| one[:price_cents].nil? }

        (@materials.sum { |one| one[:quantity] * one[:price_cents] / one[:pack_size].to_f } / @batch).round
      end

      # @return [Integer, nil] batches the materials there are do for; nil where it takes none
      def possible
        @materials.map { |one| (one[:on_hand] / one[:quantity]).floor }.min
      end

      # What is wanted on a day is begun so many days before: days of work, then it dries through the night.
      #
      # @param wanted_on [Date]
      # @param count [Numeric] pieces wanted
      # @return [Date]
      def start_by(wanted_on, count)
        work = (@active_minutes * batches(count) / @house["stock.making_minutes"].to_f).ceil
        wanted_on - [work - 1, 0].max - (@drying_minutes / DAY_MINUTES.to_f).ceil
      end
    end
  end
end
