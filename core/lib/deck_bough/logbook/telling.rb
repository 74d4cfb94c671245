# frozen_string_literal: true

module DeckBough
  module Logbook
    # What a person says of work that was done, checked.
    #
    #   said = { "took" => 66, "parts" => [{ "rule" => "minutes.ornament", "base" => 72 }] }
    #   Logbook::Telling.check(said)[:pace]
    #
    # Several kinds of work may be told at once where only their minutes are known; what is used is told by itself.
    # Source: handbook 90, Log.
    module Telling
      # As many as a run sheet may tell at once, so that what it told can be corrected.
      MOST_PARTS = 40
      LONGEST_NAME = 120
      PART = [Input.choice(:rule, "Work", Learnt.keys),
              Input.number(:base, "How much of it", "", 0.01..100_000, why: "There was some of it."),
              Input.number(:high, "Share from the ladder", "", 0..1, default: 0,
                                                                     why: "Part of it, or all.")].freeze
      INPUTS = [Input.text(:piece_name, "Piece", 0..LONGEST_NAME, default: ""),
                Input.text(:who, "Who", 0..200, default: ""),
                Input.number(:took, "What it took", "", 0.01..100_000,
                             why: "Work takes something."),
                Input.number(:pace, "Pace", "× usual", 0.2..5, default: 1, why: "Somebody works at some pace."),
                Input.text(:left_out, "Why it does not count", 1..200, default: nil),
                Input.list(:parts, "Work", PART, 1..MOST_PARTS)].freeze

      module_function

      # @return [Hash{Symbol => Object}]
      # @raise [InputError]
      def check(given)
        said = Inputs.check(INPUTS, given)
        rules = said[:parts].map { |part| part[:rule] }.uniq
        return said if rules.size == 1 || rules.all? { |rule| Learnt.work?(rule) }

        used = rules.index { |rule| !Learnt.work?(rule) }
        raise InputError, [Inputs.fault(:told_alone, ["parts", used.to_s, "rule"])]
      end
    end
  end
end
