# frozen_string_literal: true

module DeckBough
  module Days
    # What somebody said of the work in a home, once by its key: it is up, it ran out, this waits.
    #
    #   Days::Act.new(key: "k1", kind: "up", step: "tree/ornaments", turn: "slate 7", by: "Ida", at: 540).up? # => true
    #
    # step, turn: what of the run sheet it is about (turn "" where it is the whole step); of: the key of the act that is
    # taken back; says: words; quantity: how much was used, metres or pieces; at: anything that can be compared; day,
    # minute: by the clock on the wall there; box: in or into which it is.
    # Source: handbook 90, Run sheet.
    Act = Struct.new(:key, :kind, :step, :turn, :of, :says, :quantity, :by, :at, :visit, :day, :minute,
                     :box, keyword_init: true) do
      # up: this turn is done; undo: an act is taken back; ran_out: there is no more of it; wait_for: the step waits for
      # what `says` tells; skip: later in this visit; carry_on: it waits no more; pause, resume: the whole visit;
      # note: words; used: so much of it; laid_out: it is in the car. Taking down: broken, lost, found: so many of
      # it; boxed: it went into another box; tested: a string, with so many dead bulbs; measured: so much of a ribbon is
      # left to keep; hooks_stay, hooks_off: what held it stays on the wall, or came off.
      def self.kinds
        %w[up undo ran_out wait_for skip carry_on note pause resume used laid_out broken lost found boxed tested
           measured hooks_stay hooks_off]
      end

      def initialize(turn: "", says: "", **)
        super
        freeze
      end

      kinds.each { |one| define_method(:"#{one}?") { kind == one } }
    end
  end
end
