# frozen_string_literal: true

module DeckBough
  module Client
    # How far a proposal is, in one word.
    #
    #   Client::Standing.of(withdrawn: false, ended: false, seen: true, accepted: false, commented: true,
    #                       changed: false) # => "commented"
    #
    # What was withdrawn or has ended is nothing else any more; a home that changed since asks again, whatever was said
    # before. Source: handbook 90, The client.
    module Standing
      STATES = %w[not_sent sent seen commented accepted changed withdrawn ended].freeze

      module_function

      def of(withdrawn:, ended:, seen:, accepted:, commented:, changed:)
        return "withdrawn" if withdrawn
        return "changed" if changed
        return "accepted" if accepted
        return "ended" if ended
        return "commented" if commented

        seen ? "seen" : "sent"
      end
    end
  end
end
