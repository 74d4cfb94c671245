# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # A home goes for good, with its rooms, pieces, visits, proposals, what was said in it and its client's own
      # things. The minutes its visits took may stay, under no name.
      #
      #   HomeRemoval.new(database, studio_id, album).call(home_id, keep_minutes: true)
      #
      # What was bought and how often a thing was moved is the studio's and stays; of closed seasons the sums stay, and
      # the home's name goes out of their words.
      class HomeRemoval < Table
        NAMELESS = "A home"
        # A shorter name may be any word of a sentence.
        LEAST = 4
        # So many that were deleted long ago go in one go.
        SWEPT = 3

        # @param album [Server::Photographs::Album]
        def initialize(database, studio_id, album)
          super(database, studio_id)
          @album = album
        end

        # @param keep_minutes [Boolean] what its visits took stays for the lessons, nameless
        # @raise [Problem] when it is not there
        def call(home_id, keep_minutes:)
          removed(home_id, keep_minutes) or raise Problem.not_found("home")
        end

        # Homes whose thirty days are over.
        #
        # @param today [Date]
        def sweep(today)
          over = rows(:homes).where { deleted_at < today - Deleted::DAYS }.limit(SWEPT).select_map(:id)
          # Somebody else may have opened the desk at the same moment.
          over.each { |id| removed(id, true) }
        end

        private

        # @return [true, nil] nil where it was gone already
        def removed(home_id, keep_minutes)
          files = transaction do
            home = rows(:homes).where(id: home_id).for_update.first or next
            wanted = wanted_by(home_id)
            told = Forgetting.within(database) { gone(home, keep_minutes) }
            Claims.new(database, studio_id).share_out(wanted)
            told
          end
          files&.each { |file| @album.forget(file) }
          true if files
        end

        def rooms_of(home_id) = rows(:rooms).where(home_id: home_id).select(:id)

        def pieces_of(home_id) = rows(:pieces).where(room_id: rooms_of(home_id)).select(:id)

        # Others may have them from now on.
        def wanted_by(home_id)
          rows(:piece_claims).where(piece_id: pieces_of(home_id)).exclude(style_id: own_things(home_id))
                             .distinct.select_map(:style_id)
        end

        def own_things(home_id) = rows(:styles).where(owner_home_id: home_id).select(:id)

        # @return [Array<Hash>] files of photographs
        def gone(home, keep_minutes)
          files = photographs(home[:id])
          log(home[:id], keep_minutes)
          stand(home[:id])
          rows(:styles).where(owner_home_id: home[:id]).delete
          rows(:season_homes).where(home_id: home[:id]).delete
          rows(:homes).where(id: home[:id]).delete
          nameless(home)
          files
        end

        def photographs(home_id)
          shows = { proposal_id: rows(:proposals).where(home_id: home_id).select(:id),
                    note_key: rows(:visit_acts).where(home_id: home_id).select(:key),
                    log_remark_id: rows(:log_remarks).where(home_id: home_id).select(:id),
                    style_id: own_things(home_id) }
          found = rows(:photographs).where(Sequel.|(*shows.map { |what, ids| { what => ids } }))
          found.select_map(:file).map(&:to_h).tap { found.delete }
        end

        def log(home_id, keep_minutes)
          rows(:log_remarks).where(home_id: home_id).delete
          times = rows(:log_times).where(home_id: home_id)
          return times.delete unless keep_minutes

          times.update(home_name: NAMELESS, piece_name: "", home_id: nil, piece_id: nil, visit_id: nil)
        end

        # Pieces and rooms, each after what refers to it.
        def stand(home_id)
          pieces = pieces_of(home_id)
          acts = rows(:piece_acts).where(piece_id: pieces).select(:id)
          rows(:stock_moves).where(act_id: acts).update(act_id: nil)
          rows(:piece_changes).where(piece_id: pieces).delete
          rows(:anchors).where(room_id: rooms_of(home_id)).delete
          rows(:bare_places).where(room_id: rooms_of(home_id)).delete
          rows(:pieces).where(room_id: rooms_of(home_id)).delete
          rows(:places).where(room_id: rooms_of(home_id)).delete
          rows(:rooms).where(home_id: home_id).delete
        end

        # What is told of seasons that are over speaks of a home, no longer of this one.
        def nameless(home)
          names = [home[:name], home[:client]].map { |name| name.to_s.strip }.reject(&:empty?)
          rows(:seasons).select_map(%i[season summary]).each do |season, summary|
            told = without(summary.to_h, names)
            rows(:seasons).where(season: season).update(summary: Sequel.pg_jsonb(told)) if told != summary.to_h
          end
        end

        def without(told, names)
          case told
          when Hash then told.transform_values { |value| without(value, names) }
          when Array then told.map { |value| without(value, names) }
          when String then names.reduce(told) { |text, name| text.gsub(place_of(name), NAMELESS) }
          else told
          end
        end

        def place_of(name)
          name.size < LEAST ? /\A#{Regexp.escape(name)}\z/ : /(?<!\p{L})#{Regexp.escape(name)}(?!\p{L})/
        end
      end
    end
  end
end
