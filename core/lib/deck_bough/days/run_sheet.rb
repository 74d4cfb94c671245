# frozen_string_literal: true

module DeckBough
  module Days
    # The steps of a home one thing at a time: each ornament with its place, each line of the ledger, or the step as a
    # whole.
    #
    #   Days::RunSheet.new([], {}).turns # => {}
    #
    # A turn is known by its key inside its step: "style number" where it has a place, the style or the name where it is
    # a line, "style for style" where it goes on instead of what ran out, "" where it is the whole step, "there style
    # number" where a keepsake is looked for before the piece is closed.
    # Source: handbook 90, Run sheet.
    class RunSheet
      Turn = Struct.new(:key, :thing, :need, :place, :check, :instead_of, keyword_init: true) do
        # Whether it goes to a place of its own.
        def hangs?
          !place.nil? && !check
        end
      end
      Thing = Struct.new(:key, :style, :label, :kind, :colour, :unit, :need, :spares, :short, keyword_init: true)

      HUNG = "ornaments"
      THERE = "there"

      # @param steps [Array<HomeSteps::Told>]
      # @param pieces [Hash{String => Hash}] by id: lines (as LedgerLine#to_h), map (as HangingSheet#call, or nil),
      #   stood_in (as TreePlan#stood_in)
      def initialize(steps, pieces)
        @steps = steps
        @pieces = pieces
      end

      # @return [Hash{String => Array<Turn>}] by step
      def turns
        @turns ||= @steps.group_by { |told| [told.piece, told.key] }.values.flat_map do |parts|
          of_parts(parts)
        end.to_h
      end

      # @return [Array<Thing>] what a step takes
      def things(told)
        lines_of(told).group_by { |line| line[:style] || line[:label] }.map do |key, lines|
          Thing.new(key: key, **lines.first.slice(:style, :label, :kind, :colour, :unit),
                    **%i[need spares short].to_h { |name| [name, lines.sum { |line| line[name] }.round(3)] })
        end
      end

      private

      # Steps that are done in two goes, above the ladder line and below, share their things.
      def of_parts(parts)
        placed = parts.first.key == HUNG ? places(parts.first.piece) : []
        parts.zip(shared_out(parts, placed)).map do |told, sites|
          turns = [*in_hanging_order(sites), *of_lines(told, parts), *there(told)]
          [told.step.id, turns.empty? ? [whole(told)] : turns]
        end
      end

      # What is made by hand is made all at once, so many of it.
      def whole(told)
        Turn.new(key: "", need: HomeSteps.made_by(told.key) && told.count)
      end

      def places(piece)
        map = @pieces.dig(piece, :map) or return []
        map[:sites].select { |site| site[:planned] }
      end

      # The first part takes the highest, as many as its step counts.
      def shared_out(parts, sites)
        return parts.map { sites } if parts.size < 2

        first = parts.first.count.to_i
        from_top = sites.sort_by { |site| [-site[:height_m], site[:order]] }
        [from_top.take(first), from_top.drop(first), *parts.drop(2).map { [] }]
      end

      def in_hanging_order(sites)
        sites.sort_by { |site| site[:order] }.map do |site|
          Turn.new(key: "#{site[:style]} #{site[:number]}", thing: site[:style], need: 1, place: site)
        end
      end

      # Lines that have no place of their own; where the step is done in two goes it is one turn in each.
      def of_lines(told, parts)
        hung = told.key == HUNG ? places(told.piece).to_h { |site| [site[:style], true] } : {}
        left = things(told).reject { |thing| hung.key?(thing.key) || thing.need.zero? }
        return left.flat_map { |thing| of_line(told, thing) } if parts.size < 2

        hung.empty? ? [Turn.new(key: "", need: told.count)] : []
      end

      # What goes on instead of something that ran out is a turn of its own: the rest of it may be up already. The same
      # ribbon in another step, the crown's bow, stays what it is.
      def of_line(told, thing)
        more = stood_in(told.piece).select { |one| told.key == one[:step] && one[:style] == thing.style }
        planned = (thing.need - more.sum { |one| one[:need] }).round(3)
        own = planned.positive? ? [Turn.new(key: thing.key, thing: thing.key, need: planned)] : []
        own + more.map do |one|
          Turn.new(key: "#{one[:style]} for #{one[:instead_of]}", thing: thing.key, need: one[:need].round(3),
                   instead_of: one[:name])
        end
      end

      def stood_in(piece)
        @pieces.dig(piece, :stood_in).to_a
      end

      # Before the piece is closed each keepsake is looked for.
      def there(told)
        return [] unless told.piece && last_of_piece[told.piece].equal?(told)

        map = @pieces.dig(told.piece, :map) or return []
        kept = map[:styles].select { |style| style[:keepsake] }.map { |style| style[:id] }
        sites = map[:sites].select { |site| kept.include?(site[:style]) && site[:planned] }
        return [] if sites.empty?

        [Turn.new(key: ""), *sites.sort_by { |site| site[:order] }.map do |site|
          Turn.new(key: "#{THERE} #{site[:style]} #{site[:number]}", thing: site[:style], need: 1, place: site,
                   check: true)
        end]
      end

      def last_of_piece
        @last_of_piece ||= @steps.select(&:piece).to_h { |told| [told.piece, told] }
      end

      # What no step of the piece is named after goes with its first.
      def lines_of(told)
        return [] unless told.piece

        own = keys_of(told.piece)
        @pieces.dig(told.piece, :lines).to_a.select do |line|
          line[:step] == told.key || (!own.include?(line[:step]) && told.key == own.first)
        end
      end

      def keys_of(piece)
        @keys_of ||= @steps.select(&:piece).group_by(&:piece).transform_values do |steps|
          steps.map(&:key).uniq.reject { |key| HomeSteps.made_by(key) }
        end
        @keys_of.fetch(piece)
      end
    end
  end
end
