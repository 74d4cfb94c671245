# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Named versions of a piece, kept beside the one that is chosen.
      class Variants < Table
        MOST = 24

        def list(piece_id, page:)
          kind = kind_of(piece_id)
          page(rows(:piece_variants).where(piece_id: piece_id).order(:made_at, :name), page) { |row| shown(row, kind) }
        end

        # @param settings [CheckedSettings] of the piece's kind
        # @raise [Problem] when there are as many as a piece keeps
        def keep(piece_id, given, settings)
          name = checked([Survey::NAME], { "name" => given["name"] })[:name]
          id = transaction do
            # Counting and adding is one step for everyone: two at once must not both be the last.
            kind = Kinds.of(rows(:pieces).where(id: piece_id).for_update.get(:kind))
            refuse_more(piece_id)
            rows(:piece_variants).returning(:id).insert(studio_id: studio_id, piece_id: piece_id, name: name.strip,
                                                        settings_schema: kind.schema,
                                                        settings: Sequel.pg_jsonb(settings)).first[:id]
          end
          shown(rows(:piece_variants).where(id: id).first, kind_of(piece_id))
        end

        def delete(id)
          rows(:piece_variants).where(id: id).delete == 1 or raise Problem.not_found("version")
        end

        private

        def kind_of(piece_id)
          Kinds.of(rows(:pieces).where(id: piece_id).get(:kind))
        end

        def refuse_more(piece_id)
          return if rows(:piece_variants).where(piece_id: piece_id).count < MOST

          raise Problem.invalid(
            [{ pointer: "/name", code: "too_many",
               message: "A piece keeps up to #{MOST} versions. Take one out first." }]
          )
        end

        def shown(row, kind)
          { **row.slice(:id, :name), settings: kind.read(row[:settings].to_h, schema: row[:settings_schema]).settings,
                                     made_at: row[:made_at].iso8601 }
        end
      end
    end
  end
end
