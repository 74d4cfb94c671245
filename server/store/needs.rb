# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What pieces need, kept as rows: summary, measures, ledger lines, with the stamp of all they were computed from.
      #
      #   needs.of(piece_ids) # => { id => { stamp:, style_ids:, summary:, measured: } }
      #
      # A row is worth what its stamp says; who asks compares it with the stamp of now (Needs#stamp of the server).
      class Needs < Table
        # @return [Hash{String => Hash}] stamp, style_ids, summary, measured by piece
        def of(piece_ids)
          rows(:piece_needs).where(piece_id: piece_ids).select(:piece_id, :stamp, :style_ids, :summary, :measured).to_h do |row|
            [row[:piece_id], { stamp: row[:stamp], style_ids: row[:style_ids].to_a, summary: symbols(row[:summary]), measured: symbols(row[:measured]) }]
          end
        end

        # @param found [Hash{String => Hash}] by piece: stamp, style_ids, summary, measured, lines
        def keep(found)
          return if found.empty?

          kept = found.sort.map do |id, row|
            { piece_id: id, studio_id: studio_id, stamp: row[:stamp], style_ids: Sequel.pg_array(row[:style_ids], :uuid),
              summary: Sequel.pg_jsonb(row[:summary]), measured: Sequel.pg_jsonb(row[:measured]), lines: Sequel.pg_jsonb(row[:lines]) }
          end
          fresh = %i[stamp style_ids summary measured lines].to_h { |name| [name, Sequel[:excluded][name]] }
          transaction { database[:piece_needs].insert_conflict(target: :piece_id, update: fresh).multi_insert(kept) }
        end

        private

        def symbols(document)
          document.to_h.transform_keys(&:to_sym)
        end
      end
    end
  end
end
