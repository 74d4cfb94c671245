# frozen_string_literal: true

module DeckBough
  module Server
    # A proposal in words, as its page and its sheet tell it: one source for both, and for the studio's own screen.
    #
    #   ClientPage.new(document).price[:total] # => "€875.40"
    class ClientPage
      OFFER = DeckBough::Client::Offer
      SAYS = { "bought" => "Bought for you, stays with you", "store" => "From our store",
               "dressing" => "Dressing", "taking_down" => "Taking down and packing",
               "storage" => "Keeping your things till next season" }.freeze
      AS_DRAWN = "As it is drawn"
      HOW = { "new" => "%<name>s is new.", "gone" => "%<name>s is not part of it any more.",
              "renamed" => "%<was>s is called %<becomes>s now.",
              "moved" => "%<name>s is in %<becomes>s now, not in %<was>s.",
              "drawn" => "%<name>s is drawn anew." }.freeze
      SENTENCES = { %w[safe said] => "Now also to keep in mind: %s", %w[safe unsaid] => "No longer to keep in mind: %s",
                    %w[open said] => "Open now: %s", %w[open unsaid] => "No longer open: %s" }.freeze
      # One list of things of a piece.
      NAMED = { yours: "yours", bought: "bought", store: "from our store" }.freeze

      attr_reader :document, :choices

      # @param document [Hash] as ProposalDocument tells it
      # @param choices [Hash{String => String}] versions that are chosen, by piece
      # @param before [Hash, nil] another document: what is different now is told
      def initialize(document, choices: {}, before: nil, before_choices: {})
        @document = document
        @choices = choices
        @before = before
        @before_choices = before_choices
      end

      def pieces
        document[:rooms].flat_map { |room| room[:pieces] }
      end

      def piece(id)
        pieces.find { |piece| piece[:id] == id }
      end

      # When it is put up and when it comes down.
      def when_told
        visit, strike = document[:days].values_at(:visit, :strike)
        hours = document[:hours]
        come = visit ? "We come on #{day(visit)}" : "The day is still to be agreed"
        come += ", from #{clock(hours[:from_min])} to #{clock(hours[:to_min])}" if visit && hours
        strike ? "#{come}. It all comes down on #{day(strike)}." : "#{come}."
      end

      # @return [Hash, nil] lines (says, told, amount), total, deposit, balance, and yours; nil where prices are not
      #   shown
      def price
        offer = offered
        lines = offer[:lines].map { |line| line(line) } + less(offer) + tax(offer)
        { lines: lines, total: money(offer[:total_cents]), chosen: chosen_names,
          deposit: offer[:deposit_cents].positive? ? money(offer[:deposit_cents]) : nil,
          balance: money(offer[:balance_cents]), yours: yours }
      end

      def total_cents
        offered[:total_cents]
      end

      def yours
        cents = document[:yours_cents]
        cents.positive? ? "What is yours already would cost #{money(cents)} to buy." : ""
      end

      # The ways a piece can be, as it is drawn first; none where there is no choice.
      #
      # @return [Array<Hash>] id (nil as drawn), name, told, chosen, difference
      def versions(piece)
        return [] if piece[:versions].empty?

        all = [{ id: nil, name: AS_DRAWN, told: piece[:told] }, *piece[:versions]]
        chosen = choices[piece[:id]]
        all.map { |one| { **one.slice(:id, :name, :told), chosen: one[:id] == chosen, difference: other(piece, one) } }
      end

      # @return [Array<Hash>] piece, name, version: what was chosen otherwise than drawn
      def chosen
        choices.filter_map do |id, version|
          piece = piece(id)
          found = piece && piece[:versions].find { |one| one[:id] == version }
          found && { piece: id, name: piece[:name], version: found[:name] }
        end
      end

      # What became of it since.
      #
      # @return [Array<Hash>] of, says
      def changes
        return [] unless @before

        DeckBough::Client::Changed.between(compared(@before, @before_choices), compared(document, choices))
                                  .map { |one| { of: one[:of], says: change(one) } }
      end

      # As its screen in the studio tells it.
      def to_h
        { when: when_told, look: document[:look], price: price.slice(:lines, :total), yours: yours,
          safe: document[:safe].map { |one| one[:says] }, open_points: document[:open_points],
          rooms: document[:rooms].map do |room|
            { **room.slice(:id, :name), pieces: room[:pieces].map do |piece|
              { **piece.slice(:id, :name, :kind, :told),
                versions: piece[:versions].map { |one| one.slice(:id, :name, :told) } }
            end }
          end }
      end

      def money(cents)
        Money.print(cents, document[:currency])
      end

      def day(iso)
        Date.iso8601(iso).strftime("%A %-d %B")
      end

      private

      def offered(chosen = choices)
        more = chosen.filter_map { |id, version| version_of(id, version)&.fetch(:more) }
        OFFER.of(OFFER.counted(document[:counted], more), document[:terms])
      end

      def version_of(id, version)
        piece(id)&.fetch(:versions)&.find { |one| one[:id] == version }
      end

      # Against what is chosen of this piece now, all else as it is chosen.
      def other(piece, one)
        with = one[:id] ? choices.merge(piece[:id] => one[:id]) : choices.except(piece[:id])
        cents = offered(with)[:total_cents] - total_cents
        return "" if cents.zero? || !document[:with_prices]

        "#{money(cents.abs)} #{cents.positive? ? 'more' : 'less'}"
      end

      def chosen_names
        chosen.map { |one| "#{one[:name]}: #{one[:version]}" }
      end

      def line(line)
        { says: SAYS.fetch(line[:key]) + till(line[:key]), told: told(line), amount: money(line[:cents]) }
      end

      def till(key)
        strike = document[:days][:strike]
        key == "store" && strike ? " until #{Date.iso8601(strike).strftime('%-d %B')}" : ""
      end

      def told(line)
        return "#{line[:boxes]} #{line[:boxes] == 1 ? 'box' : 'boxes'}" if line[:boxes]
        return "" unless line[:minutes]

        "#{duration(line[:minutes])} at #{money(document[:terms][:hourly_cents])} an hour"
      end

      def less(offer)
        return [] if offer[:discount_cents].zero?

        [{ says: "Discount", told: percent(document[:terms][:discount_percent]),
           amount: money(-offer[:discount_cents]) }]
      end

      def tax(offer)
        return [] if offer[:tax_cents].zero?

        [{ says: "Tax", told: percent(offer[:tax_percent]), amount: money(offer[:tax_cents]) }]
      end

      def percent(value)
        "#{Figure.print(value, 2)} %"
      end

      def duration(minutes)
        hours, rest = minutes.divmod(60)
        hours.zero? ? "#{rest} min" : format("%<hours>d h %<rest>02d", hours: hours, rest: rest)
      end

      def clock(minutes)
        DeckBough::Days::Clock.told(minutes)
      end

      # As Changed takes it; without prices the sum is nobody's business.
      def compared(document, choices)
        { days: document[:days], total_cents: document[:with_prices] ? total_of(document, choices) : nil,
          safe: document[:safe].map { |one| one[:says] }, open: document[:open_points],
          rooms: document[:rooms].map do |room|
            { **room, pieces: room[:pieces].map { |piece| as_chosen(piece, choices[piece[:id]]) } }
          end }
      end

      # A piece that is as the client chose it has not changed.
      def as_chosen(piece, version)
        found = piece[:versions].find { |one| one[:id] == version }
        found ? { **piece, **found.slice(:lines, :mark) } : piece
      end

      def total_of(document, choices)
        ClientPage.new(document, choices: choices).total_cents
      end

      def change(one)
        case one[:how]
        when "day" then date_change(one)
        when "total" then sum_change(one)
        when "said", "unsaid" then format(SENTENCES.fetch(one.values_at(:of, :how)), one[:name])
        when "things" then "#{one[:name]}: #{[one[:becomes], gone(one[:was])].reject(&:empty?).join('; ')}."
        else format(HOW.fetch(one[:how]), one.slice(:name, :was, :becomes))
        end
      end

      def gone(was)
        was.empty? ? "" : "before it was #{was}"
      end

      def date_change(one)
        was, becomes = one.values_at(:was, :becomes).map { |iso| iso ? day(iso) : "not agreed" }
        "#{one[:of] == 'visit' ? 'We come' : 'It comes down'}: #{becomes}, before it was #{was}."
      end

      def sum_change(one)
        was, becomes = one.values_at(:was, :becomes).map { |cents| cents ? money(cents) : "not told" }
        "It comes to #{becomes}, before it was #{was}."
      end
    end
  end
end
