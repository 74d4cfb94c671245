# frozen_string_literal: true

require "digest"

module DeckBough
  module Server
    module Store
      # What pieces need, kept as rows: summary, measures, ledger lines, with the stamp of all they were computed from.
      #
      #   needs.of(piece_ids) # => { id => { stamp:, styles:, summary:, measured:, portrait: } }
      #
      # A row is worth what its stamp says; who asks compares it with the stamp of now (Needs#stamp of the server).
      class Needs < Table
        # What no stamp is.
        STALE = ""
        # So many are looked at in one go.
        MOST_MISSING = 200

        # The versions of some styles in short, as `of` has them from the database: a piece names many, a desk shows
        # many pieces.
        #
        # @param versions [Hash{String => Integer}] by style id
        def self.digest(versions)
          Digest::MD5.hexdigest(versions.sort.map { |id, version| "#{id}:#{version}" }.join(" "))
        end

        # @return [Hash{String => Hash}] stamp, summary, measured by piece, and styles: the versions its styles have
        #   now, in short
        def of(piece_ids)
          rows(:piece_needs).where(piece_id: piece_ids)
                            .select(:piece_id, :stamp, :summary, :measured,
                                    Sequel.cast(:portrait, String).as(:portrait), versions.as(:styles)).to_h do |row|
            [row[:piece_id],
             { stamp: row[:stamp], styles: row[:styles], summary: symbols(row[:summary]),
               measured: symbols(row[:measured]), portrait: as_it_is(row[:portrait]) }]
          end
        end

        # What pieces need is what they claim of stock. A piece that was reckoned with another share than it gets now is
        # kept as stale.
        #
        # @param found [Hash{String => Hash}] by piece: stamp, style_ids, free and claims (by style), summary,
        #   measured, lines, portrait, sites, seen, outline, tasks
        def keep(found)
          return if found.empty?

          transaction do
            free = Claims.new(database, studio_id).keep(found.transform_values { |row| row[:claims] })
            kept = found.sort.map { |id, row| row_of(id, row, row[:free] == free.fetch(id, {}) ? row[:stamp] : STALE) }
            fresh = %i[stamp style_ids summary measured lines portrait sites seen outline tasks].to_h do |name|
              [name, Sequel[:excluded][name]]
            end
            database[:piece_needs].insert_conflict(target: :piece_id, update: fresh).multi_insert(kept)
          end
        end

        # What there is to do on pieces, as it was last reckoned, and what they look like.
        #
        # @return [Hash{String => Hash}] tasks (as Task#to_h), portrait
        def work(piece_ids)
          rows(:piece_needs).where(piece_id: piece_ids)
                            .select(:piece_id, :tasks, Sequel.cast(:portrait, String).as(:portrait)).to_h do |row|
            [row[:piece_id], { tasks: row[:tasks].map { |task| symbols(task) }, portrait: as_it_is(row[:portrait]) }]
          end
        end

        # Where things of pieces go, as it was last reckoned.
        #
        # @return [Hash{String => Array<Hash>}] as Portrait#sites
        def sites(piece_ids)
          rows(:piece_needs).where(piece_id: piece_ids).select_hash(:piece_id, Sequel.cast(:sites, String).as(:sites))
                            .transform_values { |sites| as_it_is(sites) }
        end

        # What is seen of pieces, as it was last reckoned.
        #
        # @return [Hash{String => Hash}] areas (by "#rrggbb"), surface_m2, ground; as Looks::Together takes it
        def seen(piece_ids)
          rows(:piece_needs).where(piece_id: piece_ids).exclude(seen: nil).select_hash(:piece_id, :seen)
                            .transform_values { |document| symbols(document).merge(areas: document["areas"].to_h) }
        end

        # What of pieces the eye meets from across the room, as it was last reckoned.
        #
        # @return [Hash{String => Outline}]
        def outlines(piece_ids)
          rows(:piece_needs).where(piece_id: piece_ids).exclude(outline: nil).select_hash(:piece_id, :outline)
                            .transform_values { |document| Outline.read(document) }
        end

        LIT = Sequel.lit("outline ->> 'lit' = 'true'")
        SCHOOL = Sequel.lit("settings #>> '{lights,school}'").as(:school)
        # A tree's lights where nobody has said how strong they are.
        USUAL_SCHOOL = "classic"
        private_constant :LIT, :SCHOOL, :USUAL_SCHOOL

        # @return [Hash{String => Array<Hash>}] ledger lines by piece, as they were last reckoned
        def lines(piece_ids)
          rows(:piece_needs).where(piece_id: piece_ids).select_hash(:piece_id, :lines)
                            .transform_values { |lines| lines.map { |line| symbols(line) } }
        end

        # @return [Hash{String => Array<Hash>}] the same, a line for each step that takes some
        def lines_by_step(piece_ids)
          lines(piece_ids).transform_values { |lines| LedgerLine.by_step(lines) }
        end

        # How strong the lights of pieces are, where they are lit.
        #
        # @return [Array<String>] schools, each once
        def lights(piece_ids)
          lit = rows(:piece_needs).where(piece_id: piece_ids).where(LIT).select(:piece_id)
          rows(:pieces).where(id: lit).select_map(SCHOOL).map { |one| one || USUAL_SCHOOL }.uniq.sort
        end

        # Something that no stamp tells of has changed.
        def forget(piece_ids)
          rows(:piece_needs).where(piece_id: piece_ids).exclude(stamp: STALE).update(stamp: STALE) if piece_ids.any?
        end

        # Pieces that were never reckoned, in the order in which they come to their things: those of the first visit
        # first.
        #
        # @return [Array<String>] their ids
        def missing
          known = database[:piece_needs].where(piece_id: Sequel[:pieces][:id]).select(1).exists
          database[:pieces].join(:rooms, id: Sequel[:pieces][:room_id]).join(:homes, id: Sequel[:rooms][:home_id])
                           .where(Sequel[:pieces][:studio_id] => studio_id, Sequel[:pieces][:deleted_at] => nil,
                                  Sequel[:rooms][:deleted_at] => nil, Sequel[:homes][:deleted_at] => nil)
                           .exclude(known)
                           .order(Sequel.asc(Sequel[:homes][:visit_on], nulls: :last), Sequel[:homes][:name],
                                  Sequel[:rooms][:position], Sequel[:pieces][:position], Sequel[:pieces][:id])
                           .limit(MOST_MISSING).select_map(Sequel[:pieces][:id])
        end

        # What pieces lack, as it was last reckoned.
        #
        # @return [Hash{String => Array<Hash>}] ledger lines by piece
        def short_lines(piece_ids)
          lines(piece_ids).transform_values { |lines| lines.select { |line| line[:short].positive? } }
        end

        private

        def row_of(id, row, stamp)
          { piece_id: id, studio_id: studio_id, stamp: stamp, style_ids: Sequel.pg_array(row[:style_ids], :uuid),
            summary: Sequel.pg_jsonb(row[:summary]), measured: Sequel.pg_jsonb(row[:measured]),
            lines: Sequel.pg_jsonb(row[:lines]), portrait: row[:portrait] && Sequel.pg_json(row[:portrait]),
            sites: Sequel.pg_json(row[:sites]),
            seen: row[:seen] && Sequel.pg_jsonb(row[:seen]),
            outline: row[:outline] && Sequel.pg_jsonb(row[:outline]), tasks: Sequel.pg_jsonb(row[:tasks]) }
        end

        def versions
          one = Sequel.join([Sequel.cast(:id, String), ":", Sequel.cast(:version, String)])
          told = Sequel.function(:string_agg, one, " ").order(:id)
          rows(:styles).where(id: Sequel[:piece_needs][:style_ids].pg_array.any)
                       .select(Sequel.function(:md5, Sequel.function(:coalesce, told, "")))
        end

        # A portrait is only handed on: of hundreds on a desk none is read and written anew.
        def as_it_is(text)
          text && JSON::Fragment.new(text)
        end

        def symbols(document)
          document.to_h.transform_keys(&:to_sym)
        end
      end
    end
  end
end
