# frozen_string_literal: true

module DeckBough
  module Client
    # What a home has become since a proposal was sent: what came, what went, what is something else now.
    #
    #   Client::Changed.between({ rooms: [], days: { visit: "2026-12-02" }, total_cents: 100 },
    #                           { rooms: [], days: { visit: "2026-12-03" }, total_cents: 100 }).size # => 1
    #
    # Both are told alike: days (visit, strike), total_cents, rooms (id, name, pieces: id, name, lines, mark), safe and
    # open (sentences; none where they are left out). Pieces are known by id, so that one which moved to another room is
    # told as moved. Source: handbook 90, The client.
    module Changed
      SENTENCES = %i[safe open].freeze
      DAYS = { visit: "the day", strike: "the day it comes down" }.freeze

      module_function

      # @param sent [Hash]
      # @param now [Hash]
      # @return [Array<Hash>] of (a day, a piece, "safe", "open" or "total"), name, how ("new", "gone", "renamed",
      #   "moved", "things", "drawn", "day", "said", "unsaid", "total"), was, becomes (both may be nil)
      def between(sent, now)
        days(sent[:days], now[:days]) + pieces(pieces_of(sent), pieces_of(now)) +
          SENTENCES.flat_map { |name| sentences(name, sent.fetch(name, []), now.fetch(name, [])) } + total(sent, now)
      end

      # What is said of safety, and what is still open: each sentence by itself.
      def sentences(name, sent, now)
        (now - sent).map { |says| { of: name.to_s, name: says, how: "said", was: nil, becomes: says } } +
          (sent - now).map { |says| { of: name.to_s, name: says, how: "unsaid", was: says, becomes: nil } }
      end

      def days(sent, now)
        DAYS.keys.reject { |day| sent[day] == now[day] }.map do |day|
          { of: day.to_s, name: DAYS[day], how: "day", was: sent[day], becomes: now[day] }
        end
      end

      def pieces_of(told)
        told[:rooms].flat_map { |room| room[:pieces].map { |piece| [piece[:id], { **piece, room: room[:name] }] } }.to_h
      end

      def pieces(sent, now)
        gone = (sent.keys - now.keys).map { |id| told(sent[id], "gone") }
        come = (now.keys - sent.keys).map { |id| told(now[id], "new") }
        gone + come + (sent.keys & now.keys).flat_map { |id| piece(sent[id], now[id]) }
      end

      # The first that is true of it: what it takes says more than that it is drawn otherwise.
      def piece(sent, now)
        other = { "renamed" => :name, "moved" => :room }.reject { |_, name| sent[name] == now[name] }
        told = other.map { |how, name| told(now, how, was: sent[name], becomes: now[name]) }
        return told + [told(now, "things", **lines(sent[:lines], now[:lines]))] if sent[:lines] != now[:lines]

        told.empty? && sent[:mark] != now[:mark] ? [told(now, "drawn")] : told
      end

      # Only what differs of them.
      def lines(sent, now)
        { was: (sent - now).join(", "), becomes: (now - sent).join(", ") }
      end

      def told(piece, how, was: nil, becomes: nil)
        { of: piece[:id], name: piece[:name], how: how, was: was, becomes: becomes }
      end

      def total(sent, now)
        return [] if sent[:total_cents] == now[:total_cents]

        [{ of: "total", name: "the sum", how: "total", was: sent[:total_cents], becomes: now[:total_cents] }]
      end
      private_class_method :sentences, :days, :pieces_of, :pieces, :piece, :lines, :told, :total
    end
  end
end
