# frozen_string_literal: true

module DeckBough
  module Buying
    # What a thing costs for each season it will be put up, against others that would do: a dear base that lasts beats a
    # cheap one; of what changes every year the price now counts.
    #
    #   Buying::OverSeasons.of({ name: "Foil", price_cents: 1200, pack_size: 4, seasons_expected: 2, role: "base" },
    #                          [{ name: "Glass", price_cents: 4800, pack_size: 4, seasons_expected: 10 }]).code
    #   # => "lasts_better"
    #
    # Source: handbook 80, Stock (cost per season; base and change).
    module OverSeasons
      module_function

      # @param thing, others [Hash] name, price_cents, pack_size, seasons_expected, role
      # @return [Finding, nil] nil where nothing is known to do better
      def of(thing, others)
        return if each(thing).nil?

        thing[:role] == "change" ? cheaper_now(thing, others) : cheaper_in_time(thing, others)
      end

      # @return [Float, nil] cents of one
      def each(thing)
        thing[:price_cents] && (thing[:price_cents] / thing[:pack_size].to_f)
      end

      # @return [Float, nil] cents of one for each season it should last
      def a_season(thing)
        each(thing) && thing[:seasons_expected] && (each(thing) / thing[:seasons_expected])
      end

      def cheaper_in_time(thing, others)
        return unless a_season(thing)

        lasting = others.select { |other| a_season(other) && each(other) > each(thing) }
        better = lasting.min_by { |other| a_season(other) }
        return unless better && a_season(better) < a_season(thing)

        Finding.of(:lasts_better, name: thing[:name], each: money(each(thing)), season: money(a_season(thing)),
                                  other: better[:name], other_each: money(each(better)),
                                  other_season: money(a_season(better)))
      end

      def cheaper_now(thing, others)
        better = others.select { |other| each(other) && each(other) < each(thing) }.min_by { |other| each(other) }
        better && Finding.of(:changes_yearly, name: thing[:name], each: money(each(thing)), other: better[:name],
                                              other_each: money(each(better)))
      end

      # Without a sign: the studio's currency is known outside.
      def money(cents)
        format("%.2f", cents / 100.0)
      end
      private_class_method :cheaper_in_time, :cheaper_now, :money
    end
  end
end
