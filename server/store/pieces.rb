# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Pieces: things to be dressed, their settings, and everything that was ever changed about them.
      #
      # Settings are kept with their schema and read leniently (Kind#read): one value that cannot be read stands at its
      # default and is told under :unread; it never keeps a piece, its home or the season from being shown.
      class Pieces < Table
        # What a home with many rooms comes to; a list of more is asked for room by room.
        MOST_IN_ROOM = 60
        LISTED = %i[id room_id place_id kind name version wall at_m out_m optional].freeze

        # Everything about the pieces of some rooms but their settings: one query.
        #
        # @return [Array<Hash>] id, room_id, place_id, kind, name, version, and where it is: wall, at_m, out_m
        def listed(room_ids)
          present.where(room_id: room_ids).order(:position, :name).select(*LISTED).all
        end

        # @return [Array<Hash>] likewise, of some pieces
        def listed_of(ids)
          present.where(id: ids).select(*LISTED).all
        end

        # @return [Array<Hash>] as find, but for undo and redo
        def of_rooms(room_ids)
          present.where(room_id: room_ids).order(:position, :name).map { |row| read(row) }
        end

        # @return [Array<Hash>]
        def of_ids(ids)
          present.where(id: ids).map { |row| read(row) }
        end

        def find(id)
          shown(present.where(id: id).first || raise(Problem.not_found("piece")))
        end

        # @yield [Kind, CheckedSettings] whether these can be planned; raises a Problem when not
        def create(room_id, given)
          name = checked([Survey::NAME], { "name" => given["name"] })[:name]
          kind = Kinds.of(given.fetch("kind", Kinds::NAMES.first))
          settings = checked_settings(kind,
                                      kind.by_schools(given["settings"] || {}, Studios.new(database).find(studio_id)))
          id = transaction do
            rows(:rooms).where(id: room_id, deleted_at: nil).for_update.first or raise Problem.not_found("room")
            refuse_more(room_id)
            check_place(room_id, given["place_id"])
            yield kind, settings if block_given?
            rows(:pieces).returning(:id).insert(studio_id: studio_id, room_id: room_id, place_id: given["place_id"],
                                                name: name, kind: kind.name,
                                                position: present.where(room_id: room_id).max(:position).to_i + 1,
                                                settings_schema: kind.schema,
                                                settings: Sequel.pg_jsonb(settings)).first[:id]
          end
          find(id)
        end

        # Keeps what was dialled on a version. What somebody else changed meanwhile stays unless both turned the same
        # dial.
        #
        # @param given [Hash] "name", "place_id", "settings": the whole state; "insist": whether the own dial stands
        #   where both turned it
        # @yield [Kind, CheckedSettings, String] settings and place, to be refused when they cannot be planned
        # @raise [Problem] a conflict that names the dials both turned
        def change(id, version, given, account_id:, units:)
          name = checked([Survey::NAME], { "name" => given["name"] })[:name]
          transaction do
            row = locked(id, "piece")
            kind = Kinds.of(row[:kind])
            mine = PieceState.new(name: name, place_id: given["place_id"],
                                  settings: checked_settings(kind, given["settings"]))
            after = row[:version] == version ? mine : put_together(row, kind, version, mine, given, units)
            before = state(row)
            next if before == after && row[:settings_schema] == kind.schema

            check_place(row[:room_id], after.place_id)
            yield kind, after.settings, after.place_id if block_given?
            keep(row, after, act: "change", says: says(row, before, after, units), account_id: account_id)
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
          names = names_of_people
          told = page(changes(id).reverse(:number), page) do |row|
            { number: row[:number], act: row[:act], of_number: row[:of_number], says: row[:says],
              by: names[row[:account_id]], made_at: row[:made_at].iso8601 }
          end
          told.merge(items: in_words(told[:items]))
        end

        def delete(id, by:)
          delete_softly(:pieces, id, "piece", by: by, pieces: [id])
        end

        def restore(id)
          bring_back(:pieces, id, "piece", pieces: [id], draft_of: nil)
          find(id)
        end

        # Settings of a kind as somebody sent them, with every style they name in this studio.
        #
        # @return [CheckedSettings]
        # @raise [Problem] with every fault and its pointer
        def checked_settings(kind, document)
          settings = kind.check(document)
          named = StyleReferences.of(kind.groups, settings)
          known = rows(:styles).where(id: Ids.only(named.map(&:last))).select_map(:id)
          faults = named.reject { |_, id| known.include?(id) }.map do |path, _|
            Inputs.fault(:styles_unknown, path, title: path.first.tr("_", " ").capitalize)
          end
          raise InputError, faults unless faults.empty?

          settings
        rescue InputError => e
          raise Problem.of_faults(e.faults, under: "/settings")
        end

        private

        # Sentences kept before styles were told by name may hold an id.
        def in_words(entries)
          ids = entries.flat_map { |entry| entry[:says].scan(Ids::WITHIN) }
          return entries if ids.empty?

          names = rows(:styles).where(id: ids.uniq).select_hash(:id, :name)
          entries.map do |entry|
            entry.merge(says: entry[:says].gsub(Ids::WITHIN) { |id| names.fetch(id, SettingsDifference::GONE) })
          end
        end

        def present
          rooms = rows(:rooms).where(deleted_at: nil,
                                     home_id: rows(:homes).where(deleted_at: nil).select(:id)).select(:id)
          rows(:pieces).where(deleted_at: nil, room_id: rooms)
        end

        def changes(id)
          rows(:piece_changes).where(piece_id: id)
        end

        def refuse_more(room_id)
          return if present.where(room_id: room_id).count < MOST_IN_ROOM

          raise Problem.invalid(
            [{ pointer: "/name", code: "too_many",
               message: "A room holds up to #{MOST_IN_ROOM} pieces. Measure another room for more." }]
          )
        end

        def check_place(room_id, place_id)
          return if place_id.nil? || (Ids.id?(place_id) && rows(:places).where(room_id: room_id, id: place_id).get(:id))

          raise Problem.invalid(
            [{ pointer: "/place_id", code: "unknown",
               message: "That place is not in this room. Choose one of the room's places." }]
          )
        end

        def state(row)
          PieceState.kept(Kinds.of(row[:kind]),
                          { "name" => row[:name], "place_id" => row[:place_id], "settings" => row[:settings].to_h },
                          schema: row[:settings_schema])
        end

        # The state as it was at a version, by the first change made after it.
        def state_at(row, kind, version)
          change = changes(row[:id]).where(Sequel[:version] > version).order(:version).first or return nil
          PieceState.kept(kind, change[:before].to_h, schema: change[:before]["settings_schema"] || 1)
        end

        def put_together(row, kind, version, mine, given, units)
          theirs = state(row)
          base = version.between?(1, row[:version] - 1) && state_at(row, kind, version)
          raise conflict(row, given, all_turned(kind, theirs, mine), theirs, mine, units) unless base

          merged, both = PieceState.merged(kind,
                                           base: base, theirs: theirs, mine: mine,
                                           winner: given["insist"] ? :mine : :theirs)
          raise conflict(row, given, both, theirs, mine, units) unless both.empty? || given["insist"]

          PieceState.new(**merged.to_h, settings: checked_settings(kind, JSON.parse(JSON.generate(merged.settings))))
        end

        # Without knowing what both began with, every dial that differs is asked about.
        def all_turned(kind, theirs, mine)
          PieceState.merged(kind,
                            base: PieceState.new(name: nil, place_id: nil, settings: Hash.new({}.freeze)),
                            theirs: theirs, mine: mine).last
        end

        def conflict(row, given, both, theirs, mine, units)
          kind = Kinds.of(row[:kind])
          places = rows(:places).where(room_id: row[:room_id]).select_hash(:id, :name)
          told = PieceDifference.new(kind, units, styles: style_names(kind, mine, theirs), places: places)
          Problem.conflict(current: shown(row), yours: given.slice("name", "place_id", "settings"),
                           differences: both.map { |path| told.of(path, yours: mine, theirs: theirs) })
        end

        def style_names(kind, *states)
          rows(:styles).where(id:
            Ids.only(states.flat_map { |state| kind.style_ids(state.settings) })).select_hash(:id, :name)
        end

        def says(row, before, after, units)
          return "Renamed to #{after.name}" if before.name != after.name
          return "Moved to another place" if before.place_id != after.place_id

          kind = Kinds.of(row[:kind])
          SettingsDifference.says(before.settings, after.settings, units,
                                  groups: kind.groups, names: style_names(kind, before, after))
        end

        def keep(row, after, act:, says:, account_id:, of_number: nil)
          number = changes(row[:id]).max(:number).to_i + 1
          kind = Kinds.of(row[:kind])
          before = { "name" => row[:name], "place_id" => row[:place_id], "settings" => row[:settings].to_h,
                     "settings_schema" => row[:settings_schema] }
          rows(:piece_changes).insert(studio_id: studio_id, piece_id: row[:id], number: number, account_id: account_id,
                                      act: act, says: says,
                                      of_number: of_number, version: row[:version] + 1, before: Sequel.pg_jsonb(before),
                                      after: Sequel.pg_jsonb(after.to_document(kind.schema)))
          bump(:pieces, row,
               name: after.name, place_id: after.place_id, settings: Sequel.pg_jsonb(after.settings),
               # What comes to another place stands where that one was measured.
               settings_schema: kind.schema, **(row[:place_id] == after.place_id ? {} : Positions::NOWHERE))
        end

        def step_through(id, version, account_id, act)
          transaction do
            row = locked(id, "piece")
            raise Problem.conflict(current: shown(row), yours: {}) if row[:version] != version

            change = yield(stack(id)) or raise nothing(act)
            told = changes(id).where(number: change).first
            document = told[act == "undo" ? :before : :after].to_h
            after = PieceState.kept(Kinds.of(row[:kind]), standing_place(row, document),
                                    schema: document["settings_schema"] || 1)
            keep(row, after,
                 act: act, of_number: change, says: "#{act.capitalize}: #{told[:says]}", account_id: account_id)
          end
          find(id)
        end

        # The place may have been taken out of the room since; the piece then stands in none.
        def standing_place(row, after)
          there = after["place_id"] && rows(:places).where(room_id: row[:room_id], id: after["place_id"]).get(:id)
          after.merge("place_id" => there)
        end

        def nothing(act)
          Problem.new(422, "nothing-to-#{act}", "Nothing to #{act}", "There is nothing to #{act}.")
        end

        def stack(id)
          ChangeStack.new(changes(id).order(:number).select(:number, :act, :of_number).all)
        end

        def read(row)
          kind = Kinds.of(row[:kind])
          reading = kind.read(row[:settings].to_h, schema: row[:settings_schema])
          row.slice(*LISTED).merge(
            settings: reading.settings, settings_schema: kind.schema, changed_at: row[:changed_at].iso8601,
            unread: reading.faults.map { |fault| told(fault) }
          )
        end

        def told(fault)
          { pointer: fault.pointer, code: fault.code, message: fault.told(units) }
        end

        def units
          @units ||= database[:studios].where(id: studio_id).get(:units)
        end

        def shown(row)
          stack = stack(row[:id])
          read(row).merge(can_undo: !stack.undoable.nil?, can_redo: !stack.redoable.nil?)
        end
      end
    end
  end
end
