# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Which photographs there are of what: rows here, files in the album.
      #
      #   photographs.add(:style_id, id, file, key: key, account_id: 1) # => { id: "0b0e…" }
      class Photographs < Table
        # What may be photographed: its table, what it is called, and by which column it is known.
        SHOWN = { style_id: [:styles, "style", :id], box_id: [:boxes, "box", :id],
                  sighting_id: [:sightings, "sighting", :id], note_key: [:visit_acts, "note", :key],
                  log_remark_id: [:log_remarks, "remark", :id], proposal_id: [:proposals, "proposal", :id] }.freeze
        # Of these what was deleted is still there for a while.
        DELETED_SOFTLY = %i[boxes sightings log_remarks].freeze
        MOST = 12
        # Of each room, piece and version there is one, as often as it was sent.
        MOST_OF = Hash.new(MOST).merge(proposal_id: 4_000).freeze
        # So long one that was taken away can be brought back.
        DAYS = 30
        # So many that are over are swept out in one go.
        SWEPT = 20

        # Known without the album, so that whoever tells of things tells of these.
        #
        # @param rows [Sequel::Dataset] photographs of the studio
        # @return [Hash{String => Array<String>}] ids of photographs by what they show
        def self.ids(rows, what, ids)
          rows.where(deleted_at: nil, what => ids).order(:position, :made_at, :id).select_hash_groups(what, :id)
        end

        # @param album [Server::Photographs::Album]
        def initialize(database, studio_id, album)
          super(database, studio_id)
          @album = album
        end

        # @param what [Symbol] of SHOWN
        # @param file [Tempfile] the picture as it was sent
        # @return [Hash] id
        def add(what, id, file, key:, account_id:)
          key!(key)
          known = kept_by(key)
          return known if known

          there!(what, id)
          data = album.keep(file, studio_id)
          kept = false
          told = transaction { kept_by(key) || insert(what, id, data, key, account_id).tap { kept = true } }
          album.forget(data) unless kept
          sweep
          told
        rescue StandardError
          album.forget(data) if data && !kept
          raise
        end

        # @return [String] the bytes of a JPEG
        def read(id, version)
          row = present.where(id: id).first or raise Problem.not_found("photograph")
          album.read(row[:file].to_h, version) or raise Problem.not_found("photograph")
        end

        # It stands for what it shows from now on.
        def lead(id)
          transaction do
            row = locked(id, "photograph")
            what = SHOWN.keys.find { |column| row[column] } or raise Problem.not_found("photograph")
            least = present.where(what => row[what]).min(:position)
            rows(:photographs).where(id: id).update(position: least - 1) unless row[:position] == least
          end
        end

        def delete(id, by:)
          transaction do
            locked(id, "photograph")
            rows(:photographs).where(id: id).update(deleted_at: Sequel::CURRENT_TIMESTAMP, deleted_by: by)
          end
        end

        def restore(id)
          transaction do
            row = rows(:photographs).where(id: id).exclude(deleted_at: nil).for_update.first or
              raise Problem.not_found("deleted photograph")
            what = SHOWN.keys.find { |column| row[column] } or raise Problem.not_found("deleted photograph")
            room!(what, row[what])
            rows(:photographs).where(id: id).update(deleted_at: nil, deleted_by: nil)
          end
        end

        # The files of what was taken away long ago, or of what shows nothing any more, go for good.
        def sweep
          transaction do
            over.limit(SWEPT).for_update.skip_locked.all.each do |row|
              rows(:photographs).where(id: row[:id]).delete
              album.forget(row[:file].to_h)
            end
          end
        end

        private

        attr_reader :album

        def present
          rows(:photographs).where(deleted_at: nil)
        end

        def over
          long_ago = Sequel.lit("deleted_at < now() - interval '#{DAYS} days'")
          of_what_went = SHOWN.filter_map do |what, (table, _, known_by)|
            { what => rows(table).where(long_ago).select(known_by) } if DELETED_SOFTLY.include?(table)
          end
          nothing = SHOWN.keys.to_h { |what| [what, nil] }
          rows(:photographs).where(Sequel.|(nothing, long_ago, *of_what_went)).order(:made_at)
        end

        def kept_by(key)
          rows(:photographs).where(key: key).first&.slice(:id)
        end

        # What was deleted cannot be photographed.
        def there!(what, id)
          table, name, known_by = SHOWN.fetch(what)
          found = rows(table).where(known_by => id)
          found = found.where(deleted_at: nil) if DELETED_SOFTLY.include?(table)
          found.for_update.first or raise Problem.not_found(name)
        end

        def insert(what, id, data, key, account_id)
          there!(what, id)
          room!(what, id)
          last = present.where(what => id).max(:position) || 0
          rows(:photographs).returning(:id).insert(studio_id: studio_id, what => id, key: key, position: last + 1,
                                                   file: Sequel.pg_jsonb(data), made_by: account_id).first
        end

        def room!(what, id)
          return if present.where(what => id).count < MOST_OF[what]

          raise Problem.invalid(
            [{ pointer: "/picture", code: "too_many",
               message: "There are #{MOST_OF[what]} photographs of it already. Take one away first." }]
          )
        end
      end
    end
  end
end
