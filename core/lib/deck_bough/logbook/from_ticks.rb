# frozen_string_literal: true

module DeckBough
  module Logbook
    # What the ticks of a home's visits tell of its work, step by step of its pieces and rooms.
    #
    #   known = { visits: [], done: [], paces: {}, tasks: {} }
    #   Logbook::FromTicks.new([], known, house: HouseRules.default).told
    #
    # Only what is done tells anything. What was ticked off in one go with what came before it was not timed by itself:
    # the two are told together, and shared out later (SharingOut). Source: handbook 90, Log.
    class FromTicks
      # steps: what it is told of, room or piece and step of its bench, in the order they were done; visit: the last one
      # it was worked on in; by: who ticked.
      Told = Struct.new(:steps, :visit, :minutes, :parts, :by, keyword_init: true)
      # A visit as its ticks need it: acts (those that stand, as they came to pass), lunch from and to.
      Held = Struct.new(:id, :from_min, :lunch, :acts, keyword_init: true)

      # Ticked in less than this share of its plan it was ticked with what came before.
      IN_ONE_GO = 0.2

      # @param steps [Array<Days::HomeSteps::Told>] all of the home
      # @param known [Hash] visits (Array<Held>, by day), done (ids of steps), paces (by name), tasks (by piece, as
      #   Task#to_h tells them)
      def initialize(steps, known, house:)
        @groups = steps.group_by { |told| group(told.step.id) }
        @visits = known[:visits]
        @done = known[:done].to_h { |id| [id, true] }
        @paces = known[:paces]
        @tasks = known[:tasks]
        @house = house
      end

      # @return [Array<Told>]
      def told
        together.filter_map do |groups|
          next unless groups.all? { |id| done?(id) }

          minutes = groups.sum { |id| took(id) }
          parts = groups.flat_map { |id| parts(id) }
          next unless minutes.positive? && parts.size.between?(1, Telling::MOST_PARTS)

          Told.new(steps: groups, visit: last_visit(groups), minutes: minutes, parts: parts, by: by(groups))
        end
      end

      private

      def group(step)
        step.split("/").first(2).join("/")
      end

      # In the order they were worked on, with the visit.
      def stretches
        @stretches ||= @visits.flat_map do |visit|
          ticked = Ticked.new(visit.acts, from_min: visit.from_min, lunch: visit.lunch, paces: @paces)
          ticked.stretches.filter_map { |one| [visit.id, one] if @groups.key?(group(one.step)) }
        end
      end

      def of_group
        @of_group ||= stretches.group_by { |_, one| group(one.step) }
      end

      def done?(id)
        @groups.fetch(id).all? { |told| @done.key?(told.step.id) }
      end

      # Minutes of the clock; what two do together is told once, however many tick.
      def took(id)
        of_group.fetch(id).group_by { |_, one| one.step }.sum do |step, all|
          told = @groups.fetch(id).find { |one| one.step.id == step } || @groups.fetch(id).first
          minutes = all.sum { |_, one| one.minutes }
          told.step.people > 1 ? minutes / all.map { |_, one| one.by }.uniq.size * hands(id) : minutes
        end
      end

      # Whose minutes the house tells where two work: of one hold-and-tie, those of both.
      def hands(id)
        of_piece(id).any? { |task| task[:house_rule] == Days::HomeSteps::PAIRED } ? 2 : 1
      end

      # @return [Array<Array<String>>] groups that were timed together
      def together
        @together ||= begin
          belongs = of_group.keys.to_h { |id| [id, [id]] }
          lines.each { |line| line.each_cons(2) { |before, after| join(belongs, before, after) if in_one_go?(after) } }
          lines.each { |line| join(belongs, *line.first(2)) if line.size > 1 && in_one_go?(line.first) }
          belongs.values.uniq(&:object_id)
        end
      end

      # Each person's groups of a visit, in the order they were first worked on.
      def lines
        @lines ||= stretches.group_by { |visit, one| [visit, one.by] }.values.map do |all|
          all.map { |_, one| group(one.step) }.uniq
        end
      end

      def join(belongs, one, other)
        return if belongs[one].equal?(belongs[other])

        whole = belongs[one].concat(belongs[other])
        belongs[other].each { |id| belongs[id] = whole }
      end

      def in_one_go?(id)
        took(id) < IN_ONE_GO * parts(id).sum { |part| part.planned(@house) }
      end

      def parts(id)
        owner, key = id.split("/")
        return of_piece(id).map { |task| part(*task.values_at(:house_rule, :count, :high)) } if @tasks.key?(owner)

        rules = [Days::HomeSteps::ROOM_RULES[key]].compact
        rules << "minutes.shedding" if key == "clean_up" && sheds?(@groups.fetch(id).first.room)
        rules.map { |rule| part(rule, 1, 0) }
      end

      def part(rule, count, high)
        Part.new(rule: rule, base: count, high: high || 0)
      end

      def of_piece(id)
        owner, key = id.split("/")
        @tasks.fetch(owner, []).select do |task|
          task[:step] == key && task[:minutes].positive? && Learnt.learnt?(task[:house_rule])
        end
      end

      def sheds?(room)
        own = @groups.values.flatten.select { |told| told.room == room }.filter_map(&:piece).uniq
        Days::HomeSteps.sheds?(@tasks.values_at(*own).compact.flatten)
      end

      def last_visit(groups)
        stretches.reverse.find { |_, one| groups.include?(group(one.step)) }.first
      end

      def by(groups)
        groups.flat_map { |id| of_group.fetch(id) }.map { |_, one| one.by }.uniq.sort
      end
    end
  end
end
