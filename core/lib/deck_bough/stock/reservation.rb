# frozen_string_literal: true

module DeckBough
  module Stock
    # Who gets what of one style: the same thing cannot be in two homes at once, and first come keeps it (handbook 80,
    # Reserve). Pieces whose dates do not meet use the same things one after the other.
    #
    #   Stock::Reservation.of(5, %w[rail mantel].map { |id| Stock::Claim.new(id: id, wanted: 3) }).values.map(&:to_a)
    #   # => [[5, 3], [2, 2]]
    #
    # It takes claims times the days on which something begins or ends.
    module Reservation
      # free: what a piece may count on; held: what of it is set aside for the piece.
      Share = Struct.new(:free, :held)

      # Free of the last bits that sums of metres leave.
      PLACES = 6

      module_function

      # @param on_hand [Numeric] pieces, ribbon metres
      # @param claims [Array<Claim>] first come first
      # @return [Hash{Object => Share}] by the id of the claim, in their order
      def of(on_hand, claims)
        starts = claims.flat_map { |claim| [claim.days.begin, after(claim.days.end)] }.uniq.sort
        taken = Array.new(starts.size, 0)
        claims.to_h do |claim|
          stretch = (index(starts, claim.days.begin)...index(starts, after(claim.days.end)))
          share = share(claim, on_hand, taken[stretch].max)
          stretch.each { |i| taken[i] += share.held }
          [claim.id, share]
        end
      end

      def share(claim, on_hand, taken)
        free = [(on_hand - taken).round(PLACES), 0].max
        Share.new(free, [claim.wanted, free].min)
      end

      def index(starts, day)
        starts.bsearch_index { |start| start >= day }
      end

      def after(day)
        day == Float::INFINITY ? day : day + 1
      end
      private_class_method :share, :index, :after
    end
  end
end
