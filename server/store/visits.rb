# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # When who is in which home. Nobody is in two homes at once.
      #
      #   visits.create({ "home" => id, "held_on" => "2026-11-28", "from_min" => 540, "to_min" => 1020,
      #                   "workers" => [] })
      class Visits < Table
        DAY = /\A\d{4}-\d{2}-\d{2}\z/
        YEARS = 2000..2100
        # In a season, of a studio.
        MOST = 400
        CLOCK = DeckBough::Days::Clock
        # What it is for: to put up, or to take down.
        DRESS = "dress"
        STRIKE = "strike"

        # Of homes that are there, by day and hour.
        #
        # @return [Array<Hash>] id, version, home, purpose, held_on (Date), from_min, to_min, lunch_from_min, lunch_min,
        #   workers
        def list
          told(present.order(:held_on, :from_min, Sequel[:visits][:id]).limit(MOST))
        end

        def create(given)
          values = row_of(given)
          id = transaction do
            one_at_a_time
            raise wrong("/held_on", "A studio plans #{MOST} visits at most. Delete old ones.") if present.count >= MOST

            id = rows(:visits).returning(:id).insert(studio_id: studio_id, **values).first[:id]
            keep_workers(id, values, given["workers"])
            agree(values[:home_id])
            id
          end
          find(id)
        end

        def change(id, version, given)
          values = row_of({ "purpose" => find(id)[:purpose], **given })
          transaction do
            one_at_a_time
            row = locked_one(id)
            raise Problem.conflict(current: answered(find(id)), yours: given) if row[:version] != version

            bump(:visits, row, values)
            keep_workers(id, values, given["workers"])
            [row[:home_id], values[:home_id]].uniq.each { |home| agree(home) }
          end
          find(id)
        end

        def delete(id, by:)
          transaction do
            row = locked_one(id)
            bump(:visits, row, deleted_at: Sequel::CURRENT_TIMESTAMP, deleted_by: by)
            agree(row[:home_id])
          end
        end

        # Who of it is elsewhere by now is told, and it stays deleted.
        def restore(id)
          transaction do
            one_at_a_time
            row = rows(:visits).where(id: id).exclude(deleted_at: nil).for_update.first or
              raise Problem.not_found("deleted visit")
            bump(:visits, row, deleted_at: nil, deleted_by: nil)
            refuse_elsewhere(id, row, database[:visit_workers].where(visit_id: id).select_map(:worker_id))
            agree(row[:home_id])
          end
          find(id)
        end

        def find(id)
          told(present.where(Sequel[:visits][:id] => id)).first or raise Problem.not_found("visit")
        end

        # Which of some homes are taken down in a visit.
        #
        # @return [Array<String>] ids
        def struck(homes)
          of_season(homes, STRIKE).distinct.select_map(:home_id)
        end

        # @return [Array<Hash>] id and held_on of the visits in which a home is taken down
        def taking_down(home)
          of_season(home, STRIKE).order(:held_on, :from_min)
                                 .map { |row| { id: row[:id], held_on: row[:held_on].iso8601 } }
        end

        # @return [Array<Hash>] likewise, in which it is put up
        def dressing(home)
          of_season(home, DRESS).order(:held_on, :from_min)
                                .map { |row| { id: row[:id], held_on: row[:held_on].iso8601 } }
        end

        # As an answer tells it.
        def answered(visit)
          { **visit, held_on: visit[:held_on].iso8601 }
        end

        private

        # By when things are there is told by the first visit, and when they are back by the last in which they come
        # down.
        def agree(home)
          first = of_season(home, DRESS).min(:held_on)
          last = of_season(home, STRIKE).max(:held_on)
          homes = Homes.new(database, studio_id)
          homes.struck_on(home, last) if last
          refuse_early(home, first)
          homes.visited_from(home, first) if first
        end

        # What was in seasons that are over says nothing of this one.
        def of_season(home, purpose)
          found = present.where(home_id: home, purpose: purpose)
          since = Seasons.new(database, studio_id).first_day
          since ? found.where { held_on >= since } : found
        end

        def refuse_early(home, first)
          return if first.nil? || of_season(home, STRIKE).where { held_on < first }.empty?

          raise wrong("/held_on", "It is dressed from #{first.iso8601} on. Choose a later day for taking it down.")
        end

        def one_at_a_time
          database[:studios].where(id: studio_id).for_update.get(:id)
        end

        def present
          database[:visits].join(:homes, id: :home_id)
                           .where(Sequel[:visits][:studio_id] => studio_id, Sequel[:visits][:deleted_at] => nil,
                                  Sequel[:homes][:deleted_at] => nil).select_all(:visits)
        end

        def locked_one(id)
          rows(:visits).where(id: id, deleted_at: nil).for_update.first or raise Problem.not_found("visit")
        end

        def told(dataset)
          found = dataset.all
          there = database[:visit_workers].join(:workers, id: :worker_id)
                                          .where(visit_id: found.map { |row| row[:id] }, deleted_at: nil)
                                          .order(:name, :worker_id).select_hash_groups(:visit_id, :worker_id)
          found.map do |row|
            { home: row[:home_id], workers: there.fetch(row[:id], []),
              **row.slice(:id, :version, :purpose, :held_on, :from_min, :to_min, :lunch_from_min, :lunch_min) }
          end
        end

        def row_of(given)
          hours = checked(DeckBough::Days::Visit.inputs, given.except("home", "purpose", "held_on", "workers"))
          refuse_hours(hours)
          { **hours, home_id: home(given["home"]), held_on: day(given["held_on"]),
                     purpose: given.fetch("purpose", DRESS) }.tap { |row| refuse_day_off(row) }
        end

        def refuse_day_off(row)
          off = DaysOff.on(DaysOff.new(database, studio_id).list, row[:home_id], row[:held_on]) or return
          why = off[:why].empty? ? "" : " (#{off[:why]})"
          raise wrong("/held_on", "Nobody works there on that day#{why}. Choose another.")
        end

        def refuse_hours(hours)
          if hours[:to_min] <= hours[:from_min]
            raise wrong("/to_min", "A visit ends after it begins. Choose a later end, or an earlier beginning.")
          end

          lunch = hours[:lunch_from_min]
          return if lunch.nil? || lunch.between?(hours[:from_min], hours[:to_min] - hours[:lunch_min])

          raise wrong("/lunch_from_min", "Lunch lies inside the visit, with its minutes. Choose another time for it.")
        end

        def home(id)
          (Ids.id?(id) && rows(:homes).where(id: id, deleted_at: nil).get(:id)) or
            raise wrong("/home", "That home is not there any more. Choose another.")
        end

        def day(text)
          raise Date::Error unless text.match?(DAY)

          day = Date.iso8601(text)
          YEARS.cover?(day.year) ? day : raise(Date::Error)
        rescue Date::Error
          raise wrong("/held_on", "“#{text[0, 20]}” is no day a visit can be on. Choose one such as 2026-11-28.")
        end

        def keep_workers(id, values, given)
          ids = given.uniq
          known = ids.all? { |one| Ids.id?(one) } ? rows(:workers).where(id: ids, deleted_at: nil).select_map(:id) : []
          raise wrong("/workers", "Somebody of these works here no more. Choose again.") if known.size < ids.size

          database[:visit_workers].where(visit_id: id).delete
          database[:visit_workers].multi_insert(ids.map do |one|
            { studio_id: studio_id, visit_id: id, worker_id: one }
          end)
          refuse_elsewhere(id, values, ids)
        end

        # Nobody is in two places at once.
        def refuse_elsewhere(id, values, workers)
          other = present.join(:visit_workers, visit_id: Sequel[:visits][:id])
                         .join(:workers, id: :worker_id)
                         .where(worker_id: workers, Sequel[:workers][:deleted_at] => nil, held_on: values[:held_on])
                         .exclude(Sequel[:visits][:id] => id)
                         .where { (from_min < values[:to_min]) & (to_min > values[:from_min]) }
                         .order(:from_min, Sequel[:workers][:name], :worker_id)
                         .select(Sequel[:workers][:name].as(:who), Sequel[:homes][:name].as(:home), :from_min, :to_min)
                         .first or return

          raise wrong("/workers", "#{other[:who]} is in #{other[:home]} from #{CLOCK.told(other[:from_min])} to " \
                                  "#{CLOCK.told(other[:to_min])} that day. Choose other hours, or somebody else.")
        end
      end
    end
  end
end
