# frozen_string_literal: true

module DeckBough
  module Server
    # What a client is shown of their home, all of it in one document: days, palette, rooms with their pieces, what is
    # theirs, what is bought and what comes from the store, other versions, what it comes to, cautions, what is open.
    # Nothing of stock, of other homes or of people is in it.
    #
    #   ProposalDocument.new(database, studio, today: today).of(home_id, Store::Proposals::NO_TERMS)[:total_cents]
    class ProposalDocument
      # So many things of a kind are named with a piece.
      MOST_NAMED = 6
      MOST_COLOURS = 6
      # Higher than this it stands tall, metres.
      TALL = 1.8
      FIRES = %w[fireplace stove].freeze
      OFFER = DeckBough::Client::Offer

      def initialize(database, studio, today:, gathered: nil)
        @database = database
        @studio = studio
        @today = today
        @gathered = gathered
      end

      # @param terms [Hash] as Store::Proposals keeps them
      # @return [Hash]; pending is true while pieces are still to be reckoned
      def of(home_id, terms)
        home = store(Store::Homes).find(home_id)
        told = ProposalPieces.new(@database, @studio).of(home, terms[:versions])
        counted = counted(home, told)
        asked = { **store(Store::Budgets).prices.except(:version), **terms.slice(:discount_percent, :deposit_percent) }
        { studio: @studio[:name], home: home[:name], client: home[:client], **@studio.slice(:units, :currency, :paper),
          **days(home), **terms.slice(:greeting, :with_prices), look: look(home, told),
          rooms: told[:rooms], counted: counted, terms: asked, total_cents: OFFER.of(counted, asked)[:total_cents],
          yours_cents: told[:yours_cents], safe: safe(home, told), open_points: open_points(home, terms, told),
          pending: told[:pending] }
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      def days(home)
        held = store(Store::Visits).list.find do |visit|
          visit[:home] == home[:id] && visit[:purpose] == Store::Visits::DRESS
        end
        hours = held && held[:held_on].iso8601 == home[:visit_on] ? held.slice(:from_min, :to_min) : nil
        { days: { visit: home[:visit_on], strike: home[:strike_on] }, hours: hours }
      end

      # Bought is what buying says of the home; from the store comes what is neither bought nor theirs.
      def counted(home, told)
        budget = Budget.new(@database, @studio, today: @today, gathered: @gathered).of([home]).first
        { materials_cents: budget[:charge][:materials_cents],
          stock_cents: [budget[:stock_cents] - told[:yours_cents], 0].max,
          minutes: budget[:minutes], down_minutes: told[:down_minutes], boxes: boxes(home) }
      end

      # Those that hold what is the client's own.
      def boxes(home)
        @database[:stock_lots].join(:styles, id: :style_id)
                              .where(Sequel[:stock_lots][:studio_id] => @studio[:id], owner_home_id: home[:id])
                              .exclude(box_id: nil).distinct.count(:box_id)
      end

      # The look's colours; without one those of the things there are most of.
      def look(home, told)
        palette = home[:look_id] && store(Store::Looks).palette(home[:look_id])
        return told[:colours].first(MOST_COLOURS) unless palette

        palette.colours.first(MOST_COLOURS).map { |one| { name: one.name, colour: one.srgb } }
      end

      def safe(home, told)
        DeckBough::Client::KeptSafe.of(
          **home.slice(:children_ages, :pets, :conifer_allergy, :rented), **told[:kinds].slice(:lit, :flame, :real),
          fire: told[:heat].intersect?(FIRES), high: told[:highest_m] > TALL
        )
      end

      # What the studio says, what comes in a second round, and what is done if there is time. Why something waits is
      # the studio's own business.
      def open_points(home, terms, told)
        terms[:open_points] + waiting(home, told).map { |name| "#{name}: finished in a second round." } +
          told[:optional].map { |name| "#{name}: if there is time for it." }
      end

      def waiting(home, told)
        said = store(Store::VisitActs).progress([home[:id]]).fetch(home[:id])
        steps = said[:journal].waits.map(&:step) - said[:done]
        waits = steps.to_h { |step| [step.split("/").first, true] }
        told[:rooms].flat_map { |room| room[:pieces] }.select { |piece| waits.key?(piece[:id]) }
                    .map { |piece| piece[:name] }
      end
    end
  end
end
