# frozen_string_literal: true

module DeckBough
  module Stock
    # Why a count moved, as a person writes it down: each reason brings things in or takes them out; a count says how
    # many there are.
    #
    #   Stock::Entry.moved("broken", 2, on_hand: 20) # => -2
    #
    # Pieces, ribbon metres. Source: handbook 80, Stock ("counts are entries").
    module Entry
      IN = %w[bought returned found].freeze
      OUT = %w[used broken lost lent given].freeze
      COUNTED = "counted"
      REASONS = [*IN, *OUT, COUNTED].freeze
      MOST = 100_000

      INPUTS = [Input.choice(:reason, "What happened", REASONS),
                Input.number(:quantity, "How many", "", 0..MOST),
                Input.text(:note, "Why", 0..200, default: ""),
                Input.text(:whom, "To whom", 0..80, default: "")].freeze

      module_function

      # @return [Numeric] what the count moves by
      # @raise [InputError] where more would go than there is, or nothing moves
      def moved(reason, quantity, on_hand:)
        return quantity - on_hand if reason == COUNTED

        raise InputError, [fault(:entry_nothing)] if quantity.zero?
        return quantity if IN.include?(reason)
        raise InputError, [fault(:entry_beyond, there: Figure.print(on_hand, 2))] if quantity > on_hand

        -quantity
      end

      def fault(code, **values)
        Inputs.fault(code, %w[quantity], **values)
      end
      private_class_method :fault
    end
  end
end
