# frozen_string_literal: true

module DeckBough
  module Server
    # What is kept of clients and their households, why, and for how long: the one place that says so, for the screen
    # and for docs/running.md.
    #
    #   KeptOfClients.told.first # => { what: "Name, household and rooms", why: "To dress it …", until: "Until …" }
    module KeptOfClients
      GONE = "Until the home is forgotten or deleted"

      module_function

      # @return [Array<Hash>] what, why, until; sentences
      def told
        [{ what: "Name, household and rooms of a home, its pieces and plans", why: "To dress it, and again next year.",
           until: "#{GONE}; #{Store::Deleted::DAYS} days after it was deleted it is gone." },
         { what: "What a client was shown, said, chose and accepted", why: "What was agreed can be read again.",
           until: "#{GONE}. The link ends on its day." },
         { what: "Photographs of the home and of the client’s own things",
           why: "Before and after, and what came out of which box.",
           until: "#{GONE}; #{Store::Photographs::DAYS} days after one was deleted it is gone." },
         { what: "What was done and said on visits", why: "The next visit, and the log.",
           until: "#{GONE}. The minutes may stay without a name." },
         { what: "Sums of a closed season", why: "To compare seasons.",
           until: "For good. A forgotten home has no name in them." },
         { what: "Who of the studio saw or changed a home", why: "Whoever asks can be told.",
           until: "#{Store::HomeAccesses::DAYS / 365} years." },
         { what: "Network addresses of those who read a client’s page or sign in", why: "To slow guessing down.",
           until: "#{Middleware::Rate::MINUTE} seconds; of wrong passwords a digest of the email for " \
                  "#{Accounts::Guesses::KEPT_DAYS} day." },
         { what: "All of it in backups", why: "To have it back after a loss.",
           until: "As many as are kept; then they go." }]
      end
    end
  end
end
