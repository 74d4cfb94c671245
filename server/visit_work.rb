# frozen_string_literal: true

module DeckBough
  module Server
    # The steps of one visit, in the order they are done: what was done in it, then what is left of it.
    class VisitWork
      # @param span [DaySpan] the visit is planned in
      # @param told [Hash] the span as it is told
      # @param visit [Hash] as Store::Visits has it
      # @param journal [DeckBough::Days::Journal] of the home
      def initialize(span, told, visit, journal)
        @span = span
        @told = told
        @visit = visit
        @journal = journal
      end

      # @return [Array<DeckBough::Days::HomeSteps::Told>] of the home, whichever visit with this purpose they are in
      def all
        @all ||= @span.steps.select { |one| one.step.site == DaySpan.site(@visit) }
      end

      # @return [Array<Hash>] steps of the visit, as the span tells them
      def steps
        @steps ||= [*done_here, *to_do.sort_by { |step| [step[:from_min], step[:to_min]] }]
      end

      # @return [Array<DeckBough::Days::HomeSteps::Told>]
      def mine
        steps.map { |step| told(step[:id]) }
      end

      def told(id)
        @by_id ||= all.to_h { |one| [one.step.id, one] }
        @by_id.fetch(id)
      end

      # All parts of the steps some acts are about.
      def beside(steps)
        ids = steps.to_h { |id| [id.split("/").first(2), true] }
        all.select { |one| ids.key?(one.step.id.split("/").first(2)) }
      end

      # @return [Hash{String => String}] names by id
      def rooms
        @span.home(@visit[:home])[:rooms].to_h { |room| room.values_at(:id, :name) }
      end

      # @return [Array<Hash>] pieces of the home: as the span tells them, with their room
      def pieces
        @pieces ||= @span.home(@visit[:home])[:rooms].flat_map do |room|
          room[:pieces].map do |piece|
            { **@told[:pieces].find { |one| one[:id] == piece[:id] }, room: room[:id] }
          end
        end
      end

      private

      def of_home
        own = all.to_h { |one| [one.step.id, true] }
        @told[:steps].select { |step| own.key?(step[:id]) }
      end

      # By when the last of it was said.
      def done_here
        last = @journal.live.select { |act| act.up? && act.visit == @visit[:id] }.to_h { |act| [act.step, act.at] }
        of_home.select { |step| step[:done] && last.key?(step[:id]) }.sort_by { |step| last[step[:id]] }
      end

      # What waits was left for another visit by whoever was in this one.
      def to_do
        from = @told[:visits].find { |one| one[:id] == @visit[:id] }[:starts_min]
        hours = (from + @visit[:from_min])...(from + @visit[:to_min])
        waiting = of_home.select { |step| step[:waits_for] && @journal.waiting(step[:id]).visit == @visit[:id] }
        placed = of_home.select { |step| step[:from_min] && hours.cover?(step[:from_min]) && !step[:done] }
        [*(placed - waiting), *waiting.map { |step| { **step, from_min: hours.end, to_min: hours.end } }]
      end
    end
  end
end
