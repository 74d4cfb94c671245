# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Pieces: things to be dressed, their settings, and everything that was ever changed about them.
      class Pieces < Table
        # What a change may touch; the history keeps it before and after.
        STATE = %i[name place_id settings].freeze

        def of_rooms(room_ids)
          present.where(room_id: room_ids).order(:position, :name).map { |row| shown(row) }
        end

        def find(id)
          shown(present.where(id: id).first || raise(Problem.not_found("piece")))
        end

        def create(room_id, given)
          name = checked([Survey::NAME], { "name" => given["name"] })[:name]
          kind = given.fetch("kind", "tree")
          settings = checked_settings(kind, kind == "tree" ? by_schools(given["settings"] || {}) : given["settings"] || {})
          id = transaction do
            rows(:rooms).where(id: room_id, deleted_at: nil).for_share.first or raise Problem.not_found("room")
            check_place(room_id, given["place_id"])
            rows(:pieces).returning(:id).insert(studio_id: studio_id, room_id: room_id, place_id: given["place_id"], name: name, kind: kind,
                                                position: present.where(room_id: room_id).max(:position).to_i + 1,
                                                settings_schema: PieceSettings.of(kind)::SCHEMA, settings: Sequel.pg_jsonb(settings)).first[:id]
          end
          find(id)
        end

        # @param given [Hash] "name", "place_id", "settings": the whole state, made on `version`
        def change(id, version, given, account_id:, units:)
          name = checked([Survey::NAME], { "name" => given["name"] })[:name]
          transaction do
            row = locked(id, "piece")
            after = { "name" => name, "place_id" => given["place_id"], "settings" => checked_settings(row[:kind], given["settings"]) }
            raise Problem.conflict(current: shown(row), yours: given) if row[:version] != version

            check_place(row[:room_id], after["place_id"])
            keep(row, after, act: "change", says: says(row, after, units), account_id: account_id) unless same?(row, after)
          end
          find(id)
        end

        def undo(id, version, account_id:)
          step_through(id, version, account_id, "undo", &:undoable)
        end

        def redo(id, version, account_id:)
          step_through(id, version, account_id, "redo", &:redoable)
        end

        def history(id, page:)
          find(id)
          names = database[:accounts].where(studio_id: studio_id).to_hash(:id, :name)
          page(changes(id).reverse(:number), page) do |row|
            { number: row[:number], act: row[:act], of_number: row[:of_number], says: row[:says], by: names[row[:account_id]], made_at: row[:made_at].iso8601 }
          end
        end

        def delete(id)
          delete_softly(:pieces, id, "piece")
        end

        def restore(id)
          bring_back(:pieces, id, "piece")
          find(id)
        end

        private

        def present
          rooms = rows(:rooms).where(deleted_at: nil, home_id: rows(:homes).where(deleted_at: nil).select(:id)).select(:id)
          rows(:pieces).where(deleted_at: nil, room_id: rooms)
        end

        def changes(id)
          rows(:piece_changes).where(piece_id: id)
        end

        # A new piece takes what the studio likes where it does not say.
        def by_schools(document)
          schools = Studios.new(database).find(studio_id)
          liked = { "crown" => { "topper" => schools[:topper_school] }, "lights" => { "school" => schools[:light_school] } }
          return document unless document.is_a?(Hash)

          liked.reduce(document.transform_keys(&:to_s)) do |said, (group, values)|
            said[group].nil? || said[group].is_a?(Hash) ? said.merge(group => values.merge((said[group] || {}).transform_keys(&:to_s))) : said
          end
        end

        def checked_settings(kind, document)
          settings = PieceSettings.of(kind).check(document)
          ids = PieceSettings.of(kind).style_ids(settings)
          known = rows(:styles).where(Sequel.cast(:id, String) => ids).select_map(Sequel.cast(:id, String))
          unknown_styles(settings, ids - known) if known.size < ids.size
          settings
        rescue InputError => e
          raise Problem.of_faults(e.faults, under: "/settings")
        end

        # Wherever an unknown style is named: the group and the field.
        def unknown_styles(settings, ids)
          faults = settings.flat_map do |group, values|
            values.filter_map do |field, value|
              Inputs.fault(:styles_unknown, [group.to_s, field.to_s], title: group.to_s.tr("_", " ").capitalize) if named_in(value).intersect?(ids)
            end
          end
          raise InputError, faults
        end

        # Texts in a value, and in the entries of a list.
        def named_in(value)
          case value
          when Hash then value.values.flat_map { |part| named_in(part) }
          when Array then value.flat_map { |part| named_in(part) }
          else [value].grep(String)
          end
        end

        def check_place(room_id, place_id)
          return if place_id.nil? || rows(:places).where(room_id: room_id, id: place_id).get(:id)

          raise Problem.invalid([{ pointer: "/place_id", code: "unknown", message: "That place is not in this room. Choose one of the room's places." }])
        end

        def state(row)
          { "name" => row[:name], "place_id" => row[:place_id], "settings" => row[:settings].to_h }
        end

        def same?(row, after)
          JSON.generate(state(row).slice("name", "place_id")) == JSON.generate(after.slice("name", "place_id")) &&
            settings_of(row) == after["settings"]
        end

        def says(row, after, units)
          return "Renamed to #{after['name']}" if row[:name] != after["name"]
          return "Moved to another place" if row[:place_id] != after["place_id"]

          SettingsDifference.says(settings_of(row), after["settings"], units, groups: PieceSettings.of(row[:kind])::GROUPS)
        end

        def settings_of(row)
          PieceSettings.of(row[:kind]).check(row[:settings].to_h)
        end

        def keep(row, after, act:, says:, account_id:, of_number: nil)
          number = changes(row[:id]).max(:number).to_i + 1
          rows(:piece_changes).insert(studio_id: studio_id, piece_id: row[:id], number: number, account_id: account_id, act: act, says: says,
                                      of_number: of_number, before: Sequel.pg_jsonb(state(row)), after: Sequel.pg_jsonb(after))
          bump(:pieces, row, name: after["name"], place_id: after["place_id"], settings: Sequel.pg_jsonb(after["settings"]))
        end

        def step_through(id, version, account_id, act)
          transaction do
            row = locked(id, "piece")
            raise Problem.conflict(current: shown(row), yours: {}) if row[:version] != version

            change = yield(ChangeStack.new(changes(id).order(:number).select(:number, :act, :of_number).all)) or raise nothing(act)
            told = changes(id).where(number: change).first
            after = standing_place(row, told[act == "undo" ? :before : :after].to_h)
            keep(row, after, act: act, of_number: change, says: "#{act.capitalize}: #{told[:says]}", account_id: account_id)
          end
          find(id)
        end

        # The place may have been taken out of the room since; the tree then stands in none.
        def standing_place(row, after)
          there = after["place_id"] && rows(:places).where(room_id: row[:room_id], id: after["place_id"]).get(:id)
          after.merge("place_id" => there)
        end

        def nothing(act)
          Problem.new(422, "nothing-to-#{act}", "Nothing to #{act}", "There is nothing to #{act}.")
        end

        def shown(row)
          stack = ChangeStack.new(changes(row[:id]).order(:number).select(:number, :act, :of_number).all)
          row.slice(:id, :room_id, :place_id, :kind, :name, :version).merge(
            settings: settings_of(row), settings_schema: row[:settings_schema], changed_at: row[:changed_at].iso8601,
            can_undo: !stack.undoable.nil?, can_redo: !stack.redoable.nil?
          )
        end
      end
    end
  end
end
