# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Looks: a palette, the season it is of, which one it was begun from, and who wears it.
      #
      #   looks.create("name" => "Frost", "colours" => [{ "name" => "Quince", "srgb" => "#d3a02a" }])[:version] # => 1
      class Looks < Table
        MOST = 500
        # Who may wear a look of their own, the nearest to the piece first.
        WEARERS = { "piece" => :pieces, "room" => :rooms, "home" => :homes }.freeze
        MOST_WORN = 60
        # So many looks are told of one thing.
        MOST_TOLD = 12
        MOST_MATCHED = 100

        # @return [Hash] a page of looks, by name
        def list(page:)
          found = page(present.order(:name), page) { |row| row }
          colours = colours_of(found[:items].map { |row| row[:id] })
          styles = rows(:look_styles).where(look_id: found[:items].map { |row| row[:id] })
                                     .select_hash_groups(:look_id, :style_id)
          { **found, items: found[:items].map { |row| shown(row, colours, styles) } }
        end

        # @return [Hash{String => String}] names of some looks that are there
        def names(ids)
          ids.empty? ? {} : present.where(id: ids.uniq).select_hash(:id, :name)
        end

        # @return [Hash] as listed, with worn: who wears it (of, id, name, within), and worn_more: how many are not told
        def find(id)
          row = present.where(id: id).first or raise Problem.not_found("look")
          styles = rows(:look_styles).where(look_id: id).select_hash_groups(:look_id, :style_id)
          shown(row, colours_of([id]), styles).merge(worn(id))
        end

        # @return [DeckBough::Looks::Palette, nil] what a piece wears: its own look, else its room's, else its home's
        def of_piece(piece_id)
          palette(wearing.where(Sequel[:pieces][:id] => piece_id).get(WORN))
        end

        # What the rooms of a home wear: their own look, else the home's; and which pieces wear one of their own.
        #
        # @return [Array] palettes by room id, ids of the pieces
        def of_home(home_id)
          rooms = database[:rooms].join(:homes, id: :home_id)
                                  .where(Sequel[:rooms][:studio_id] => studio_id, Sequel[:rooms][:home_id] => home_id)
          worn = rooms.left_join(Sequel[:looks].as(:of_room), { id: Sequel[:rooms][:look_id], deleted_at: nil })
                      .left_join(Sequel[:looks].as(:of_home), { id: Sequel[:homes][:look_id], deleted_at: nil })
                      .select_hash(Sequel[:rooms][:id], Sequel.function(:coalesce, Sequel[:of_room][:id],
                                                                        Sequel[:of_home][:id]).as(:look))
          palettes = palettes(worn.values.compact.uniq)
          return [{}, []] if palettes.empty?

          own = rows(:pieces).where(room_id: worn.keys).exclude(look_id: nil)
                             .where(look_id: present.select(:id)).select_map(:id)
          [worn.transform_values { |id| palettes[id] }, own]
        end

        # @return [DeckBough::Looks::Palette, nil] nil where it was deleted, or has no colour
        def palette(id)
          palettes([id].compact)[id]
        end

        # @param ids [Array<String>, Sequel::Dataset]
        # @return [Hash{String => DeckBough::Looks::Palette}] by id, likewise
        def palettes(ids)
          return {} if ids == []

          colours = database[:look_colours].join(:looks, id: :look_id)
                                           .where(Sequel[:look_colours][:studio_id] => studio_id, look_id: ids,
                                                  deleted_at: nil)
                                           .order(:position)
                                           .select(:look_id, Sequel[:looks][:name].as(:look),
                                                   Sequel[:look_colours][:name], :srgb, :share_percent)
          colours.to_hash_groups(:look_id).to_h { |id, all| [id, palette_of(id, all)] }
        end

        # Where a colour belongs in the looks that are worn, the nearest first: a note, never a ban.
        #
        # @return [Array<Hash>] id, name, nearest, delta_e, verdict
        def belonging(colour, house)
          worn = WEARERS.values.map { |kind| rows(kind).where(deleted_at: nil).exclude(look_id: nil).select(:look_id) }
          ids = present.where(id: worn.reduce { |one, other| one.union(other) }).order(:name).limit(MOST_MATCHED)
                       .select_map(:id)
          told = palettes(ids).values.map { |palette| match(palette, colour, house) }
          told.sort_by { |one| [one[:delta_e], one[:name]] }.first(MOST_TOLD)
        end

        def create(given)
          transaction do
            lock
            refuse_more
            checked = look(given)
            id = rows(:looks).returning(:id).insert(studio_id: studio_id, name: checked[:name].strip,
                                                    season: season(given), began_from: began_from(given)).first[:id]
            write_colours(id, checked[:colours])
            keep_styles(id, given["began_from"])
            find(id)
          end
        end

        def change(id, version, given)
          transaction do
            row = locked(id, "look")
            checked = look(given)
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            bump(:looks, row, name: checked[:name].strip, season: season(given))
            rows(:look_colours).where(look_id: id).delete
            write_colours(id, checked[:colours])
          end
          find(id)
        end

        # Who wears it wears none from then on, until it is brought back.
        def delete(id, by:)
          transaction do
            row = locked(id, "look")
            bump(:looks, row, deleted_at: Sequel::CURRENT_TIMESTAMP, deleted_by: by)
          end
        end

        def restore(id)
          transaction do
            lock
            row = rows(:looks).where(id: id).exclude(deleted_at: nil).for_update.first or
              raise Problem.not_found("deleted look")
            bump(:looks, row, deleted_at: nil, deleted_by: nil)
          end
          find(id)
        end

        # The look is part of what a home's form says, so that whoever has it open is told.
        #
        # @param kind ["home", "room", "piece"]
        # @param look [String, nil] nil: as its room, its home
        # @return [Hash] look: what it wore before, to bring it back
        def give(kind, id, look)
          transaction do
            row = wearer(kind, id).for_update.first or raise Problem.not_found(kind)
            raise Problem.not_found("look") if look && present.where(id: look).none?

            wearer(kind, id).update(look_id: look, **(kind == "home" ? { version: row[:version] + 1 } : {}))
            { look: row[:look_id] }
          end
        end

        private

        WORN = Sequel.function(:coalesce, Sequel[:own][:id], Sequel[:of_room][:id], Sequel[:of_home][:id])
        private_constant :WORN

        def match(palette, colour, house)
          told = palette.match(colour, house)
          { id: palette.id, name: palette.name, **told.outputs.slice(:nearest, :verdict),
            delta_e: told[:delta_e].round(1) }
        end

        def palette_of(id, colours)
          told = colours.map { |one| DeckBough::Looks::Colour.new(**one.slice(:name, :srgb, :share_percent)) }
          DeckBough::Looks::Palette.new(id: id, name: colours.first[:look], colours: told)
        end

        # A look that was deleted is worn by nobody.
        def wearing
          pieces = database[:pieces].join(:rooms, id: Sequel[:pieces][:room_id])
                                    .join(:homes, id: Sequel[:rooms][:home_id])
                                    .where(Sequel[:pieces][:studio_id] => studio_id)
          { own: :pieces, of_room: :rooms, of_home: :homes }.reduce(pieces) do |so_far, (name, table)|
            so_far.left_join(Sequel[:looks].as(name), { id: Sequel[table][:look_id], deleted_at: nil })
          end
        end

        def present
          rows(:looks).where(deleted_at: nil)
        end

        def lock
          database[:studios].where(id: studio_id).for_update.first
        end

        def wearer(kind, id)
          rows(WEARERS.fetch(kind)).where(id: id, deleted_at: nil)
        end

        def refuse_more
          return if present.count < MOST

          raise Problem.invalid([{ pointer: "", code: "too_many",
                                   message: "There are #{MOST} looks already. Delete one that nobody wears first." }])
        end

        def look(given)
          DeckBough::Looks.check(given.slice("name", "colours"))
        rescue InputError => e
          raise Problem.of_faults(e.faults)
        end

        def season(given)
          given["season"]
        end

        def began_from(given)
          id = given["began_from"] or return
          (Ids.id?(id) && present.where(id: id).get(:id)) or
            raise Problem.invalid([{ pointer: "/began_from", code: "unknown",
                                     message: "The look it begins from is not there. Choose another." }])
        end

        # What belonged to the one it was begun from belongs to it.
        def keep_styles(id, from)
          return unless from

          kept = rows(:look_styles).where(look_id: from).select_map(:style_id)
          rows(:look_styles).multi_insert(kept.map { |style| { studio_id: studio_id, look_id: id, style_id: style } })
        end

        def write_colours(id, colours)
          rows(:look_colours).multi_insert(colours.each_with_index.map do |colour, i|
            { studio_id: studio_id, look_id: id, position: i, name: colour[:name].strip, srgb: colour[:srgb].downcase,
              share_percent: colour[:share_percent] }
          end)
        end

        def colours_of(ids)
          rows(:look_colours).where(look_id: ids).order(:position)
                             .to_hash_groups(:look_id)
                             .transform_values { |all| all.map { |one| one.slice(:name, :srgb, :share_percent) } }
        end

        def shown(row, colours, styles)
          { **row.slice(:id, :version, :name, :season, :began_from), style_ids: styles.fetch(row[:id], []),
                                                                     colours: colours.fetch(row[:id], []) }
        end

        def worn(id)
          homes = rows(:homes).where(look_id: id, deleted_at: nil)
                              .select(Sequel.as("home", :of), :id, :name, Sequel.as("", :within))
          rooms = database[:rooms].join(:homes, id: :home_id)
                                  .where(Sequel[:rooms][:studio_id] => studio_id, Sequel[:rooms][:look_id] => id,
                                         Sequel[:rooms][:deleted_at] => nil, Sequel[:homes][:deleted_at] => nil)
                                  .select(Sequel.as("room", :of), Sequel[:rooms][:id], Sequel[:rooms][:name],
                                          Sequel[:homes][:name].as(:within))
          pieces = database[:pieces].join(:rooms, id: :room_id).join(:homes, id: Sequel[:rooms][:home_id])
                                    .where(Sequel[:pieces][:studio_id] => studio_id, Sequel[:pieces][:look_id] => id,
                                           Sequel[:pieces][:deleted_at] => nil,
                                           Sequel[:rooms][:deleted_at] => nil, Sequel[:homes][:deleted_at] => nil)
                                    .select(Sequel.as("piece", :of), Sequel[:pieces][:id], Sequel[:pieces][:name],
                                            Sequel.join([Sequel[:homes][:name], ", ", Sequel[:rooms][:name]]))
          all = homes.union(rooms, all: true).union(pieces, all: true)
          { worn: all.order(:of, :name, :id).limit(MOST_WORN).all, worn_more: [all.count - MOST_WORN, 0].max }
        end
      end
    end
  end
end
