# frozen_string_literal: true

require "digest"

module DeckBough
  module Server
    module Store
      # Who may found a studio beside those that are there: whoever has the word, once, until its day.
      #
      #   word = Invitations.new(database).make(at: Time.now, days: 14)
      #   Invitations.new(database).stands?(word, today: Date.today) # => true
      #
      # Without one an installation is closed after its first studio. Only whoever runs the machine makes them
      # (bin/studios).
      class Invitations
        BYTES = 24
        DAYS = 14

        def initialize(database)
          @database = database
        end

        # @param days [Integer] how long it stands
        # @return [String] the word; nothing but its digest is kept
        def make(at:, days: DAYS)
          word = SecureRandom.urlsafe_base64(BYTES)
          @database[:studio_invitations].insert(word_digest: digest(word), made_at: at, ends_on: at.to_date + days)
          word
        end

        # @param word [String, nil]
        def stands?(word, today:)
          !standing(word, today).empty?
        end

        # Within the transaction that founds. Two at once: the second waits and finds it used.
        #
        # @return [Boolean] whether it stood
        def use(word, at:)
          row = standing(word, at.to_date).for_update.first or return false
          @database[:studio_invitations].where(id: row[:id]).update(used_at: at)
          true
        end

        private

        def standing(word, today)
          @database[:studio_invitations].where(word_digest: digest(word.to_s), used_at: nil)
                                        .where { ends_on >= today }
        end

        def digest(word)
          Digest::SHA256.hexdigest(word)
        end
      end
    end
  end
end
