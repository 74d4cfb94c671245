# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What clients are shown of their homes: one standing proposal a home, each edition as it was sent.
      #
      #   proposals.send_edition(home_id, key: key, edition: { document: {}, pictures: {} }, ends_on: day,
      #                          season: 2026, account_id: 1, at: now)[:link] # => "4Xx3…"
      class Proposals < Table
        OFFER = DeckBough::Client::Offer
        INPUTS = [Input.text(:greeting, "Greeting", 0..600, default: ""),
                  Input.list(:open_points, "Still open", Input.text(:point, "Still open", 1..300), 0..20,
                             default: [].freeze),
                  Input.flag(:with_prices, "With prices", default: true), *OFFER::AGREED].freeze
        NO_TERMS = { greeting: "", open_points: [], with_prices: true, discount_percent: 0.0, deposit_percent: 0.0,
                     versions: {} }.freeze
        # Of a home, within a season.
        MOST_EDITIONS = 60
        LINK_BYTES = 24

        # @return [Hash, nil] id, version, terms, link, ends_on, season
        def standing(home_id)
          row = rows(:proposals).where(home_id: home_id, withdrawn_at: nil).first
          row && told(row)
        end

        # What was sent of it and said before is still to be read.
        #
        # @return [Hash, nil] the one that was withdrawn last
        def withdrawn(home_id)
          first = Seasons.new(database, studio_id).opened || 0
          row = rows(:proposals).where(home_id: home_id).where { season >= first }.exclude(withdrawn_at: nil)
                                .reverse(:withdrawn_at, :id).first
          row && told(row)
        end

        # What was shown in a season that is over leads nowhere any more; what was said and accepted stays written down.
        def end_season(by:)
          rows(:proposals).where(withdrawn_at: nil).exclude(link: nil)
                          .update(withdrawn_at: Sequel::CURRENT_TIMESTAMP, withdrawn_by: by)
          rows(:proposals).where(link: nil).delete
        end

        # @param given [Hash] of INPUTS, and versions: ids of a piece's versions by piece
        # @param version [Integer] 0 where nothing was kept yet
        def keep(home_id, version, given, season:)
          values = { **checked(INPUTS, given.except("versions"), under: "/terms"),
            versions: versions(home_id, given["versions"] || {}) }
          transaction do
            home!(home_id)
            row = rows(:proposals).where(home_id: home_id, withdrawn_at: nil).for_update.first
            known = row ? row[:version] : 0
            raise Problem.conflict(current: current(home_id), yours: given) if known != version

            put(row, home_id, values, season)
          end
          standing(home_id)
        end

        # @return [Hash] id, version, link, number
        def send_edition(home_id, key:, edition:, ends_on:, season:, account_id:, at:)
          key!(key)
          transaction do
            home!(home_id)
            known = sent_by(key) and next known
            row = rows(:proposals).where(home_id: home_id, withdrawn_at: nil).for_update.first ||
                  put(nil, home_id, NO_TERMS, season)
            bump_link(row, ends_on)
            number = insert(row, key, edition, account_id, at)
            put_unused_away(row[:id])
            { number: number, **told(rows(:proposals).where(id: row[:id]).first) }
          end
        end

        # Nobody reaches it any more.
        def withdraw(home_id, by:)
          transaction do
            row = rows(:proposals).where(home_id: home_id, withdrawn_at: nil).exclude(link: nil).for_update.first or
              raise Problem.not_found("proposal that was sent")
            rows(:proposals).where(id: row[:id]).update(withdrawn_at: Sequel::CURRENT_TIMESTAMP, withdrawn_by: by)
          end
        end

        # That which was accepted last.
        #
        # @return [Hash, nil] as editions
        def accepted(proposal_id)
          said_yes = rows(:proposal_editions).where(proposal_id: proposal_id).exclude(accepted_at: nil)
          row = said_yes.reverse(:number).first
          row && edition(row)
        end

        # @return [Array<Hash>] the latest first: id, number, document, pictures, choices, sent_at, seen_at,
        #   accepted_at, accepted_by, accepted_cents
        def editions(proposal_id, most = MOST_EDITIONS)
          rows(:proposal_editions).where(proposal_id: proposal_id).reverse(:number).limit(most).all
                                  .map { |row| edition(row) }
        end

        # What was drawn of a home when it was sent last, by what it is of; nothing where it never was.
        #
        # @return [Hash{String => String}] ids of photographs
        def last_pictures(home_id)
          mine = rows(:proposals).where(home_id: home_id).select(:id)
          rows(:proposal_editions).where(proposal_id: mine).reverse(:sent_at, :number).get(:pictures).to_h
        end

        # Those of some photographs that are its own and there.
        #
        # @return [Array<String>] ids
        def photographs(proposal_id, ids)
          rows(:photographs).where(proposal_id: proposal_id, id: Ids.only(ids), deleted_at: nil).select_map(:id)
        end

        private

        def home!(id)
          rows(:homes).where(id: id, deleted_at: nil).for_update.get(:id) or raise Problem.not_found("home")
        end

        def told(row)
          { **row.slice(:id, :version, :link, :season), ends_on: row[:ends_on]&.iso8601,
                                                        terms: terms(row[:terms]) }
        end

        def terms(kept)
          read = deep(kept)
          { **NO_TERMS, **read, versions: read.fetch(:versions, {}).transform_keys(&:to_s) }
        end

        def current(home_id)
          standing(home_id) || { version: 0, terms: NO_TERMS }
        end

        # Versions that are not there any more, or of another home, are no choice.
        def versions(home_id, given)
          pieces = database[:pieces].join(:rooms, id: :room_id).where(Sequel[:pieces][:studio_id] => studio_id,
                                                                      Sequel[:rooms][:home_id] => home_id)
                                    .select(Sequel[:pieces][:id])
          ids = Ids.only(given.values.flatten)
          known = rows(:piece_variants).where(id: ids, piece_id: pieces).select_hash(:id, :piece_id)
          lost = given.flat_map { |piece, all| all.reject { |id| known[id] == piece } }
          raise wrong("/terms/versions", "A version is not there any more. Load the page again.") if lost.any?

          given.reject { |_, all| all.empty? }
        end

        def put(row, home_id, values, season)
          terms = Sequel.pg_jsonb(values)
          if row
            rows(:proposals).where(id: row[:id]).update(terms: terms, version: row[:version] + 1)
            row
          else
            rows(:proposals).returning.insert(studio_id: studio_id, home_id: home_id, season: season,
                                              terms: terms).first
          end
        end

        def bump_link(row, ends_on)
          link = row[:link] || SecureRandom.urlsafe_base64(LINK_BYTES)
          rows(:proposals).where(id: row[:id]).update(link: link, ends_on: ends_on, version: row[:version] + 1)
        end

        def sent_by(key)
          row = rows(:proposal_editions).where(key: key).first or return
          { number: row[:number], **told(rows(:proposals).where(id: row[:proposal_id]).first) }
        end

        # What was chosen before is chosen still, where it can be.
        def insert(row, key, edition, account_id, at)
          before = editions(row[:id], 1).first
          number = (before ? before[:number] : 0) + 1
          raise wrong("", "It was sent #{MOST_EDITIONS} times. Withdraw it and begin anew.") if number > MOST_EDITIONS

          rows(:proposal_editions).insert(
            studio_id: studio_id, proposal_id: row[:id], number: number, key: key, sent_by: account_id, sent_at: at,
            document: Sequel.pg_jsonb(edition[:document]), pictures: Sequel.pg_jsonb(edition[:pictures]),
            choices: Sequel.pg_jsonb(before ? still_offered(before[:choices], edition[:document]) : {})
          )
          number
        end

        # Pictures of a try that was never sent.
        def put_unused_away(id)
          used = Sequel.lit("id::text not in (select value from proposal_editions, jsonb_each_text(pictures) " \
                            "where proposal_id = ?)", id)
          rows(:photographs).where(proposal_id: id, deleted_at: nil).where(used)
                            .update(deleted_at: Sequel::CURRENT_TIMESTAMP)
        end

        def still_offered(choices, document)
          offered = document[:rooms].flat_map { |room| room[:pieces] }
                                    .to_h { |piece| [piece[:id], piece[:versions].map { |one| one[:id] }] }
          choices.select { |piece, version| offered.fetch(piece, []).include?(version) }
        end

        def edition(row)
          { **row.slice(:id, :number, :seen_at, :sent_at, :accepted_at, :accepted_by, :accepted_cents),
            document: deep(row[:document]), pictures: row[:pictures].to_h, choices: row[:choices].to_h }
        end

        def deep(document)
          JSON.parse(JSON.generate(document), symbolize_names: true)
        end
      end
    end
  end
end
