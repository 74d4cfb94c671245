# frozen_string_literal: true

module DeckBough
  module Server
    # The log of one visit: what its work took against the house's minutes, and what was noted of it.
    #
    #   VisitLog.new(database, studio).of(visit_id, today: today)[:times]
    class VisitLog
      SAID = %w[note ran_out wait_for].freeze

      def initialize(database, studio)
        @database = database
        @studio = studio
        @visits = Store::Visits.new(database, studio[:id])
        @homes = Store::Homes.new(database, studio[:id])
        @rooms = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @needs = Store::Needs.new(database, studio[:id])
        @times = Store::LogTimes.new(database, studio[:id])
        @remarks = Store::LogRemarks.new(database, studio[:id])
        @acts = Store::VisitActs.new(database, studio[:id])
        @rules = Store::HouseRules.new(database, studio[:id])
      end

      # @return [Hash] as the contract has VisitLog
      def of(visit_id, today:)
        visit = @visits.find(visit_id)
        pending = TicksRead.new(@database, @studio).call(today: today).positive?
        home = @homes.find(visit[:home])
        times = @times.of_visit(visit_id).map { |time| { **time, **against(time) } }
        { visit: @visits.answered(visit), home: home.slice(:id, :name, :client), pieces: pieces(visit[:home]),
          times: times, minutes: minutes(times),
          remarks: @remarks.of_visit(visit_id), said: said(visit), pending: pending }
      end

      private

      # What the house would plan for it today, and what it took at the usual pace.
      def against(time)
        parts = time[:parts].map { |part| DeckBough::Logbook::Part.new(**part) }
        { planned: parts.sum { |part| part.planned(house) }, plain: time[:took] / time[:pace],
          rules: parts.map(&:rule).uniq.map { |rule| named(rule) } }
      end

      # All work together, whoever did it, and what the house would plan for it.
      def minutes(times)
        work = times.select { |time| time[:rules].first[:quantity] == DeckBough::Logbook::Learnt::MINUTES }
        %i[planned plain].to_h { |name| [name, work.sum { |time| time[name] }] }
      end

      def named(rule)
        { key: rule, title: DeckBough::HouseRules::CONSTANTS[rule].title,
          quantity: DeckBough::Logbook::Learnt.quantity(rule) }
      end

      def house
        @house ||= @rules.current
      end

      def pieces(home)
        rooms = @rooms.of_homes([home])
        listed = @pieces.listed(rooms.map { |room| room[:id] })
        portraits = @needs.work(listed.map { |piece| piece[:id] })
        names = rooms.to_h { |room| room.values_at(:id, :name) }
        listed.map do |piece|
          { **piece.slice(:id, :name, :kind), room: names[piece[:room_id]],
                                              portrait: portraits.dig(piece[:id], :portrait) }.compact
        end
      end

      # What was said on the run sheet meanwhile.
      def said(visit)
        @acts.told(@acts.journal(visit[:home])).select { |act| act[:visit] == visit[:id] && SAID.include?(act[:kind]) }
             .map { |act| act.slice(:key, :kind, :step, :says, :by, :minute, :photographs) }
      end
    end
  end
end
