# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Rooms with their survey and the places in them for a tree.
      class Rooms < Table
        PLACE = Survey::PLACE.map(&:name).freeze
        ROOM = Survey::ROOM.map(&:name).freeze

        # What a house comes to.
        MOST_IN_HOME = 60

        def of_home(home_id)
          of_homes([home_id])
        end

        # @return [Array<Hash>] the rooms of several homes with their places, in two queries
        def of_homes(home_ids)
          with_places(present.where(home_id: home_ids))
        end

        # @return [Array<Hash>] likewise, of some rooms
        def of_ids(ids)
          with_places(present.where(id: ids))
        end

        def find(id)
          row = present.where(id: id).first or raise Problem.not_found("room")
          shown(row, rows(:places).where(room_id: id).order(:position, :name).all)
        end

        def create(home_id, given)
          survey = surveyed(given)
          check_ways(home_id, survey[:plan])
          id = transaction do
            rows(:homes).where(id: home_id, deleted_at: nil).for_update.first or raise Problem.not_found("home")
            refuse_more(home_id)
            position = present.where(home_id: home_id).max(:position).to_i + 1
            row = { studio_id: studio_id, home_id: home_id, position: position, **row_of(survey) }
            id = rows(:rooms).returning(:id).insert(row).first[:id]
            keep_places(id, survey[:places])
            id
          end
          find(id)
        end

        # The whole survey at once: room, plan and places stand or fall together. Without a plan the one it has stays.
        def change(id, version, given)
          transaction do
            row = locked(id, "room")
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            survey = surveyed({ "plan" => row[:plan].to_h }.merge(given))
            check_ways(row[:home_id], survey[:plan])
            bump(:rooms, row, row_of(survey))
            keep_places(id, survey[:places])
          end
          find(id)
        end

        # When rooms of homes are to be ready, where somebody said so.
        #
        # @return [Hash{String => Hash}] by room: ready_on (Date), ready_min
        def ready_by(home_ids)
          present.where(home_id: home_ids).exclude(ready_on: nil)
                 .select_map(%i[id ready_on ready_min]).to_h { |id, on, min| [id, { ready_on: on, ready_min: min }] }
        end

        # What it takes stays as it is; only its days are planned anew.
        #
        # @param day [Date, nil] nil where it is to be ready by no time
        def be_ready(id, day, minute)
          transaction do
            locked(id, "room")
            rows(:rooms).where(id: id).update(ready_on: day, ready_min: day && minute)
          end
        end

        def delete(id, by:)
          delete_softly(:rooms, id, "room", by: by, pieces: pieces_of(id))
        end

        def restore(id)
          bring_back(:rooms, id, "room", pieces: pieces_of(id))
          find(id)
        end

        # @return [Sequel::Dataset] ids of the pieces in it
        def pieces_of(id)
          rows(:pieces).where(room_id: id).select(:id)
        end

        private

        def with_places(rooms)
          found = rooms.order(:position, :name).all
          places = rows(:places).where(room_id:
            found.map { |row| row[:id] }).order(:position, :name).to_hash_groups(:room_id)
          found.map { |row| shown(row, places.fetch(row[:id], [])) }
        end

        def present
          homes = rows(:homes).where(deleted_at: nil).select(:id)
          rows(:rooms).where(deleted_at: nil, home_id: homes)
        end

        def refuse_more(home_id)
          return if present.where(home_id: home_id).count < MOST_IN_HOME

          raise Problem.invalid(
            [{ pointer: "/name", code: "too_many",
               message: "A home holds up to #{MOST_IN_HOME} rooms. Make another home for more." }]
          )
        end

        def surveyed(given)
          Survey.room(given)
        rescue InputError => e
          raise Problem.of_faults(e.faults)
        end

        def row_of(survey)
          { **survey.slice(*ROOM), plan: Sequel.pg_jsonb(survey[:plan]) }
        end

        # What opens leads to a room of the same home; one that went is nowhere.
        def check_ways(home_id, plan)
          rooms = rows(:rooms).where(home_id: home_id).select_map(:id)
          lost = plan[:openings].index { |opening| opening[:leads_to] && !rooms.include?(opening[:leads_to]) } or return
          raise Problem.invalid([{ pointer: "/plan/openings/#{lost}/leads_to", code: "unknown",
                                   message: "That room is not in this home. Choose one of its rooms." }])
        end

        def keep_places(room_id, places)
          kept = Ids.only(places.filter_map { |place| place[:id] })
          gone = rows(:places).where(room_id: room_id).exclude(id: kept)
          refuse_used(gone.select_map(:id))
          gone.delete
          places.each_with_index { |place, i| keep_place(room_id, place, i) }
        end

        # A deleted piece lets go of its place; a present one keeps it.
        def refuse_used(ids)
          rows(:pieces).where(place_id: ids).exclude(deleted_at: nil).update(place_id: nil)
          used = rows(:pieces).where(place_id: ids).get(:name) or return
          raise Problem.invalid([{ pointer: "/places", code: "in_use",
                                   message: "#{used} stands in a place that was taken out. Move it first, or keep " \
                                            "the place." }])
        end

        def keep_place(room_id, place, position)
          values = { **place.slice(*PLACE), position: position }
          known = Ids.id?(place[:id]) && rows(:places).where(room_id: room_id, id: place[:id])
          return if known && known.update(values) == 1

          rows(:places).insert(studio_id: studio_id, room_id: room_id, **values)
        end

        def shown(row, places)
          row.slice(:id, :home_id, :version, *ROOM)
             .merge(changed_at: row[:changed_at].iso8601, plan: plan_of(row),
                    places: places.map { |place| place.slice(:id, *PLACE) })
        end

        # What was kept by another release and cannot be read any more is left out.
        def plan_of(row)
          return DeckBough::Rooms::FloorPlanSurvey::NOTHING if row[:plan].to_h.empty?

          DeckBough::Rooms::FloorPlanSurvey.check(row[:plan].to_h, row)
        rescue InputError
          DeckBough::Rooms::FloorPlanSurvey::NOTHING
        end
      end
    end
  end
end
