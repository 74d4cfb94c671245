# frozen_string_literal: true

module DeckBough
  module Stock
    # What a piece wants of one style, and from which day to which: visit to strike. A day that is not said yet is
    # open: it may be any.
    #
    #   Stock::Claim.new(id: "tree", wanted: 40, first_day: 2_461_373).days # => (2_461_373..Float::INFINITY)
    #
    # wanted: pieces, ribbon metres. Days are counted as in Date#jd.
    Claim = Struct.new(:id, :wanted, :first_day, :last_day, keyword_init: true) do
      def initialize(first_day: nil, last_day: nil, **)
        super
        freeze
      end

      # The day of a strike is still taken: what comes down in the morning hangs nowhere else by noon.
      def days
        (first_day || -Float::INFINITY)..(last_day || Float::INFINITY)
      end

      def overlaps?(other)
        days.begin <= other.days.end && other.days.begin <= days.end
      end
    end
  end
end
