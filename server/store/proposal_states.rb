# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # How far the proposals of homes are, without computing anything anew.
      #
      #   states.of(homes, today: today)[home_id] # => { state: "accepted", unanswered: 1 }
      class ProposalStates < Table
        # What a piece is: another of these, and it is another piece than was sent.
        MARK = Sequel.lit("md5(pieces.name || ' ' || pieces.room_id || ' ' || pieces.settings::text)")
        # The same where it is as one of its versions has it.
        VERSION_MARK = Sequel.lit("md5(pieces.name || ' ' || pieces.room_id || ' ' || piece_variants.settings::text)")
        SENT = { ids: "id", marks: "mark", versions: "versions[*].id", version_marks: "versions[*].mark" }
               .map do |name, path|
                 Sequel.lit("jsonb_path_query_array(document, '$.rooms[*].pieces[*].#{path}') as #{name}")
               end.freeze

        # @return [Hash{String => Hash{String => String}}] by home, the mark of each piece
        def marks(home_ids)
          found = database[:pieces].join(:rooms, id: :room_id)
                                   .where(Sequel[:pieces][:studio_id] => studio_id,
                                          Sequel[:rooms][:home_id] => home_ids,
                                          Sequel[:pieces][:deleted_at] => nil, Sequel[:rooms][:deleted_at] => nil)
                                   .select_map([Sequel[:rooms][:home_id].as(:home), Sequel[:pieces][:id].as(:piece),
                                                MARK.as(:mark)])
          found.group_by(&:first).transform_values { |all| all.to_h { |_, piece, mark| [piece, mark] } }
        end

        # How pieces would be as their versions have them.
        #
        # @return [Hash{String => String}] mark by version
        def version_marks(piece_ids)
          database[:piece_variants].join(:pieces, id: :piece_id)
                                   .where(Sequel[:piece_variants][:studio_id] => studio_id, piece_id: piece_ids)
                                   .select_hash(Sequel[:piece_variants][:id].as(:id), VERSION_MARK.as(:mark))
        end

        # @param homes [Array<Hash>] as Store::Homes shows them
        # @return [Hash{String => Hash}] by home, of those whose proposal was sent: state (Client::Standing), unanswered
        #   (how many sayings)
        def of(homes, today:)
          last = last_editions(homes.map { |home| home[:id] }).to_hash(:home_id)
          return {} if last.empty?

          now = marks(last.keys)
          said = said_of(last.values.map { |row| row[:proposal_id] })
          homes.select { |home| last.key?(home[:id]) }.to_h do |home|
            row = last[home[:id]]
            [home[:id], state(row, said.fetch(row[:proposal_id], []),
                              same: same?(row, home, now.fetch(home[:id], {})), today: today)]
          end
        end

        private

        # Of seasons that are over nothing is told any more.
        def last_editions(home_ids)
          first = Seasons.new(database, studio_id).opened || 0
          database[:proposals].join(:proposal_editions, proposal_id: :id)
                              .where(Sequel[:proposals][:studio_id] => studio_id, home_id: home_ids)
                              .where { Sequel[:proposals][:season] >= first }.distinct(:home_id)
                              .order(:home_id, Sequel.desc(:withdrawn_at, nulls: :first), Sequel.desc(:number))
                              .select(:home_id, :proposal_id, :ends_on, :withdrawn_at, :seen_at, :accepted_at, :choices,
                                      Sequel.lit("document -> 'days' as days"), *SENT)
        end

        def said_of(ids)
          rows(:proposal_sayings).where(proposal_id: ids).select(:id, :proposal_id, :answers).all
                                 .group_by { |row| row[:proposal_id] }
        end

        def same?(row, home, marks)
          sent = row[:ids].to_a.zip(row[:marks].to_a).to_h
          sent.keys.sort == marks.keys.sort && sent.all? { |id, mark| [mark, chosen(row, id)].include?(marks[id]) } &&
            row[:days].to_h.values_at("visit", "strike") == home.values_at(:visit_on, :strike_on)
        end

        # What the client chose is as good as what was drawn.
        def chosen(row, piece)
          row[:versions].to_a.zip(row[:version_marks].to_a).to_h[row[:choices].to_h[piece]]
        end

        def state(row, said, same:, today:)
          answered = said.filter_map { |one| one[:answers] }
          asked = said.reject { |one| one[:answers] }.map { |one| one[:id] }
          { state: DeckBough::Client::Standing.of(
            withdrawn: !row[:withdrawn_at].nil?, ended: row[:ends_on] < today, seen: !row[:seen_at].nil?,
            accepted: !row[:accepted_at].nil?, commented: asked.any?, changed: !same
          ), unanswered: (asked - answered).size }
        end
      end
    end
  end
end
