# frozen_string_literal: true

module DeckBough
  module Server
    # What the log teaches: jobs of each house rule against what the house plans, and what follows.
    #
    #   Lessons.new(database, studio).all[:items].first[:state] # => "suggests"
    class Lessons
      LEARNT = DeckBough::Logbook::Learnt
      # So many of the latest jobs of a rule are listed; all count.
      LISTED = 200

      def initialize(database, studio)
        @studio = studio
        @rules = Store::HouseRules.new(database, studio[:id])
        @times = Store::LogTimes.new(database, studio[:id])
        @decisions = Store::LogDecisions.new(database, studio[:id])
      end

      def house
        @house ||= @rules.current
      end

      # @return [Hash] items (a lesson a rule that has jobs), least_jobs, without (how many rules have none)
      def all
        shown = LEARNT.keys.select { |key| jobs.key?(key) }
        { items: shown.map { |key| told(lesson(key)) }, least_jobs: house["log.least_jobs"],
          without: LEARNT.keys.size - shown.size, rules: LEARNT.keys.map { |key| rule(key) } }
      end

      # @raise [Problem] of a rule that no job corrects
      def one(key)
        learnt!(key)
        lesson = lesson(key)
        { **told(lesson), **sheet(lesson), **about(lesson), jobs: jobs_of(lesson), decisions: @decisions.list(key) }
      end

      # What the log proposes is taken on, or left.
      #
      # @param said [Hash] accepted, was (the value it was decided on), key
      def decide(house_rule, said, account_id:, day:)
        learnt!(house_rule)
        lesson = lesson(house_rule)
        # Looked up after that: where the same was decided meanwhile, nothing is proposed any more.
        return if @decisions.known?(said["key"])

        told = { **decided(lesson, said["accepted"], said["was"]), **measured(lesson) }
        @decisions.decide(house_rule, told, key: said["key"], account_id: account_id, day: day)
      end

      # The value a rule would have.
      #
      # @return [Numeric]
      def suggested(key)
        learnt!(key)
        lesson(key).suggested || house[key]
      end

      private

      def learnt!(key)
        raise Problem.not_found("lesson") unless LEARNT.learnt?(key)
      end

      def decided(lesson, accepted, was)
        becomes = accepted ? lesson.suggested : house[lesson.key]
        return { accepted: accepted, was: was, becomes: becomes } if lesson.suggests?

        raise Problem.invalid([{ pointer: "/accepted", code: "nothing_suggested",
                                 message: "The log proposes nothing here by now. Load the page again." }])
      end

      def measured(lesson)
        { factor: lesson.answer[:factor], spread: lesson.answer[:spread], jobs: lesson.counting.size }
      end

      def rows
        @rows ||= @times.teaching.to_h { |row| [row[:id], row] }
      end

      def jobs
        @jobs ||= DeckBough::Logbook::Job.all(rows.values.map { |row| Store::LogTimes.timed(row) }, house)
                                         .group_by(&:rule)
      end

      def lesson(key)
        DeckBough::Logbook::Lesson.new(key, jobs.fetch(key, []), house)
      end

      def constant(key)
        DeckBough::HouseRules::CONSTANTS.fetch(key)
      end

      def rule(key)
        { key: key, title: constant(key).title, unit: constant(key).unit, per: LEARNT.per(key),
          quantity: LEARNT.quantity(key), value: house[key] }
      end

      def told(lesson)
        answer = lesson.answer
        above, below = lesson.sides
        { **rule(lesson.key), state: lesson.state, count: lesson.counting.size,
                              ratios: lesson.counting.first(LISTED).map { |job| job.ratio.round(4) },
                              factor: answer && answer[:factor], spread: answer && answer[:spread],
                              above: above, below: below,
                              suggested: lesson.suggests? ? lesson.suggested : nil }
      end

      def about(lesson)
        { **constant(lesson.key).to_h.slice(:low, :high, :why), chance: lesson.by_chance,
                                                                taken_out: taken_out(lesson) }
      end

      def jobs_of(lesson)
        far = lesson.far.to_h { |job| [job.timed, true] }
        lesson.jobs.first(LISTED).map { |job| job(job, far) }
      end

      def job(job, far)
        row = rows.fetch(job.timed)
        { id: row[:id], version: row[:version], season: row[:season], held_on: row[:held_on].iso8601,
          home: row[:home_id], home_name: row[:home_name], piece: row[:piece_id], piece_name: row[:piece_name],
          planned: job.planned, took: job.took, ratio: job.ratio, how: job.how, far: far.key?(job.timed),
          **row.slice(:who, :source, :corrected, :left_out) }
      end

      # What was reckoned away before anything was compared: in how many of the jobs.
      def taken_out(lesson)
        own = lesson.counting.map { |job| rows.fetch(job.timed) }
        ladder = own.count do |row|
          row[:parts].any? { |part| part.rule == lesson.key && part.high.positive? }
        end
        { pace: own.count { |row| row[:pace] != 1 }, ladder: ladder,
          solved: lesson.counting.count { |job| job.how == "solved" } }
      end

      def sheet(lesson)
        lesson.answer ? { sheet: WorkingSheet.of(constant(lesson.key).title, [lesson.answer], house) } : {}
      end
    end
  end
end
