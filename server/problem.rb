# frozen_string_literal: true

module DeckBough
  module Server
    # An error a person can mend, on its way to being answered as problem details (RFC 9457).
    #
    #   raise Problem.not_found("home")
    #   # => 404 { "type": "…/not-found", "title": "Not here", "status": 404, "detail": "There is no such home. …" }
    #
    # errors: [{ pointer:, code:, message: }] of single fields; more: members of the problem's own, such as both states
    # of a conflict.
    class Problem < StandardError
      TYPE = "urn:deck-bough:problem:"

      attr_reader :status, :code, :title, :errors, :more

      def initialize(status, code, title, detail, errors: [], more: {})
        @status = status
        @code = code
        @title = title
        @errors = errors
        @more = more
        super(detail)
      end

      def self.not_found(what)
        new(404, "not-found", "Not here", "There is no such #{what}. It may have been deleted; go back and look again.")
      end

      def self.signed_out
        new(401, "signed-out", "Please sign in", "This needs a signed-in account. Sign in and try again; what you typed is kept.")
      end

      def self.owner_only
        new(403, "owner-only", "Only an owner may do this", "Ask an owner of the studio to do this, or to change your role.")
      end

      def self.invalid(errors)
        detail = errors.size == 1 ? errors.first[:message] : "#{errors.size} things need mending; nothing was saved."
        new(422, "invalid", "Something is not right yet", detail, errors: errors)
      end

      # @param faults [Array<Fault>] of the core
      # @param under [String] where the checked part stands in the request, such as "/settings"
      def self.of_faults(faults, under: "")
        invalid(faults.map { |fault| { pointer: "#{under}#{fault.pointer}", code: fault.code, message: fault.message } })
      end

      # Somebody else was faster. Both states go back so that the screen can offer both.
      def self.conflict(current:, yours:)
        new(409, "changed-meanwhile", "Changed meanwhile",
            "Someone changed this after you opened it. Keep yours or take theirs; nothing is lost until you choose.",
            more: { current: current, yours: yours })
      end

      def to_h(request_id)
        { type: TYPE + code, title: title, status: status, detail: message, request_id: request_id }
          .merge(errors.empty? ? {} : { errors: errors }).merge(more)
      end

      def response(request_id)
        [status, { "content-type" => "application/problem+json", "cache-control" => "no-store" }, [JSON.generate(to_h(request_id))]]
      end
    end
  end
end
