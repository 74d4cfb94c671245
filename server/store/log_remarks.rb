# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What was noted of visits and their pieces beside minutes and counts.
      #
      #   remarks.create(visit, { "key" => key, "sort" => "buy", "says" => "a second pair of lanterns" }, account_id: 7)
      class LogRemarks < Table
        REMARK = DeckBough::Logbook::Remark
        # Of a visit.
        MOST = 300
        # So many corrections of one are told.
        MOST_CHANGES = 50
        GIVEN = %w[sort says finish price_cents].freeze

        # @return [Array<Hash>] as the contract has LogRemark, as they were noted
        def of_visit(visit)
          shown(present.where(visit_id: visit).order(:made_at, :id).all)
        end

        # Pictures from before and after, and the client's words, of this season's visits to a home.
        #
        # @return [Array<Hash>] likewise
        def of_home(home_id)
          from = Seasons.new(database, studio_id).first_day
          found = present.where(home_id: home_id, sort: [*REMARK::PICTURES, "client"])
          found = found.where { held_on >= from } if from
          shown(found.order(:made_at, :id).limit(MOST).all)
        end

        # Ideas over all homes, what is open first, the latest season first.
        #
        # @return [Hash] a page
        def ideas(page:, sort: nil)
          found = present.where(sort: sort || REMARK::IDEAS)
          told = page(found.order(Sequel.desc(Sequel.expr(settled_on: nil)), Sequel.desc(:season), :home_name, :made_at,
                                  :id), page) { |row| row }
          { **told, items: shown(told[:items]) }
        end

        # How many are open, by sort.
        def open_ideas
          counts = present.where(sort: REMARK::IDEAS, settled_on: nil).group_and_count(:sort).to_hash(:sort, :count)
          REMARK::IDEAS.to_h { |sort| [sort, counts.fetch(sort, 0)] }
        end

        def find(id)
          shown(present.where(id: id).all).first or raise Problem.not_found("remark")
        end

        # Once by the key.
        #
        # @param visit [Hash] as Visits has it
        def create(visit, given, account_id:)
          key!(given["key"])
          values = row_of(visit, given)
          id = transaction do
            rows(:homes).where(id: visit[:home]).for_no_key_update.get(:id)
            known = rows(:log_remarks).where(key: given["key"]).get(:id) and next known

            raise wrong("/says", "Of one visit #{MOST} remarks are kept.") if of(visit).count >= MOST

            rows(:log_remarks).returning(:id).insert(studio_id: studio_id, key: given["key"], account_id: account_id,
                                                     visit_id: visit[:id], **values).first[:id]
          end
          find(id)
        end

        # @return [Array<Hash>] what it said before, the latest change first: by, at, sort, says, finish, price_cents
        def history(id)
          find(id)
          names = names_of_people
          rows(:log_remark_changes).where(log_remark_id: id).reverse(:id).limit(MOST_CHANGES).all.map do |row|
            { by: names[row[:account_id]], at: row[:changed_at].iso8601, **row[:was].to_h.transform_keys(&:to_sym) }
          end
        end

        def change(id, version, given, account_id:)
          find(id)
          said = checked_remark(given.slice(*GIVEN))
          transaction do
            row = locked(id, "remark")
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            next if row.slice(*said.keys) == said

            rows(:log_remark_changes).insert(studio_id: studio_id, log_remark_id: id, account_id: account_id,
                                             was: Sequel.pg_jsonb(row.slice(*GIVEN.map(&:to_sym))))
            bump(:log_remarks, row, said)
          end
          find(id)
        end

        def delete(id, by:)
          put_away(:log_remarks, id, "remark", by: by)
        end

        # What an act had noted goes with it.
        def forget(key, by:)
          id = present.where(key: key).get(:id)
          delete(id, by: by) if id
        end

        def restore(id)
          take_out_again(:log_remarks, id, "remark")
          find(id)
        end

        # It was done, or let go; or is open again.
        #
        # @param day [Date, nil]
        def settle(id, day)
          transaction { bump(:log_remarks, locked(id, "remark"), settled_on: day) }
          find(id)
        end

        # What is to be bought goes to the wishes, once, and is settled here.
        #
        # @return [Hash] the remark
        def wish(id, day)
          transaction do
            row = locked(id, "remark")
            raise wrong("/sort", "Only what is to be bought is wished for.") unless row[:sort] == "buy"

            unless row[:settled_on]
              Sightings.new(database, studio_id).create("list" => "wish", "name" => row[:says][0, 120],
                                                        "note" => note_of(row))
              bump(:log_remarks, row, settled_on: day)
            end
          end
          find(id)
        end

        private

        def present
          rows(:log_remarks).where(deleted_at: nil)
        end

        def of(visit)
          present.where(visit_id: visit[:id])
        end

        # Where it is wanted, and all of it where it is long.
        def note_of(row)
          [[row[:piece_name], row[:home_name]].reject(&:empty?).join(", "),
           (row[:says] if row[:says].size > 120)].compact.join(". ")
        end

        def row_of(visit, given)
          home = rows(:homes).where(id: visit[:home]).first
          piece = piece_of(visit, given["piece"])
          { **checked_remark(given.slice(*GIVEN)), home_id: home[:id], home_name: home[:name],
                                                   piece_id: piece&.fetch(:id),
                                                   piece_name: piece ? piece[:name] : "", held_on: visit[:held_on],
                                                   season: DeckBough::Stock::Wear.season_of(visit[:held_on]) }
        end

        def piece_of(visit, id)
          return if id.nil?

          rooms = rows(:rooms).where(home_id: visit[:home]).select(:id)
          (Ids.id?(id) && rows(:pieces).where(id: id, deleted_at: nil, room_id: rooms).first) or
            raise wrong("/piece", "That piece is not in this home any more. Choose another.")
        end

        def checked_remark(given)
          REMARK.check(given)
        rescue InputError => e
          raise Problem.of_faults(e.faults)
        end

        def shown(found)
          names = names_of_people
          seen = found.empty? ? {} : Photographs.ids(rows(:photographs), :log_remark_id, found.map { |row| row[:id] })
          found.map do |row|
            { **row.slice(:id, :version, :home_name, :piece_name, :season, :sort, :says, :finish, :price_cents),
              home: row[:home_id], piece: row[:piece_id], visit: row[:visit_id], held_on: row[:held_on].iso8601,
              settled_on: row[:settled_on]&.iso8601, by: names[row[:account_id]],
              photographs: seen.fetch(row[:id], []) }
          end
        end
      end
    end
  end
end
