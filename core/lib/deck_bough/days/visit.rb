# frozen_string_literal: true

module DeckBough
  module Days
    # A stretch of a day in one home: who is there from when to when, and when they eat.
    #
    #   Days::Visit.new(home: "loft", from: 540, to: 1020, people: %w[ida], lunch_from: 720, lunch: 30).stretches
    #   # => [[540, 720, "loft"], [750, 1020, "loft"]]
    #
    # Minutes from the first day's midnight. Source: handbook 90, Schedule.
    Visit = Struct.new(:id, :home, :from, :to, :people, :lunch_from, :lunch, keyword_init: true) do
      # What a studio says of one: minutes from midnight of its day.
      def self.inputs
        @inputs ||= [Input.whole(:from_min, "From", "minutes", 0..1_430),
                     Input.whole(:to_min, "To", "minutes", 10..1_440),
                     Input.whole(:lunch_from_min, "Lunch from", "minutes", 0..1_430, default: nil),
                     Input.whole(:lunch_min, "Lunch", "minutes", 0..180, default: 0)].freeze
      end

      # Of one who goes from home to home: she needs a while to cross over, and comes when she is done where she was.
      #
      # @param visits [Array<Visit>] all there are
      # @param crossing [Numeric] minutes
      # @return [Array<Array(Numeric, Numeric, String)>] from, to, home; one after the other
      def self.hours(visits, person, crossing)
        last = nil
        visits.select { |visit| visit.people.include?(person) }.sort_by(&:from).flat_map do |visit|
          over = last.nil? || last.home == visit.home ? 0 : crossing.ceil
          since = last ? last.to + over : visit.from
          last = visit if last.nil? || visit.to > last.to
          visit.stretches.filter_map { |from, to, home| [[from, since].max, to, home] if to > since }
        end
      end

      # @return [Array<Array(Numeric, Numeric, String)>] from, to, home
      def stretches
        return [[from, to, home]] if lunch_from.nil? || lunch.zero?

        [[from, [lunch_from, to].min, home], [[lunch_from + lunch, from].max, to, home]]
          .select { |begins, ends, _| begins < ends }
      end
    end
  end
end
