# frozen_string_literal: true

module DeckBough
  module Wreaths
    # What was made round a ring against what is wanted: as along a run, told by hours, and the ring closes, so that
    # what is thin from before twelve to after it is one arc.
    #
    # Source: handbook 60, Fullness round the ring.
    class RingComparison < Greenery::Comparison
      AT = :at_h

      private

      # The last part and the first one meet at twelve.
      def joined(parts)
        return parts unless parts.size > 1 && parts.first.first.last && parts.last.first.last

        [parts.last + parts.first, *parts[1...-1]]
      end

      # Clockwise.
      def named(from, to, most)
        { from_h: from, to_h: to, by_m: most }
      end
    end
  end
end
