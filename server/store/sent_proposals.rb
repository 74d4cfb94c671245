# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Proposals by their link: whoever has it is let in, whatever studio it is of. What is withdrawn, has ended or
      # never was is not there, and looks the same.
      #
      #   sent = SentProposals.new(database).find(link, today: today) or raise NoPage
      #   sent[:edition][:document][:home] # => "Number Nine, Ropewalk"
      class SentProposals
        LINK = /\A[\w-]{32}\z/

        def initialize(database)
          @database = database
        end

        # @return [Hash, nil] id, studio_id, home_id, ends_on (Date), edition and accepted (as Proposals#editions; that
        #   which was accepted last, if one was)
        def find(link, today:)
          return unless LINK.match?(link.to_s)

          row = standing.where(link: link).where { ends_on >= today }.first or return
          proposals = Proposals.new(@database, row[:studio_id])
          newest, before = proposals.editions(row[:id], 2)
          { **row, edition: newest, before: before, accepted: proposals.accepted(row[:id]) }
        end

        # It has been looked at.
        def seen(sent, at)
          editions(sent).where(seen_at: nil).update(seen_at: at)
        end

        # @param choices [Hash{String => String}] versions by piece
        def choose(sent, choices)
          editions(sent).where(accepted_at: nil).update(choices: Sequel.pg_jsonb(choices))
        end

        # Once: whoever accepts what was accepted changes nothing.
        #
        # @return [Boolean] false where another edition was sent meanwhile
        def accept(sent, name:, cents:, choices:, at:)
          @database.transaction do
            @database[:proposals].where(id: sent[:id], withdrawn_at: nil).for_update.first or next false
            newest = @database[:proposal_editions].where(proposal_id: sent[:id]).max(:number)
            next false if newest != sent[:edition][:number]

            editions(sent).where(accepted_at: nil)
                          .update(accepted_at: at, accepted_by: name, accepted_cents: cents,
                                  choices: Sequel.pg_jsonb(choices))
            true
          end
        end

        private

        # Of a home that is there still.
        def standing
          homes = @database[:homes].where(deleted_at: nil).select(:id)
          @database[:proposals].where(withdrawn_at: nil, home_id: homes).select(:id, :studio_id, :home_id, :ends_on)
        end

        def editions(sent)
          @database[:proposal_editions].where(proposal_id: sent[:id], id: sent[:edition][:id])
        end
      end
    end
  end
end
