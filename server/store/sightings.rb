# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What was seen, wished for, or is looked for in the clearance.
      #
      #   sightings.create({ "list" => "wish", "name" => "Second pair of stockings" })[:settled_on] # => nil
      class Sightings < Table
        MOST = 500
        SIGHTING = DeckBough::Buying::Sighting
        FIELDS = SIGHTING::INPUTS.map(&:name).freeze

        # @return [Array<Hash>] what is open first, by the day to decide, then what was settled
        def list
          found = present.order(Sequel.desc(Sequel.expr(settled_on: nil)), Sequel.asc(:decide_by, nulls: :last),
                                Sequel.desc(:made_at), :id).limit(MOST).all
          shown(found)
        end

        def find(id)
          shown(present.where(id: id).all).first or raise Problem.not_found("sighting")
        end

        def create(given)
          values = row_of(given)
          id = transaction do
            database[:studios].where(id: studio_id).for_update.get(:id)
            refuse_more
            rows(:sightings).returning(:id).insert(studio_id: studio_id, **values).first[:id]
          end
          find(id)
        end

        def change(id, version, given)
          values = row_of(given)
          transaction do
            row = locked(id, "sighting")
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            bump(:sightings, row, values)
          end
          find(id)
        end

        # It was bought, or let go; or is open again.
        #
        # @param on [Date, nil]
        def settle(id, day)
          transaction { bump(:sightings, locked(id, "sighting"), settled_on: day) }
          find(id)
        end

        def delete(id, by:)
          put_away(:sightings, id, "sighting", by: by)
        end

        def restore(id)
          take_out_again(:sightings, id, "sighting")
          find(id)
        end

        private

        def present
          rows(:sightings).where(deleted_at: nil)
        end

        def row_of(given)
          SIGHTING.check(given)
        rescue InputError => e
          raise Problem.of_faults(e.faults)
        end

        def refuse_more
          return if present.count < MOST

          raise Problem.invalid([{ pointer: "/name", code: "too_many",
                                   message: "A studio keeps #{MOST} of these. Delete some first." }])
        end

        def shown(found)
          pictures = Photographs.ids(rows(:photographs), :sighting_id, found.map { |row| row[:id] })
          found.map do |row|
            { **row.slice(:id, :version, *FIELDS), decide_by: row[:decide_by]&.iso8601,
                                                   settled_on: row[:settled_on]&.iso8601,
                                                   photographs: pictures.fetch(row[:id], []) }
          end
        end
      end
    end
  end
end
