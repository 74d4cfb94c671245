# frozen_string_literal: true

module DeckBough
  module Server
    # One thing that lacks, looked at closely before it is bought: who wants it, where some of it lies, who sells it,
    # what could stand in, whether it could be made, and how its figures came about.
    #
    #   BuyingThing.new(database, studio, buying, today: today).of(style_id)[:quotes].first[:cents] # => 2960
    class BuyingThing
      # So many things that could stand in are told.
      MOST_ALIKE = 5
      DAY_MINUTES = 24 * 60

      # @param buying [Buying]
      def initialize(database, studio, buying, today:)
        @database = database
        @studio = studio
        @buying = buying
        @today = today
      end

      # @return [Hash] the desk's line, quotes, wants, where, whom, kept, alike, recipes, working
      def of(style_id)
        one = @buying.one(style_id)
        rows = store(Store::Buying)
        owned = store(Store::Stockroom).thing(style_id)
        compared = BuyingAlike.new(rows, @buying.house)
        alike = compared.of([one.row], most: MOST_ALIKE).fetch(style_id, [])
        lasting = lasting(one, owned, compared)
        homes = rows.homes([style_id]).fetch(style_id, [])
        @buying.told(one, homes, alike.first(1)).merge(owned.slice(:where, :whom, :kept, :spare_kept))
               .merge(alike: alike, recipes: recipes(one), working: gathered(one), over_seasons: lasting,
                      quotes: one.line.quotes.map { |quote| quote(one, quote) },
                      wants: rows.wants(style_id).map { |want| want(want) })
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      def quote(one, quote)
        answers = [quote.answer, quote.order_by&.answer].compact
        { **quote.to_h, name: quote.supplier.name, lead_days: quote.supplier.lead_days,
                        chosen: quote.supplier.id == one.line.quote.supplier.id,
                        working: answers.flat_map(&:working).map { |step| step(step) },
                        findings: answers.flat_map(&:findings).map(&:message) }
      end

      # Whether another, dearer or cheaper one would be the better bargain.
      def lasting(one, owned, compared)
        thing = { **one.row, **owned.slice(:seasons_expected, :role) }
        seasons = DeckBough::Buying::OverSeasons
        { role: thing[:role], seasons: thing[:seasons_expected], each_cents: seasons.each(thing)&.round,
          season_cents: seasons.a_season(thing)&.round, advice: seasons.of(thing, compared.bought(one.row))&.message }
      end

      def step(step)
        told(step.says, step.sum, step.value.is_a?(Array) ? step.value.join(", ") : step.value, step.unit)
      end

      def told(says, sum, value, unit)
        { says: says, sum: sum, value: value, unit: unit }
      end

      # Pieces that stand one after the other use the same things.
      def gathered(one)
        row = one.row
        there, most, lacking, to_buy = [row[:on_hand], row[:to_buy] + row[:on_hand], row[:lacking], row[:to_buy]]
                                       .map { |number| Figure.print(number.round(6), 2) }
        steps = [told("Wanted at once at most, spares among it, less what there is", "#{most} − #{there}",
                      row[:to_buy], "")]
        if row[:lacking] > row[:to_buy] + Store::Lots::LEAST
          steps.unshift(told("Each piece by itself lacks, together", lacking, row[:lacking], ""))
        end
        coming = one.coming.sum { |line| line[:quantity] }
        steps << told("Less what is on its way or on trial", "#{to_buy} − #{Figure.print(coming.round(6), 2)}",
                      one.line.to_order, "")
      end

      def want(want)
        { **want.slice(:piece, :name, :room, :home, :wanted, :held, :lacks),
          visit_on: want[:visit_on]&.iso8601, strike_on: want[:strike_on]&.iso8601 }
      end

      # Whether it could be made, and what that comes to.
      def recipes(one)
        made = store(Store::Recipes).list.select { |recipe| recipe[:product][:style] == one.row[:id] }
        made.select { |recipe| recipe[:cost_cents] && one.line.quote.cents }.map { |recipe| make(recipe, one) }
      end

      def make(recipe, one)
        count = [one.line.to_order, 1].max
        minutes = (count / recipe[:batch].to_f).ceil * recipe[:active_minutes]
        left = one.row[:wanted_on] && ([(one.row[:wanted_on] - @today).to_i, 0].max * DAY_MINUTES)
        answer = Catalogue.answer("buying.make_or_buy",
                                  { "buy_cents" => one.line.quote.cents, "minutes" => minutes,
                                    "parts_cents" => (recipe[:cost_cents] * count).round,
                                    "hourly_cents" => store(Store::Budgets).prices[:hourly_cents],
                                    "drying_minutes" => recipe[:drying_minutes], "minutes_left" => left },
                                  house: @buying.house)
        { id: recipe[:id], name: recipe[:name], minutes: minutes, drying_minutes: recipe[:drying_minutes],
          **answer.outputs, working: answer.working.map { |step| step(step) } }
      end
    end
  end
end
