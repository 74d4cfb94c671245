# frozen_string_literal: true

module DeckBough
  module Rules
    module Days
      # Who does what when: steps after each other, inside visits, by people who can do them; the end, what no schedule
      # can be before, what decides the end, what could be later, what finds no place and why.
      #
      #   Catalogue.answer("days.schedule", { "tasks" => [{ "id" => "tree", "minutes" => 30 }],
      #     "people" => [{ "id" => "ida", "hours" => [{ "from_min" => 480, "to_min" => 720 }] }] })[:end_min] # => 510
      class Schedule < Rule
        MOST_TASKS = 160
        MOST_PEOPLE = 12
        MOST_HOURS = 31
        # Half a year of minutes.
        LAST = 264_000

        # A step of a piece that makes a thing is called after both.
        NAME = 1..120

        AFTER = [Input.text(:id, "Step", NAME),
                 Input.number(:wait_min, "Waits", "minutes", 0..100_000, default: 0)].freeze
        TASK = [Input.text(:id, "Step", NAME),
                Input.number(:minutes, "Minutes", "minutes", 0.1..1_440, why: "A step takes some time."),
                Input.whole(:people, "People", "people", 1..6, default: 1, why: "Somebody does it."),
                Input.text(:skill, "Skill", 1..40, default: nil),
                Input.text(:site, "Where", NAME, default: nil),
                Input.list(:after, "After", AFTER, 0..40, default: [].freeze),
                Input.number(:not_before_min, "Not before", "minutes", 0..LAST, default: nil),
                Input.number(:ready_by_min, "Ready by", "minutes", 0..LAST, default: nil)].freeze
        HOURS = [Input.number(:from_min, "From", "minutes", 0..LAST),
                 Input.number(:to_min, "To", "minutes", 0..LAST),
                 Input.text(:site, "Where", NAME, default: nil)].freeze
        PERSON = [Input.text(:id, "Person", 1..64),
                  Input.number(:pace, "Pace", "× usual", 0.25..4, default: 1, why: "Somebody works at some pace."),
                  Input.list(:skills, "Skills", Input.text(:skill, "Skill", 1..40), 0..12, default: [].freeze),
                  Input.list(:hours, "Hours", HOURS, 0..MOST_HOURS)].freeze

        declare id: "days.schedule", title: "Who does what when", handbook: "90 Schedule",
                inputs: [Input.list(:tasks, "Steps", TASK, 0..MOST_TASKS),
                         Input.list(:people, "People", PERSON, 0..MOST_PEOPLE)],
                outputs: { steps: "list", end_min: "minutes", bound_min: "minutes", chain: "list", slack: "minutes",
                           unplaced: "list" }

        def call
          check
          { steps: told, end_min: plan.end_min, bound_min: search.bound_min, chain: deciding.chain,
            slack: deciding.slack, unplaced: unplaced }
        end

        def findings(outputs)
          left = outputs[:unplaced].size
          left.zero? ? [] : [finding(:steps_unplaced, count: left)]
        end

        def working(outputs)
          [step("The longest chain, all the work over all the hours, and what one skill has to do",
                "#{given[:tasks].size} steps, #{given[:people].size} people", :bound_min, outputs),
           step("The best of many orders served one after the other",
                "no end is before #{figure(outputs[:bound_min], 0)}", :end_min, outputs),
           step("Each inside a visit, by people who are there the whole time", "#{outputs[:steps].size} placed", :steps,
                outputs),
           step("What finds no place", "#{outputs[:unplaced].size} of #{given[:tasks].size}", :unplaced, outputs),
           step("What decides the end", outputs[:chain].join(", "), :chain, outputs),
           step("How much later each could be, by the same people in the same order",
                "#{outputs[:slack].values.count(&:positive?)} could be later", :slack, outputs)]
        end

        private

        def told
          plan.slots.sort_by { |id, slot| [slot.from, id] }.map do |id, slot|
            { task: id, from_min: slot.from, to_min: slot.to, people: slot.people.map { |i| workers[i].id } }
          end
        end

        def unplaced
          plan.unplaced.map do |id, (code, value)|
            { task: id, why: Messages.sentence("unplaced", code.to_s, { value: value }),
              waits_for: code == :waits_for ? value : nil }
          end
        end

        def plan
          @plan ||= search.call
        end

        def search
          @search ||= DeckBough::Days::Search.new(steps, workers)
        end

        def deciding
          @deciding ||= DeckBough::Days::Deciding.new(steps, workers, plan)
        end

        def steps
          @steps ||= given[:tasks].map do |task|
            said = task.slice(:id, :minutes, :people, :skill, :site)
            DeckBough::Days::Step.new(**said, not_before: task[:not_before_min], ready_by: task[:ready_by_min],
                                              after: waits(task))
          end
        end

        # What is named twice waits as long as the longer of both.
        def waits(task)
          task[:after].group_by { |one| one[:id] }.transform_values { |those| those.map { |one| one[:wait_min] }.max }
        end

        def workers
          @workers ||= given[:people].map do |person|
            hours = person[:hours].map { |one| one.values_at(:from_min, :to_min, :site) }.sort_by { |one| one.first(2) }
            DeckBough::Days::Worker.new(**person.slice(:id, :pace, :skills), hours: hours)
          end
        end

        def check
          twice(:tasks)
          twice(:people)
          given[:tasks].each { |task| known(task) }
          given[:people].each { |person| hours(person) }
          circle = DeckBough::Days::Circle.among(steps) or return
          refuse(:steps_circle, :tasks, names: circle.join(", "))
        end

        def twice(list)
          name, = given[list].map { |one| one[:id] }.tally.find { |_, count| count > 1 }
          refuse(:named_twice, list, name: name) if name
        end

        def known(task)
          strange = task[:after].map { |one| one[:id] } - given[:tasks].map { |one| one[:id] }
          refuse(:step_unknown, :tasks, name: task[:id], after: strange.first) if strange.any?
        end

        def hours(person)
          stretches = person[:hours].map { |one| one.values_at(:from_min, :to_min) }.sort
          backwards = stretches.any? { |from, to| to <= from }
          overlapping = stretches.each_cons(2).any? { |one, other| other.first < one.last }
          refuse(:hours_wrong, :people, name: person[:id]) if backwards || overlapping
        end
      end
    end
  end
end
