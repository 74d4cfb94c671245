# frozen_string_literal: true

module DeckBough
  module Rooms
    # Stepping back as a round: from one place, in the handbook's order, one question at a time with what the figures
    # say (handbook 75, Stepping back). Taste stays with whoever looks: answers are kept, what its owner loves is pinned
    # and stays out of the score.
    #
    #   Rooms::Round.new("long", rooms, viewpoint, looked, nil, HouseRules.default).call.map { |one| one[:question] }
    #
    # looked: by piece, what its own figures say to a question (Planned#looked).
    class Round
      QUESTIONS = %w[outline bare_spots evenness main_colour competing mechanics hidden night take_away].freeze
      # What each plan is asked for.
      OF_PIECES = %w[outline bare_spots evenness mechanics].freeze
      # Of something worth seeing less than this is seen.
      HIDDEN = 0.5

      # @param colours [Hash, nil] of the view, as Looks::Shares tells it
      def initialize(id, rooms, viewpoint, looked, colours, house, units: "metric")
        @id = id
        @rooms = rooms
        @viewpoint = viewpoint
        @looked = looked
        @colours = colours
        @house = house
        @units = units
      end

      # @return [Array<Hash>] question, items: piece (id, nil where it is about all of a view), name, severity, message
      def call
        QUESTIONS.map { |question| { question: question, items: items(question) } }
      end

      private

      def items(question)
        return of_pieces(question) if OF_PIECES.include?(question)

        send(question)
      end

      def view(rooms = @rooms)
        RoomView.new(@id, rooms, [@viewpoint], @house, units: @units).views.first
      end

      def seen
        @seen ||= view.told
      end

      # Several findings of one piece are one answer.
      def of_pieces(question)
        seen.filter_map do |one|
          found = @looked.fetch(one[:id], {}).fetch(question.to_sym, [])
          next if found.empty?

          worst = found.min_by { |finding| Cautions::ORDER.fetch(finding.severity) }
          told(one, worst.severity, found.map(&:message).join(" "))
        end
      end

      def told(piece, severity, message)
        { piece: piece && piece[:id], name: piece && piece[:name], severity: severity, message: message }
      end

      def say(code, piece = nil, **values)
        finding = Finding.of(code, units: @units, **values)
        told(piece, finding.severity, finding.message)
      end

      def main_colour
        return [] unless @colours

        short = @colours[:shares].max_by { |one| [one[:wanted] - one[:seen], one[:name]] }
        return [say(:looks_colours_enough)] if @colours[:short].empty?

        [say(:looks_colour_short, colour: short[:name], seen: (short[:seen] * 100).round,
                                  wanted: (short[:wanted] * 100).round)]
      end

      def competing
        return [say(:view_forgotten)] if seen.empty?
        return [say(:looks_alone, name: seen.first[:name])] if seen.size == 1

        first, second = seen
        code = { "clear" => :looks_clear, "answered" => :looks_answered, "competing" => :looks_compete }
        [say(code.fetch(view.answer.outputs[:verdict]), first: first[:name], second: second[:name],
                                                        ratio: format("%.2f", second[:ratio]))]
      end

      def hidden
        seen.select { |one| one[:share] < HIDDEN }
            .map { |one| say(:looks_hidden, one, percent: (one[:share] * 100).round) }
      end

      def night
        lit, unlit = view.seen.map { |one| one[:placed] }.partition { |placed| placed.outline.lit }
        return [] if lit.empty? && unlit.empty?

        names = ->(those) { those.map { |placed| placed.standing.name }.join(", ") }
        return [say(:looks_dark)] if lit.empty?

        return [say(:looks_all_lit, names: names.call(lit))] if unlit.empty?

        [say(:looks_lit, names: names.call(lit), others: names.call(unlit))]
      end

      # What weighs least of what asks for attention might go.
      def take_away
        loud = seen.select { |one| one[:ratio] >= @house["view.clear"] }
        gone = loud.size > 1 ? loud.last : (seen.last if seen.size > 2)
        return [] unless gone

        after = view(without(gone))
        [say(:looks_without, gone, name: gone[:name], first: after.told.first[:name],
                                   verdict: after.answer.outputs[:verdict])]
      end

      def without(piece)
        room = @rooms.fetch(piece[:room])
        left = room[:standings].reject { |one| one.id == piece[:id] }
        @rooms.merge(piece[:room] => room.merge(standings: left))
      end
    end
  end
end
