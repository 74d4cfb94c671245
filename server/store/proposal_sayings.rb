# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What a client says of a proposal, and what the studio answers.
      #
      #   sayings.say(proposal, key: key, piece: id, says: "Could two of the pears stand on the sill?")
      class ProposalSayings < Table
        SAYS = Input.text(:says, "Words", 1..2_000)
        # Of a proposal, both sides together.
        MOST = 200

        # @return [Array<Hash>] as they were said: id, piece_id, piece_name, studio (whether the studio said it), says,
        #   said_at, answers
        def of(proposal_id)
          rows(:proposal_sayings).where(proposal_id: proposal_id).order(:said_at, :id).limit(MOST).map do |row|
            { **row.slice(:id, :piece_id, :piece_name, :says, :answers), studio: !row[:account_id].nil?,
                                                                         said_at: row[:said_at].iso8601 }
          end
        end

        # @param piece [Hash, nil] id and name of the edition's piece; nil of the whole
        # @return [String] its id
        def say(proposal_id, key:, piece:, says:, at:)
          keep(proposal_id, key, says, said_at: at, piece_id: piece && piece[:id],
                                       piece_name: piece ? piece[:name] : "")
        end

        # @param id [String] of what is answered
        def answer(proposal_id, id, key:, says:, account_id:, at:)
          asked = rows(:proposal_sayings).where(proposal_id: proposal_id, id: id, answers: nil).first or
            raise Problem.not_found("comment")
          keep(proposal_id, key, says, said_at: at, answers: id, account_id: account_id,
                                       **asked.slice(:piece_id, :piece_name))
        end

        private

        # Once by its key, whoever presses twice.
        def keep(proposal_id, key, says, **more)
          key!(key)
          words = checked([SAYS], { "says" => says.to_s.strip })[:says]
          transaction do
            rows(:proposals).where(id: proposal_id).for_update.first or raise Problem.not_found("proposal")
            known = rows(:proposal_sayings).where(key: key).get(:id) and next known
            if rows(:proposal_sayings).where(proposal_id: proposal_id).count >= MOST
              raise wrong("/says", "#{MOST} things were said here already. Call each other for the rest.")
            end

            rows(:proposal_sayings).returning(:id).insert(studio_id: studio_id, proposal_id: proposal_id, key: key,
                                                          says: words, **more).first[:id]
          end
        end
      end
    end
  end
end
