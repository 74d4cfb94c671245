# frozen_string_literal: true

module DeckBough
  module Logbook
    # What was noted of a visit or one of its pieces: a problem, an idea for next year, what the client said, how a
    # fixing held, a picture from before or after, what was paid.
    #
    #   Logbook::Remark.check({ "sort" => "buy", "says" => "a second pair of lanterns" })[:sort] # => "buy"
    #
    # Source: handbook 90, Log.
    module Remark
      PROBLEMS = %w[fell_off leaned dead_string dull too_much].freeze
      IDEAS = %w[buy move make retire].freeze
      FIXINGS = %w[held failed marked].freeze
      PICTURES = %w[before after].freeze
      SORTS = [*PROBLEMS, *IDEAS, "client", *FIXINGS, *PICTURES, "price"].freeze
      # As they are told on paper.
      TITLES = { "fell_off" => "Fell off", "leaned" => "Leaned", "dead_string" => "Dead string", "dull" => "Dull",
                 "too_much" => "Too much", "buy" => "Buy", "move" => "Move", "make" => "Make", "retire" => "Retire",
                 "failed" => "Did not hold", "marked" => "Marked the wall" }.freeze
      # These say nothing without words.
      WORDED = [*IDEAS, "client", *FIXINGS].freeze

      # Characters of its words.
      LONGEST = 500

      INPUTS = [Input.choice(:sort, "What it is", SORTS),
                Input.text(:says, "In words", 0..LONGEST, default: ""),
                Input.text(:finish, "On what", 0..60, default: ""),
                Input.whole(:price_cents, "Price", "cents", 0..100_000_000, default: nil)].freeze

      module_function

      # @return [Hash{Symbol => Object}]
      # @raise [InputError] every fault at once
      def check(given)
        said = Inputs.check(INPUTS, given)
        said = { **said, says: said[:says].strip, finish: said[:finish].strip }
        faults = lacking(said)
        raise InputError, faults if faults.any?

        said
      end

      def lacking(said)
        [(Inputs.fault(:remark_words, %w[says]) if WORDED.include?(said[:sort]) && said[:says].empty?),
         (Inputs.fault(:remark_finish, %w[finish]) if FIXINGS.include?(said[:sort]) && said[:finish].empty?),
         (Inputs.fault(:remark_price, %w[price_cents]) if said[:sort] == "price" && said[:price_cents].nil?)].compact
      end
      private_class_method :lacking
    end
  end
end
