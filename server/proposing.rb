# frozen_string_literal: true

module DeckBough
  module Server
    # What a studio does with the proposal of a home: sees how far it is and what is different since, sends it as it is
    # now, answers.
    #
    #   Proposing.new(database, studio, now: now).of(home_id)[:state] # => "not_sent"
    class Proposing
      # What a picture may be of.
      PICTURE = /\A(?:(?:room|walls):(?<id>[0-9a-f-]{36}):(?:day|dusk)|(?:piece|version):(?<id>[0-9a-f-]{36}))\z/
      # So long a link may lead anywhere.
      LONGEST_DAYS = 400
      NOT_SENT = { state: "not_sent", unanswered: 0 }.freeze

      def initialize(database, studio, now:, gathered: nil)
        @database = database
        @studio = studio
        @now = now
        @today = now.to_date
        @gathered = gathered
        @proposals = store(Store::Proposals)
        @sayings = store(Store::ProposalSayings)
      end

      # @return [Hash] as the contract has Proposal, but for the link, which is told as it is kept
      def of(home_id)
        home = store(Store::Homes).find(home_id)
        row = @proposals.standing(home_id)
        terms = row ? row[:terms] : Store::Proposals::NO_TERMS
        document = composed(home_id, terms)
        { id: row&.fetch(:id), home: home.slice(:id, :name, :client), version: row ? row[:version] : 0, terms: terms,
          link: row&.fetch(:link), ends_on: row&.fetch(:ends_on), now: ClientPage.new(document).to_h,
          pending: document[:pending], variants: variants(document), **so_far(home, row, document) }
      end

      # @return [Hash] document as the client would see it now
      def composed(home_id, terms = nil)
        terms ||= @proposals.standing(home_id)&.fetch(:terms) || Store::Proposals::NO_TERMS
        ProposalDocument.new(@database, @studio, today: @today, gathered: @gathered).of(home_id, terms)
      end

      # @param said [Hash] key, ends_on, pictures
      def send_now(home_id, said, season:, account_id:)
        ends_on = last_day(said["ends_on"])
        row = @proposals.standing(home_id)
        document = composed(home_id, row ? row[:terms] : nil)
        raise still_reckoned if document[:pending]
        raise empty if document[:rooms].empty?

        pictures = pictures(row, said["pictures"], document)
        @proposals.send_edition(home_id, key: said["key"], ends_on: ends_on, at: @now, season: season,
                                         account_id: account_id,
                                         edition: { document: document.except(:pending), pictures: pictures })
      end

      def answer(home_id, said, account_id:)
        row = @proposals.standing(home_id) or raise Problem.not_found("proposal")
        id = said["saying"]
        raise Problem.not_found("comment") unless Store::Ids.id?(id)

        @sayings.answer(row[:id], id, key: said["key"], says: said["says"], account_id: account_id, at: @now)
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      # What was sent and said; of one that was withdrawn until another is sent.
      def so_far(home, row, document)
        shown = row && row[:link] ? row : @proposals.withdrawn(home[:id])
        editions = shown ? @proposals.editions(shown[:id]) : []
        standing = editions.any? ? store(Store::ProposalStates).of([home], today: @today)[home[:id]] : NOT_SENT
        { **standing, editions: editions.map { |one| edition(one) },
                      changes: row && row[:link] ? changes(document, editions.first) : [],
                      sayings: shown ? @sayings.of(shown[:id]) : [] }
      end

      def edition(one)
        page = ClientPage.new(one[:document], choices: one[:choices])
        cents = one[:accepted_cents] || page.total_cents
        { **one.slice(:number, :accepted_by), total: page.money(cents), chosen: page.chosen,
                                              **%i[sent_at seen_at accepted_at].to_h do |name|
                                                [name, one[name]&.iso8601]
                                              end }
      end

      def changes(document, last)
        return [] unless last

        ClientPage.new(document, choices: last[:choices], before: last[:document], before_choices: last[:choices])
                  .changes
      end

      # Which versions could be offered.
      def variants(document)
        ids = document[:rooms].flat_map { |room| room[:pieces].map { |piece| piece[:id] } }
        @database[:piece_variants].where(studio_id: @studio[:id], piece_id: ids).order(:piece_id, :made_at, :name)
                                  .select_map(%i[piece_id id name])
                                  .map { |piece, id, name| { piece: piece, id: id, name: name } }
      end

      # Only of what is on the page, and only its own.
      def pictures(row, given, document)
        shown = document[:rooms].flat_map do |room|
          [room[:id], *room[:pieces].flat_map { |one| [one[:id], *one[:versions].map { |version| version[:id] }] }]
        end
        wanted = given.select { |of, _| (found = PICTURE.match(of)) && shown.include?(found[:id]) }
        known = row ? @proposals.photographs(row[:id], wanted.values) : []
        raise gone if (wanted.values - known).any?

        wanted
      end

      def last_day(iso)
        day = Date.iso8601(iso)
        return day if day.between?(@today, @today + LONGEST_DAYS)

        raise wrong("/ends_on", "The link ends on a day from today on, within a year. Choose another.")
      rescue Date::Error
        raise wrong("/ends_on", "“#{iso[0, 20]}” is no day. Choose one such as 2026-12-20.")
      end

      def wrong(pointer, message)
        Problem.invalid([{ pointer: pointer, code: "wrong", message: message }])
      end

      def gone
        wrong("/pictures", "A picture is not there any more. Send it once more.")
      end

      def empty
        wrong("", "Nothing is dressed in this home yet. Add a room and a piece first.")
      end

      def still_reckoned
        wrong("", "Some pieces are still being reckoned. Try again in a moment.")
      end
    end
  end
end
