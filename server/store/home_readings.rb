# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # How homes read, as rows with a stamp of all they were read from; the stamp of now is asked of the database.
      #
      #   readings.of(home_ids) # => { id => { stamp: "…", kept: "…", reading: {…} } }, of homes with a viewpoint
      class HomeReadings < Table
        # Three statements however many homes there are.
        #
        # @return [Hash{String => Hash}] stamp (of now), kept (the one that was read, nil), reading
        def of(home_ids)
          kept = rows(:home_readings).where(home_id: home_ids).to_hash(:home_id)
          stamps(home_ids).to_h do |id, stamp|
            [id, { stamp: stamp, kept: kept.dig(id, :stamp), reading: kept.dig(id, :reading) }]
          end
        end

        def keep(home_id, stamp, reading)
          row = { studio_id: studio_id, stamp: stamp, reading: Sequel.pg_jsonb(reading) }
          rows(:home_readings).insert_conflict(target: :home_id, update: row.except(:studio_id))
                              .insert(home_id: home_id, **row)
        end

        private

        # Whatever a reading follows from: places to look from, rooms, where pieces are and what was reckoned of them.
        # Most homes have no place to look from, and so no reading.
        def stamps(home_ids)
          points = viewpoints(home_ids)
          looked_at = points.select_map(Sequel[:rooms][:home_id]).uniq
          return {} if looked_at.empty?

          parts = points.union(rooms(looked_at), all: true).union(pieces(looked_at), all: true)
          told = Sequel.function(:md5, Sequel.function(:string_agg, :said, " ").order(:said))
          parts.from_self.group(:home_id).select_hash(:home_id, told.as(:stamp))
        end

        def rooms(home_ids)
          database[:rooms].where(studio_id: studio_id, home_id: home_ids, deleted_at: nil)
                          .select(:home_id, said(:id, :version).as(:said))
        end

        def viewpoints(home_ids)
          point = Sequel[:viewpoints]
          database[:viewpoints].join(:rooms, id: :room_id)
                               .where(point[:studio_id] => studio_id, Sequel[:rooms][:home_id] => home_ids,
                                      point[:deleted_at] => nil, Sequel[:rooms][:deleted_at] => nil)
                               .select(Sequel[:rooms][:home_id], said(point[:id], point[:version]).as(:said))
        end

        def pieces(home_ids)
          piece = Sequel[:pieces]
          database[:pieces].join(:rooms, id: :room_id).left_join(:piece_needs, piece_id: piece[:id])
                           .where(piece[:studio_id] => studio_id, Sequel[:rooms][:home_id] => home_ids,
                                  piece[:deleted_at] => nil, Sequel[:rooms][:deleted_at] => nil)
                           .select(Sequel[:rooms][:home_id],
                                   said(piece[:id], piece[:wall], piece[:at_m], piece[:out_m], piece[:place_id],
                                        Sequel[:piece_needs][:stamp]).as(:said))
        end

        def said(*columns)
          Sequel.function(:concat_ws, ":", *columns)
        end
      end
    end
  end
end
