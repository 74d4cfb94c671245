# frozen_string_literal: true

module DeckBough
  module Server
    # What coming plans would be if a house rule had another value: pieces not yet begun, and when days end. Nothing is
    # kept.
    #
    #   LessonChanges.new(database, studio, kept: kept).of("minutes.ornament", 0.74, today: today)[:items]
    class LessonChanges
      # Pieces that are planned anew, where it is not their minutes that change.
      MOST_PLANNED = 12
      ROOM_RULES = DeckBough::Days::HomeSteps::ROOM_RULES

      def initialize(database, studio, kept:)
        @studio = studio
        @schedules = Schedules.new(database, studio, kept: kept)
        @planning = Planning.new(database, studio)
        @pieces = Store::Pieces.new(database, studio[:id])
        @rows = Store::Needs.new(database, studio[:id])
      end

      # @return [Hash] items (piece, room: ids; name, home_name, on; now, would_be, by: of what the rule is of;
      #   ends_now, ends_then: minutes of that day), sum (by how much all), more (how many were not planned), pending
      def of(key, value, today:)
        work = DeckBough::Logbook::Learnt.work?(key)
        @quicker = value < @schedules.house[key]
        house = DeckBough::HouseRules.with(@schedules.house.changes.merge(key => value))
        now = @schedules.house[key]
        homes = work && now.positive? ? ->(all) { scaled(all, key, value / now.to_f) } : :itself.to_proc
        spans = @schedules.ahead_by(house, homes, today: today) { |*span| span }
        pending = spans.any? { |_, told, after| told[:pending] || after.nil? }
        told = work ? { items: spans.flat_map { |span| of_work(span, key) }, more: 0 } : of_things(key, value, spans)
        { **told, sum: told[:items].sum { |item| item[:by] }, pending: pending }
      end

      private

      # Minutes go with their rate.
      def scaled(homes, key, by)
        homes.transform_values do |home|
          { **home, rooms: home[:rooms].map { |room| { **room, pieces: faster(room[:pieces], key, by) } } }
        end
      end

      def faster(pieces, key, by)
        pieces.map do |piece|
          { **piece, tasks: piece[:tasks].map do |task|
            task[:house_rule] == key ? { **task, minutes: task[:minutes] * by } : task
          end }
        end
      end

      # Pieces and rooms of a span of which nothing is done yet and that this work is in.
      def of_work(span, key)
        before, now, after, later = span
        return [] if after.nil?

        was = minutes(before, key)
        would_be = minutes(after, key)
        was.select { |owner, minutes| minutes.positive? && unbegun?(now, owner) }.map do |owner, minutes|
          { **whose(now, owner), **ends(now, later, owner), **both(minutes, would_be.fetch(owner)) }
        end
      end

      def both(now, would_be)
        { now: now, would_be: would_be, by: would_be - now }
      end

      # @return [Hash] by piece, and by room for what is done in it as a whole
      def minutes(span, key)
        dressed, down = span.steps.select(&:piece).partition { |told| span.dressing?(told.step) }
                            .map { |steps| steps.group_by(&:piece) }
        pieces = span.pieces.select { |piece| dressed.key?(piece[:id]) || down.key?(piece[:id]) }.to_h do |piece|
          id, tasks = piece.values_at(:id, :tasks)
          [id, dressed.key?(id) ? by_rule(tasks, key) : in_strike(down[id], tasks, key)]
        end
        rooms = span.steps.select { |told| told.piece.nil? && ROOM_RULES[told.key] == key }
        pieces.merge(rooms.to_h { |told| [told.room, told.step.minutes] })
      end

      def by_rule(tasks, key)
        tasks.select { |task| task[:house_rule] == key }.sum { |task| task[:minutes] }
      end

      # What takes longer to dress takes longer to take down.
      def in_strike(steps, tasks, key)
        return 0 unless key == DeckBough::Logbook::Learnt::TAKE_DOWN || by_rule(tasks, key).positive?

        steps.sum { |told| told.step.minutes }
      end

      def own(told, owner)
        told[:steps].select { |step| (step[:piece] || step[:room]) == owner }
      end

      def unbegun?(told, owner)
        piece = told[:pieces].find { |one| one[:id] == owner }
        piece ? piece[:state] == "planned" : own(told, owner).none? { |step| step[:done] }
      end

      def whose(told, owner)
        piece = told[:pieces].find { |one| one[:id] == owner }
        home = told[:homes].find { |one| one[:id] == own(told, owner).first[:home] }
        name = piece ? piece[:name] : home[:rooms].find { |room| room[:id] == owner }[:name]
        down = own(told, owner).all? { |step| step[:key].start_with?(DeckBough::Days::StrikeSteps::OFF) }
        { piece: piece && owner, room: own(told, owner).first[:room], name: down ? "#{name}, taken down" : name,
          home_name: home[:name] }
      end

      # When its home's day on which the last of it is done ends, now and then.
      def ends(now, later, owner)
        last = own(now, owner).filter_map { |step| step[:to_min] }.max or
          return { on: nil, ends_now: nil, ends_then: nil }
        then_last = own(later, owner).filter_map { |step| step[:to_min] }.max
        then_ends = then_last && day_end(later, owner, then_last)
        { on: (Date.iso8601(now[:first_on]) + (last / DaySpan::DAY_MINUTES)).iso8601,
          **no_other_way_round(day_end(now, owner, last), then_ends) }
      end

      # Quicker work lets every step stay where it is; that a search finds a later end for it is no news of the work,
      # nor that it finds an earlier one for slower work.
      def no_other_way_round(now, ends)
        { ends_now: now, ends_then: ends && (@quicker ? [ends, now].min : [ends, now].max) }
      end

      def day_end(told, owner, minute)
        home = own(told, owner).first[:home]
        told[:steps].select { |step| step[:home] == home }.filter_map { |step| step[:to_min] }
                    .select { |to| to / DaySpan::DAY_MINUTES == minute / DaySpan::DAY_MINUTES }.max
      end

      # What a plan takes of a thing is known when it is made with the other value.
      def of_things(key, value, spans)
        step = key.split(".").first
        coming = spans.flat_map do |_, now|
          now[:pieces].select { |one| one[:state] == "planned" }.map { |one| [one, now] }
        end
        lines = @rows.lines_by_step(coming.map { |piece, _| piece[:id] })
        concerned = coming.select { |piece, _| lines.fetch(piece[:id], []).any? { |line| line[:step] == step } }
        planned = concerned.first(MOST_PLANNED).filter_map { |piece, now| anew(piece, now, { key => value }, step) }
        { items: planned, more: [concerned.size - MOST_PLANNED, 0].max }
      end

      def anew(piece, told, changes, step)
        whole = @pieces.find(piece[:id])
        now, would_be = [@planning, @planning.with(changes)].map do |planning|
          LedgerLine.by_step(planning.of(whole).lines).select { |line| line[:step] == step }.sum { |line| line[:need] }
        end
        return if (now - would_be).abs < 1e-6

        { **whose(told, piece[:id]), **ends(told, told, piece[:id]), **both(now, would_be) }
      rescue Problem, UnplannableError
        nil
      end
    end
  end
end
