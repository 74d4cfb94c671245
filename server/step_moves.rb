# frozen_string_literal: true

module DeckBough
  module Server
    # A step put to another time, or given to somebody else: the rest is planned again around it. What cannot be is
    # refused with the rule it breaks, and nothing is kept.
    #
    #   moves = StepMoves.new(database, studio, kept: kept)
    #   moves.move(visit_id, { "step" => step, "from_min" => 600, "workers" => [id] }, today: today)[:before] # => nil
    class StepMoves
      SKILLS = { "symmetry" => "ribbon and bows", "carpentry" => "hooks and nails", "heights" => "ladders" }.freeze

      def initialize(database, studio, kept:)
        @database = database
        @schedules = Schedules.new(database, studio, kept: kept)
        @visits = Store::Visits.new(database, studio[:id])
        @acts = Store::VisitActs.new(database, studio[:id])
        @pins = Store::StepPins.new(database, studio[:id])
        @workers = Store::Workers.new(database, studio[:id])
      end

      # @param given [Hash] step, from_min (of the visit's day; nil lets it go where it may), workers
      # @return [Hash] before (where it was put before, or nil), homes (id, name, before_min, end_min), unplaced
      #   (before, after)
      def move(visit_id, given, today:)
        visit = @visits.find(visit_id)
        Store::Table.tried(@database) do
          @acts.one_at_a_time(visit[:home])
          span, now = @schedules.of_visit(visit, today: today)
          told = span.open_steps.find { |one| one.step.id == given["step"] && one.step.site == DaySpan.site(visit) } or
            raise Problem.not_found("step")
          before = @pins.put(visit[:home], told.step.id, given["from_min"] && pin(span, told.step, visit, given))
          _, moved = @schedules.of_visit(visit, today: today)
          refuse_unplaced(moved, told.step.id) if given["from_min"]
          refuse_over_another(now, moved)
          { before: before, **compared(now, moved) }
        end
      end

      private

      def pin(span, step, visit, given)
        workers = given["workers"].uniq
        refuse_people(step, visit, workers)
        from = span.start_of(visit) + given["from_min"]
        busy = workers.find do |one|
          !DeckBough::Days::Pinning.holds?(span.hours(one), from, from + span.minutes(step, workers), step.site)
        end
        raise wrong("/from_min", "#{named(busy)} is not at work there all the while. Choose another time.") if busy

        { visit: visit[:id], from_min: given["from_min"], workers: workers }
      end

      def refuse_people(step, visit, workers)
        absent = workers.find { |one| !visit[:workers].include?(one) }
        if absent
          raise wrong("/workers",
                      "#{named(absent) || 'Somebody'} is not in that visit. Choose somebody who is.")
        end

        unless workers.size == step.people
          raise wrong("/workers", "It is done by #{step.people == 1 ? 'one' : step.people}. Choose so many.")
        end
        return if step.skill.nil? || workers.any? { |one| skills(one).include?(step.skill) }

        raise wrong("/workers", "It takes somebody who can do #{SKILLS.fetch(step.skill)}.")
      end

      def refuse_unplaced(told, id)
        step = told[:steps].find { |one| one[:id] == id }
        return unless step[:why]

        first = step[:after].filter_map { |before| told[:steps].find { |one| one[:id] == before[:id] } }
                            .reject { |one| one[:done] }.map { |one| "“#{one[:title]}”" }.uniq
        after = first.empty? ? "somebody does something else then" : "it comes after #{first.join(' and ')}"
        raise wrong("/from_min", "It cannot be done then: #{after}.")
      end

      # What stood somewhere still stands there.
      def refuse_over_another(now, moved)
        over = moved[:steps].zip(now[:steps]).find { |step, before| step[:pinned] && step[:why] && !before[:why] } or
          return
        raise wrong("/from_min", "“#{over.first[:title]}” was put there already. Choose another time.")
      end

      def compared(now, moved)
        homes = moved[:homes].zip(now[:homes]).map do |home, before|
          { **home.slice(:id, :name, :end_min), before_min: before[:end_min] }
        end
        { homes: homes, unplaced: { before: unplaced(now), after: unplaced(moved) } }
      end

      def unplaced(told)
        told[:steps].count { |step| step[:why] }
      end

      def known
        @known ||= @workers.list.to_h { |worker| [worker[:id], worker] }
      end

      def named(id)
        known[id]&.fetch(:name)
      end

      def skills(id)
        known[id]&.fetch(:skills).to_a
      end

      def wrong(pointer, message)
        Problem.invalid([{ pointer: pointer, code: "wrong", message: message }])
      end
    end
  end
end
