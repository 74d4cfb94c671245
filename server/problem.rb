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

      # More faults than these are counted, not told: nobody reads them, and the answer stays small.
      MOST_ERRORS = 50

      def self.not_found(what)
        new(404, "not-found", "Not here", "There is no such #{what}. It may have been deleted; go back and look again.")
      end

      def self.signed_out
        new(401, "signed-out", "Please sign in",
            "This needs a signed-in account. Sign in and try again; what you typed is kept.")
      end

      def self.season_closed
        new(409, "season-closed", "The season is closed",
            "Its plans stay as they are. Open the next season, or reopen this one, under What it came to.")
      end

      def self.owner_only
        new(403, "owner-only", "Only an owner may do this",
            "Ask an owner of the studio to do this, or to change your role.")
      end

      def self.invalid(errors)
        detail = errors.size == 1 ? errors.first[:message] : "#{errors.size} things need mending; nothing was saved."
        new(422, "invalid", "Something is not right yet", detail, errors: told(errors))
      end

      def self.told(errors)
        return errors if errors.size <= MOST_ERRORS

        rest = errors.size - MOST_ERRORS
        [*errors.first(MOST_ERRORS),
         { pointer: "", code: "more", message: "And #{rest} more of the kind. Mend these first." }]
      end
      private_class_method :told

      # @param faults [Array<Fault>] of the core
      # @param under [String] where the checked part stands in the request, such as "/settings"
      def self.of_faults(faults, under: "")
        invalid(faults.map { |one| error_of(one, under) })
      end

      def self.error_of(fault, under)
        { pointer: "#{under}#{fault.pointer}", code: fault.code, message: fault.message, fault: fault }
      end
      private_class_method :error_of

      # The same with what the core says of the same request: of one place in it the core's own word counts.
      #
      # @param faults [Array<Fault>]
      def together_with(faults)
        return self if faults.empty?

        told = self.class.of_faults(faults).errors
        self.class.invalid([*told, *errors.reject { |error| told.any? { |one| one[:pointer] == error[:pointer] } }])
      end

      # Settings that no plan can be made from: told like any other fault of them.
      def self.unplannable(error)
        of_faults(error.faults, under: "/settings")
      end

      # Somebody else was faster. Both states go back so that the screen can offer both.
      #
      # @param differences [Array<Hash>] pointer, title, yours, theirs in words: what both changed
      def self.conflict(current:, yours:, differences: [])
        new(409, "changed-meanwhile", "Changed meanwhile",
            "Someone changed this after you opened it. Keep yours or take theirs; nothing is lost until you choose.",
            more: { current: current, yours: finite(yours), differences: differences })
      end

      # What was sent goes back as it was; a number without an end cannot be said in JSON, and is left out.
      def self.finite(said)
        case said
        when Hash then said.transform_values { |value| finite(value) }
        when Array then said.map { |value| finite(value) }
        when Float then said.finite? ? said : nil
        else said
        end
      end
      private_class_method :finite

      def self.unavailable
        new(503, "unavailable", "Not reachable just now",
            "The studio's records cannot be reached just now. Nothing was saved; try again in a moment.")
      end

      def self.photographs_away
        new(503, "photographs-away", "Photographs not reachable just now",
            "Where photographs are kept cannot be reached just now. Nothing was saved; try again in a moment.")
      end

      def self.takes_too_long
        new(503, "too-long", "That takes too long",
            "This took longer than a request may and was stopped. Load the page again to see what of it was saved, " \
            "and ask for less at once.")
      end

      # @param units ["metric", "imperial"] those of the person who reads it
      def to_h(request_id, units = "metric")
        told = errors.map { |error| in_units(error, units) }
        { type: TYPE + code, title: title, status: status, detail: told.size == 1 ? told.first[:message] : message,
          request_id: request_id }.merge(told.empty? ? {} : { errors: told }).merge(more)
      end

      def response(request_id, units = "metric")
        [status, { "content-type" => "application/problem+json", "cache-control" => "no-store" },
         [JSON.generate(to_h(request_id, units))]]
      end

      private

      def in_units(error, units)
        fault = error[:fault] or return error
        { **error.except(:fault), message: fault.told(units) }
      end
    end
  end
end
