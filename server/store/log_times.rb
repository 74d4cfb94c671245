# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What work really took, told by people or read from the ticks of run sheets.
      #
      #   times.create({ "key" => key, "held_on" => "2025-11-29", "home" => id, "took" => 66,
      #                  "parts" => [{ "rule" => "minutes.ornament", "base" => 72 }] }, latest: today)
      class LogTimes < Table
        # A studio keeps so many; the latest so many teach.
        MOST = 20_000
        TAUGHT_BY = 1_000
        SEASON = DeckBough::Stock::Wear
        TELLING = DeckBough::Logbook::Telling

        # The latest of them.
        #
        # @return [Array<Hash>] rows with parts as the core has them
        def teaching
          present.order(Sequel.desc(:held_on), Sequel.desc(:made_at), :id).limit(TAUGHT_BY).all.map { |row| read(row) }
        end

        # All of a season that count.
        #
        # @return [Array<Hash>] likewise
        def of_season(season)
          present.where(season: season, left_out: nil).all.map { |row| read(row) }
        end

        # @return [Array<Hash>] of a visit, as the contract has LogTime
        def of_visit(visit)
          present.where(visit_id: visit).order(:made_at, :id).all.map { |row| shown(read(row)) }
        end

        def find(id)
          shown(read(present.where(id: id).first || raise(Problem.not_found("job"))))
        end

        # Once by the key.
        #
        # @param latest [Date] nothing was done after it
        def create(given, latest:)
          key!(given["key"])
          values = row_of(given, latest)
          id = transaction do
            database[:studios].where(id: studio_id).for_update.get(:id)
            known = rows(:log_times).where(key: given["key"]).get(:id) and next known

            raise wrong("/took", "A studio keeps #{MOST} jobs. Delete old ones.") if present.count >= MOST

            rows(:log_times).returning(:id).insert(studio_id: studio_id, key: given["key"], source: "told", **values)
                            .first[:id]
          end
          find(id)
        end

        # What it was is kept with who changed it.
        def change(id, version, given, account_id:, latest:)
          known = Date.iso8601(find(id)[:held_on])
          values = row_of(given, [latest, known].max)
          transaction do
            row = locked(id, "job")
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            kept(row, account_id)
            bump(:log_times, row, **values, corrected: true)
          end
          find(id)
        end

        def delete(id, by:)
          put_away(:log_times, id, "job", by: by)
        end

        def restore(id)
          take_out_again(:log_times, id, "job")
          find(id)
        end

        # @return [Array<Hash>] what it was before, the latest change first: by, at, took, parts, left_out
        def history(id)
          find(id)
          names = names_of_people
          rows(:log_time_changes).where(log_time_id: id).reverse(:id).limit(50).all.map do |row|
            { by: names[row[:account_id]], at: row[:changed_at].iso8601, **row[:was].to_h.transform_keys(&:to_sym) }
          end
        end

        # What the ticks of a home tell now: what they told before of other steps goes, what a person corrected or put
        # away stays as it is.
        #
        # @param home [Hash] id, name
        # @param seasons [Array<Integer>] those that were read
        # @param told [Array<Hash>] steps (text), piece, piece_name, visit, held_on, who, took, parts (Part)
        def read_off(home, told, seasons:)
          transaction do
            mine = rows(:log_times).where(home_id: home[:id], source: "ticks")
            fixed = mine.where(Sequel.|({ corrected: true }, Sequel.~(deleted_at: nil))).select_map(%i[season steps])
            told = told.map { |one| { **one, season: SEASON.season_of(one[:held_on]) } }
            told = told.reject { |one| fixed.any? { |season, steps| one[:season] == season && shared?(one, steps) } }
            stale = mine.where(season: seasons, corrected: false, deleted_at: nil)
            stale.exclude(%i[season steps] => told.map { |one| one.values_at(:season, :steps) }).delete
            put(home, told)
          end
        end

        # As the core takes it.
        #
        # @return [DeckBough::Logbook::Timed]
        def self.timed(row)
          DeckBough::Logbook::Timed.new(**row.slice(:id, :took, :pace, :parts, :left_out))
        end

        private

        def present
          rows(:log_times).where(deleted_at: nil)
        end

        def shared?(one, steps)
          one[:steps].split.intersect?(steps.split)
        end

        # How much of it there was is told when it was done; what it took may become more with what comes late.
        def put(home, told)
          database[:log_times].insert_conflict(
            target: %i[studio_id home_id season steps], conflict_where: { source: "ticks" },
            update: { took: Sequel[:excluded][:took], who: Sequel[:excluded][:who],
                      held_on: Sequel[:excluded][:held_on], visit_id: Sequel[:excluded][:visit_id] }
          ).multi_insert(told.map { |one| row_told(home, one) })
        end

        def row_told(home, one)
          { studio_id: studio_id, home_id: home[:id], home_name: home[:name], source: "ticks", piece_id: one[:piece],
            piece_name: one[:piece_name], visit_id: one[:visit], parts: parts(one[:parts].map(&:to_h)),
            **one.slice(:steps, :held_on, :season, :who, :took) }
        end

        def parts(list)
          Sequel.pg_jsonb(list)
        end

        def row_of(given, latest)
          said = checked_telling(given.except("key", "held_on", "home", "piece"))
          home = named(:homes, given["home"], "/home")
          piece = named(:pieces, given["piece"], "/piece")
          { **said, parts: parts(said[:parts].map(&:to_h)), who: said[:who].strip, left_out: said[:left_out]&.strip,
                    home_id: home&.fetch(:id), home_name: home ? home[:name] : "",
                    piece_id: piece&.fetch(:id), piece_name: piece ? piece[:name] : said[:piece_name].strip,
                    **day(given["held_on"], latest) }
        end

        def checked_telling(given)
          TELLING.check(given)
        rescue InputError => e
          raise Problem.of_faults(e.faults)
        end

        def named(table, id, pointer)
          return if id.nil?

          (Ids.id?(id) && rows(table).where(id: id, deleted_at: nil).first) or
            raise wrong(pointer, "That is not there any more. Choose another.")
        end

        def day(text, latest)
          day = CalendarDay.read(text) or
            raise wrong("/held_on", "“#{text[0, 20]}” is no day. Choose one such as 2025-11-28.")
          raise wrong("/held_on", "That day is still to come. Choose the one on which it was done.") if day > latest

          { held_on: day, season: SEASON.season_of(day) }
        end

        def kept(row, account_id)
          was = read(row)
          rows(:log_time_changes).insert(
            studio_id: studio_id, log_time_id: row[:id], account_id: account_id,
            was: Sequel.pg_jsonb({ **was.slice(:took, :pace, :left_out, :who), held_on: was[:held_on].iso8601,
                                                                               parts: was[:parts].map(&:to_h) })
          )
        end

        def read(row)
          parts = row[:parts].map { |part| DeckBough::Logbook::Part.new(**part.to_h.transform_keys(&:to_sym)) }
          { **row, parts: parts }
        end

        def shown(row)
          { **row.slice(:id, :version, :season, :home_name, :piece_name, :who, :source, :took, :pace, :left_out,
                        :corrected), held_on: row[:held_on].iso8601, home: row[:home_id], piece: row[:piece_id],
                                     visit: row[:visit_id], parts: row[:parts].map(&:to_h) }
        end
      end
    end
  end
end
