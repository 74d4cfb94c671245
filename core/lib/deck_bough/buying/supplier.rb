# frozen_string_literal: true

module DeckBough
  module Buying
    # Who sells: how long it takes to come, and when nobody is there.
    #
    #   Buying::Supplier.new(lead_days: 3, closed_weekdays: [7]).arrives(Date.new(2026, 11, 22)).iso8601
    #   # => "2026-11-26"
    #
    # Weekdays as in Date#cwday: 1 is Monday, 7 is Sunday. Source: handbook 80, Buying.
    class Supplier
      MOST_CLOSED = 60
      MOST_LEAD = 120

      INPUTS = [Input.text(:name, "Name", 1..80),
                Input.whole(:lead_days, "On its way", "days", 0..MOST_LEAD, default: 0),
                Input.list(:closed_weekdays, "Closed every", Input.whole(:weekday, "Weekday", "", 1..7), 0..6,
                           default: [].freeze),
                Input.list(:closed_on, "Closed on", Input.text(:day, "Closed on", 10..10), 0..MOST_CLOSED,
                           default: [].freeze),
                Input.flag(:not_from_here, "Not from here", default: false),
                Input.text(:note, "Note", 0..500, default: "")].freeze

      # @return [Hash{Symbol => Object}] complete
      # @raise [InputError] every fault at once, days that are none among them
      def self.check(given)
        values = Inputs.check(INPUTS, given)
        faults = values[:closed_on].each_with_index.filter_map do |text, i|
          next if CalendarDay.read(text)

          Inputs.fault(:not_a_day, ["closed_on", i.to_s], title: "Closed on", given: text)
        end
        raise InputError, faults if faults.any?

        { **values, name: values[:name].strip, closed_weekdays: values[:closed_weekdays].uniq.sort,
                    closed_on: values[:closed_on].uniq.sort }
      end

      attr_reader :id, :name, :lead_days

      # @param closed_on [Array<Date>]
      def initialize(id: nil, name: "", lead_days: 0, closed_weekdays: [], closed_on: [])
        @id = id
        @name = name
        @lead_days = lead_days
        @closed_weekdays = closed_weekdays
        @closed_on = closed_on
      end

      def open?(day)
        !@closed_weekdays.include?(day.cwday) && !@closed_on.include?(day)
      end

      # What is ordered on a day comes so many days after the next day on which it is open.
      def arrives(ordered_on)
        (ordered_on..).find { |day| open?(day) } + lead_days
      end

      # @return [Answer] of the rule buying.order_by
      def order_by(wanted_on, today:, house: HouseRules.default)
        Catalogue.answer("buying.order_by", { "wanted_on" => wanted_on.iso8601, "lead_days" => lead_days,
                                              "today" => today.iso8601, "closed" => closed_before(wanted_on) },
                         house: house)
      end

      private

      # Nobody is closed for longer on end than is looked back, slack of a month and all.
      def closed_before(wanted_on)
        return [] if @closed_weekdays.empty? && @closed_on.empty?

        last = wanted_on - lead_days
        ((last - LOOKED_BACK)..last).reject { |day| open?(day) }.map(&:iso8601)
      end

      LOOKED_BACK = 200
      private_constant :LOOKED_BACK
    end
  end
end
