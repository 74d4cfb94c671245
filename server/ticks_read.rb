# frozen_string_literal: true

module DeckBough
  module Server
    # Reads off run sheets what work took, home by home, wherever something was said since it was last read.
    #
    #   TicksRead.new(database, studio).call(today: today) # => 0, homes that are still to be read
    class TicksRead
      # So many homes are read in one request.
      MOST = 6
      SEASON = DeckBough::Stock::Wear
      # What is called by a name where several steps were ticked in one go.
      SEVERAL = 3

      def initialize(database, studio)
        @studio = studio
        @homes = Store::Homes.new(database, studio[:id])
        @acts = Store::VisitActs.new(database, studio[:id])
        @times = Store::LogTimes.new(database, studio[:id])
        @visits = Store::Visits.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @rows = Store::Needs.new(database, studio[:id])
        @seasons = Store::Seasons.new(database, studio[:id])
        @facts = DayFacts.new(database, studio)
      end

      # @return [Integer] how many homes are left for the next time
      def call(today:)
        unread = @acts.unread
        return 0 if unread.empty?

        now = unread.first(MOST)
        facts = @facts.of(now.to_h.keys, today)
        visits = of_season.group_by { |visit| visit[:home] }
        read = now.select { |home, _| reckoned?(facts[:homes][home]) }
        read.each do |home, acts|
          seasons = visits.fetch(home, []).group_by { |visit| SEASON.season_of(visit[:held_on]) }
          told = seasons.values.flat_map { |held| told(home, facts, held) }
          @times.read_off(facts[:homes][home], told, seasons: seasons.keys)
          @acts.read(home, acts)
        end
        unread.size - read.size
      end

      private

      # What was read in seasons that are over stays as it was read.
      def of_season
        since = @seasons.first_day
        since ? @visits.list.select { |visit| visit[:held_on] >= since } : @visits.list
      end

      def reckoned?(home)
        home && home[:rooms].flat_map { |room| room[:pieces] }.all? { |piece| piece[:reckoned] }
      end

      # A season's visits by themselves: what is done every year is a job every year.
      def told(home, facts, visits)
        steps = [*@facts.dressing(home, facts), *@facts.taking_down(home, facts)]
        known = { visits: visits.map { |visit| held(visit, facts[:progress][home][:journal]) }, paces: paces(facts),
                  done: facts[:progress][home][:done], tasks: tasks(facts[:homes][home], facts[:going]) }
        named = { steps: names(facts[:homes][home], steps), pieces: known[:tasks],
                  days: visits.to_h { |visit| visit.values_at(:id, :held_on) } }
        ticked = DeckBough::Logbook::FromTicks.new(steps, known, house: house).told.map { |one| row(one, named) }
        [*ticked, *ribbon_used(facts[:progress][home], steps, named)]
      end

      # A ribbon's job has a name of its own beside the step it was used in.
      RIBBON = "ribbon"
      USED = "ribbon_used"
      # How much they take goes with their billow.
      BILLOWED = %w[cascade spiral].freeze
      private_constant :RIBBON, :USED, :BILLOWED

      def ribbon_used(progress, steps, named)
        acts = progress[:journal].live.select { |act| act.used? && named[:days].key?(act.visit) }
        return [] if acts.empty?

        done = progress[:done].to_h { |id| [id, true] }
        on = steps.select { |told| told.key == RIBBON }.group_by(&:piece)
                  .select { |_, parts| parts.all? { |told| done.key?(told.step.id) } }
        DeckBough::Logbook::RibbonUsed.told(acts, laid(on.keys)).map do |one|
          { steps: "#{one.piece}/#{USED}", visit: one.visit, held_on: named[:days].fetch(one.visit), took: one.took,
            parts: one.parts, who: one.by.join(", "), piece: one.piece,
            piece_name: named[:steps].fetch("#{one.piece}/#{RIBBON}").first }
        end
      end

      # What lies on trees, as if it lay flat.
      def laid(pieces)
        lines = @rows.lines_by_step(pieces)
        @pieces.of_ids(pieces).filter_map do |piece|
          ribbon = piece[:settings][:ribbon]
          next unless piece[:kind] == RunSheets::TREE && BILLOWED.include?(ribbon[:method])

          rule = "ribbon.billow_#{ribbon[:billow]}"
          own = lines.fetch(piece[:id], []).select { |line| line[:kind] == RIBBON && line[:step] == RIBBON }
          [piece[:id], DeckBough::Logbook::RibbonUsed::Laid.new(
            rule: rule, base: own.sum { |line| line[:need] } / house[rule], styles: own.map { |line| line[:style] }
          )]
        end.to_h
      end

      def house
        @facts.house
      end

      def held(visit, journal)
        lunch = visit[:lunch_from_min]
        DeckBough::Logbook::FromTicks::Held.new(
          id: visit[:id], from_min: visit[:from_min], lunch: lunch && [lunch, lunch + visit[:lunch_min]],
          acts: journal.live.select { |act| act.visit == visit[:id] }
        )
      end

      def paces(facts)
        facts[:workers].to_h { |worker| worker.values_at(:name, :pace) }
      end

      def tasks(home, going)
        home[:rooms].flat_map { |room| room[:pieces] }.to_h do |piece|
          [piece[:id], [*piece[:tasks], *down(piece[:tasks], going[piece[:id]])]]
        end
      end

      # Each step of dressing is taken down in a share of its minutes.
      def down(tasks, going)
        return [] unless going

        tasks.group_by { |task| task[:step] }.map do |step, of_it|
          minutes = of_it.sum { |task| task[:minutes] } * going[step]
          { step: "#{DeckBough::Days::StrikeSteps::OFF}#{step}", house_rule: DeckBough::Logbook::Learnt::TAKE_DOWN,
            count: minutes, minutes: minutes, high: 0 }
        end
      end

      # What each step is called: its piece or room, and what is done.
      def names(home, steps)
        places = home[:rooms].flat_map { |room| [room, *room[:pieces]] }.to_h { |place| place.values_at(:id, :name) }
        steps.to_h do |told|
          [told.step.id.split("/").first(2).join("/"), [places[told.piece || told.room], told.title]]
        end
      end

      # What is of a single piece or room is told as that one's.
      def row(told, named)
        owners = told.steps.map { |step| step.split("/").first }.uniq
        { steps: told.steps.sort.join(" "), visit: told.visit, held_on: named[:days].fetch(told.visit),
          took: told.minutes, parts: told.parts, who: told.by.join(", "),
          piece: owners.one? && named[:pieces].key?(owners.first) ? owners.first : nil,
          piece_name: owners.one? ? named[:steps].fetch(told.steps.first).first : together(told.steps, named[:steps]) }
      end

      def together(steps, names)
        said = steps.first(SEVERAL).map { |step| names.fetch(step).join(", ") }
        said << "…" if steps.size > SEVERAL
        said.join(" · ")[0, DeckBough::Logbook::Telling::LONGEST_NAME]
      end
    end
  end
end
