# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Those who work in homes: how fast, what they can do. They need no account.
      #
      #   workers.create({ "name" => "Juniper Lodd", "pace" => 1.4, "skills" => [] })
      class Workers < Table
        MOST = Rules::Days::Schedule::MOST_PEOPLE

        # @return [Array<Hash>] id, version, name, pace, skills; by name
        def list
          present.order(:name, :id).all.map { |row| shown(row) }
        end

        def find(id)
          row = present.where(id: id).first or raise Problem.not_found("person")
          shown(row)
        end

        def create(given)
          values = row_of(given)
          transaction do
            one_at_a_time
            refuse_more
            shown(rows(:workers).returning.insert(studio_id: studio_id, **values).first)
          end
        end

        def change(id, version, given)
          values = row_of(given)
          transaction do
            row = locked(id, "person")
            raise Problem.conflict(current: shown(row), yours: given) if row[:version] != version

            bump(:workers, row, values)
          end
          find(id)
        end

        def delete(id, by:)
          put_away(:workers, id, "person", by: by)
        end

        def restore(id)
          transaction do
            one_at_a_time
            take_out_again(:workers, id, "person")
            refuse_more(MOST + 1)
          end
          find(id)
        end

        private

        # Two who add somebody at once: the second sees the first one's.
        def one_at_a_time
          database[:studios].where(id: studio_id).for_update.get(:id)
        end

        def refuse_more(most = MOST)
          return if present.count < most

          raise wrong("/name", "Days are planned for at most #{MOST} people. Take somebody out first.")
        end

        def present
          rows(:workers).where(deleted_at: nil)
        end

        def row_of(given)
          values = checked(DeckBough::Days::Worker.inputs, given)
          { **values, name: values[:name].strip, skills: Sequel.pg_array(values[:skills].uniq, :text) }
        end

        def shown(row)
          { **row.slice(:id, :version, :name), pace: row[:pace].to_f, skills: row[:skills].to_a }
        end
      end
    end
  end
end
