# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Homes of clients: who lives there, when it is dressed, its rooms and pieces.
      class Homes < Table
        DATES = %i[visit_on strike_on].freeze
        FACTS = Survey::HOME.map(&:name).freeze

        # A calendar day as people write it; the database knows no others.
        DAY = /\A(19|20)\d\d-\d\d-\d\d\z/

        def list(page:)
          page(present.order(Sequel.asc(:visit_on, nulls: :last), :name), page) { |row| shown(row) }
        end

        def find(id)
          shown(present.where(id: id).first || raise(Problem.not_found("home")))
        end

        # @return [Array<Hash>]
        def of_ids(ids)
          present.where(id: ids).map { |row| shown(row) }
        end

        # @param given [Hash] fields of Survey::HOME, visit_on, strike_on, look_id
        def create(given)
          values = row_of(given)
          id = transaction { rows(:homes).returning(:id).insert(studio_id: studio_id, **values).first[:id] }
          find(id)
        end

        def change(id, version, given)
          values = row_of(given)
          transaction do
            row = locked(id, "home")
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            refuse_other_days(row, values)
            bump(:homes, row, values)
            # Its pieces want their things on other days.
            moved = row.slice(*DATES) != values.slice(*DATES)
            Claims.new(database, studio_id).share_out_of(pieces_of(id)) if moved
          end
          find(id)
        end

        # Its things are wanted from its first visit on: stock and buying follow the days.
        #
        # @param day [Date]
        def visited_from(id, day)
          transaction do
            row = locked(id, "home")
            next if row[:visit_on] == day

            raise after_strike(row[:strike_on]) if row[:strike_on] && row[:strike_on] < day

            bump(:homes, row, visit_on: day)
            Claims.new(database, studio_id).share_out_of(pieces_of(id))
          end
        end

        # Its things are back from the last visit on in which they are taken down.
        #
        # @param day [Date]
        def struck_on(id, day)
          transaction do
            row = locked(id, "home")
            next if row[:strike_on] == day

            raise before_visit(row[:visit_on]) if row[:visit_on] && row[:visit_on] > day

            bump(:homes, row, strike_on: day)
            Claims.new(database, studio_id).share_out_of(pieces_of(id))
          end
        end

        # @return [String, nil] ISO day on which its stems are exchanged
        def spring(id)
          present.where(id: id).get(:spring_on)&.iso8601
        end

        # @return [Array<Hash>] homes whose stems are still to be exchanged: id, name, on (Date)
        def springs(today)
          present.where { spring_on >= today }.order(:spring_on, :name, :id)
                 .select_map(%i[id name spring_on]).map { |id, name, on| { id: id, name: name, on: on } }
        end

        # When its stems are exchanged.
        #
        # @param day [Date, nil]
        def spring_on(id, day)
          struck = present.where(id: id).get(:strike_on)
          if day && struck && day <= struck
            raise Problem.invalid([{ pointer: "/on", code: "too_early",
                                     message: "It is struck on #{struck.iso8601}. Choose a later day." }])
          end

          rows(:homes).where(id: id).update(spring_on: day)
        end

        def delete(id, by:)
          delete_softly(:homes, id, "home", by: by, pieces: pieces_of(id))
        end

        def restore(id)
          bring_back(:homes, id, "home", pieces: pieces_of(id))
          find(id)
        end

        # @return [Sequel::Dataset] ids of the pieces in it
        def pieces_of(id)
          rows(:pieces).where(room_id: rows(:rooms).where(home_id: id).select(:id)).select(:id)
        end

        # To choose from, those with the next day first.
        #
        # @return [Array<Hash>] id, name, client, visit_on
        def to_visit(most)
          present.order(Sequel.asc(:visit_on, nulls: :last), :name, :id).limit(most).all.map do |row|
            { **row.slice(:id, :name, :client), visit_on: row[:visit_on]&.iso8601, strike_on: row[:strike_on]&.iso8601 }
          end
        end

        private

        # Where there are visits its days are theirs.
        def refuse_other_days(row, values)
          visits = Visits.new(database, studio_id)
          first, last = [visits.dressing(row[:id]).first, visits.taking_down(row[:id]).last].map do |visit|
            visit && Date.iso8601(visit[:held_on])
          end
          faults = [[:visit_on, first, "first visit"], [:strike_on, last, "strike"]].filter_map do |name, day, what|
            next if day.nil? || values[name] == row[name] || values[name] == day

            { pointer: "/#{name}", code: "follows_visits",
              message: "Its #{what} is on #{day.iso8601}, among the days. Move that visit; this day follows." }
          end
          raise Problem.invalid(faults) if faults.any?
        end

        def after_strike(day)
          Problem.invalid([{ pointer: "/held_on", code: "too_late",
                             message: "All of it is taken down on #{day.iso8601}. Choose a day before, or another " \
                                      "for the strike." }])
        end

        def before_visit(day)
          Problem.invalid([{ pointer: "/held_on", code: "too_early",
                             message: "It is dressed from #{day.iso8601} on. Choose a later day for taking it down." }])
        end

        def present
          rows(:homes).where(deleted_at: nil)
        end

        def row_of(given)
          facts = checked(Survey::HOME, given.slice(*FACTS.map(&:to_s)))
          dates = DATES.to_h { |name| [name, date(given[name.to_s], name)] }
          if dates.values.all? && dates[:strike_on] < dates[:visit_on]
            raise Problem.invalid([{ pointer: "/strike_on", code: "too_early",
                                     message: "The strike is before the visit. Choose a day after " \
                                              "#{dates[:visit_on].iso8601}." }])
          end

          { **facts, children_ages: Sequel.pg_array(facts[:children_ages], :integer),
                     pets: Sequel.pg_array(facts[:pets], :text),
                     look_id: look(given["look_id"]), **dates }
        end

        def date(text, name)
          return nil if text.nil?
          raise Date::Error unless text.match?(DAY)

          Date.iso8601(text)
        rescue Date::Error
          raise Problem.invalid(
            [{ pointer: "/#{name}", code: "not_a_date",
               message: "“#{text[0, 40]}” is not a day. Type one such as 2026-11-28." }]
          )
        end

        def look(id)
          return nil if id.nil?

          (Ids.id?(id) && rows(:looks).where(id: id).get(:id)) or
            raise Problem.invalid(
              [{ pointer: "/look_id", code: "unknown", message: "That look is not there. Choose another." }]
            )
        end

        def shown(row)
          row.slice(:id, :look_id, :rented, :conifer_allergy, :version, *FACTS).merge(
            children_ages: row[:children_ages].to_a, pets: row[:pets].to_a, visit_on: row[:visit_on]&.iso8601,
            strike_on: row[:strike_on]&.iso8601, changed_at: row[:changed_at].iso8601
          )
        end
      end
    end
  end
end
