# frozen_string_literal: true

module DeckBough
  module Rules
    module Buying
      # The last day on which something is ordered that is wanted on a day; where the shop is closed then, the open day
      # before it.
      #
      #   Catalogue.answer("buying.order_by", { "wanted_on" => "2026-11-28", "lead_days" => 3, "today" => "2026-11-19",
      #     "closed" => ["2026-11-23"] })[:order_by_on] # => "2026-11-22"
      class OrderBy < Rule
        MOST_CLOSED = 400
        DAY = Input.text(:day, "Closed on", 10..10)

        declare id: "buying.order_by", title: "Order by", handbook: "80 Buying",
                inputs: [Input.text(:wanted_on, "Wanted on", 10..10),
                         Input.whole(:lead_days, "On its way", "days", 0..400),
                         Input.whole(:slack_days, "Slack", "days", 0..60, default: nil, default_says: "2"),
                         Input.list(:closed, "Closed on", DAY, 0..MOST_CLOSED, default: [].freeze),
                         Input.text(:today, "Today", 10..10)],
                outputs: { order_by_on: "day", late: "yes/no" }, constants: %w[buying.slack_days]

        def call
          { order_by_on: order_by.iso8601, late: order_by < day(:today, given[:today]) }
        end

        def findings(outputs)
          outputs[:late] ? [finding(:order_late, on: order_by.strftime("%-d %b %Y"))] : []
        end

        def working(outputs)
          [between("Wanted, less the days it is on its way and the slack",
                   "#{given[:wanted_on]} − #{given[:lead_days]} days − #{slack} days", :open_on, latest.iso8601, "day"),
           step(order_by == latest ? "The shop is open then" : "The shop is closed then: the open day before",
                "#{latest.iso8601} − #{(latest - order_by).to_i} days", :order_by_on, outputs),
           step("Late when that day has gone", "#{outputs[:order_by_on]} before #{given[:today]}", :late, outputs)]
        end

        private

        def slack
          given[:slack_days] || house["buying.slack_days"]
        end

        def latest
          @latest ||= day(:wanted_on, given[:wanted_on]) - given[:lead_days] - slack
        end

        def order_by
          @order_by ||= begin
            closed = given[:closed].map { |text| day(:closed, text) }.uniq
            latest.step(latest - closed.size, -1).find { |on| !closed.include?(on) }
          end
        end

        def day(input, text)
          raise Date::Error unless text.match?(/\A\d{4}-\d\d-\d\d\z/)

          Date.iso8601(text)
        rescue Date::Error
          refuse(:not_a_day, input, title: title(input), given: text)
        end

        def title(input)
          self.class.declaration.inputs.find { |one| one.name == input }.title
        end
      end
    end
  end
end
