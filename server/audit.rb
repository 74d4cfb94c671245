# frozen_string_literal: true

module DeckBough
  module Server
    # Writes down who saw or changed which home, from the route that was asked: every route below one home, or below a
    # room, piece, visit or another thing of one.
    #
    #   Audit.note(context, route, [200, {}, ["{}"]])
    module Audit
      BELOW = %r{\A/api/(?<kind>[\w-]+)/:id(?<rest>/.*)?\z}
      # What is sent there is only reckoned with.
      RECKONED = %w[/advice /build /colours /cut-plan /group /look /places /plan /step-back /view /view/working
                    /what-if /working].freeze
      # What comes to be has its id in the answer.
      MADE = %w[/api/homes /api/homes/import].freeze

      module_function

      # @param answered [Array] what the route answered
      def note(context, route, answered)
        return unless context.account && answered.first < 400

        kind, id = thing(context, route, answered)
        return unless kind && Store::Ids.id?(id)

        context.store(Store::HomeAccesses).note(kind, id, changed: changed?(route), account_id: context.account[:id],
                                                          at: context.now)
      end

      def thing(context, route, answered)
        return ["homes", JSON.parse(answered.last.first)["id"]] if MADE.include?(route.path) && answered.first == 201

        found = BELOW.match(route.path)
        [found[:kind], context.part(:id)] if found && Store::HomeAccesses::KINDS.include?(found[:kind])
      end

      def changed?(route)
        route.verb != "get" && !RECKONED.include?(BELOW.match(route.path)&.[](:rest))
      end
      private_class_method :thing, :changed?
    end
  end
end
