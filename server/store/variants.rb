# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Named versions of a piece, kept beside the one that is chosen.
      class Variants < Table
        MOST = 24

        def list(piece_id, page:)
          page(rows(:piece_variants).where(piece_id: piece_id).order(:made_at, :name), page) { |row| shown(row) }
        end

        # @param settings [Hash] as dialled
        def keep(piece_id, given, settings)
          name = checked([Survey::NAME], { "name" => given["name"] })[:name]
          checked_settings = PieceSettings.of(kind(piece_id)).check(settings)
          id = transaction do
            refuse_more(piece_id)
            rows(:piece_variants).returning(:id).insert(studio_id: studio_id, piece_id: piece_id, name: name.strip,
                                                        settings: Sequel.pg_jsonb(checked_settings)).first[:id]
          end
          shown(rows(:piece_variants).where(id: id).first)
        rescue InputError => e
          raise Problem.of_faults(e.faults, under: "/settings")
        end

        def delete(id)
          rows(:piece_variants).where(id: id).delete == 1 or raise Problem.not_found("version")
        end

        private

        def kind(piece_id)
          rows(:pieces).where(id: piece_id).get(:kind)
        end

        def refuse_more(piece_id)
          return if rows(:piece_variants).where(piece_id: piece_id).count < MOST

          raise Problem.invalid([{ pointer: "/name", code: "too_many", message: "A piece keeps up to #{MOST} versions. Take one out first." }])
        end

        def shown(row)
          { **row.slice(:id, :name), settings: PieceSettings.of(kind(row[:piece_id])).check(row[:settings].to_h), made_at: row[:made_at].iso8601 }
        end
      end
    end
  end
end
