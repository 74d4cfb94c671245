# frozen_string_literal: true

module DeckBough
  module Boxes
    # What may be said of a box: the number on its label, what it is called, on which shelf it stands, how much it
    # holds.
    #
    #   Inputs.check(Boxes::INPUTS, { "number" => 14 })[:litres] # => 45
    #
    # Source: handbook 80, Stock.
    NUMBER = (1..99_999)
    INPUTS = [Input.whole(:number, "Number", "", NUMBER, why: "The number stands on its label."),
              Input.text(:name, "Name", 0..80, default: ""),
              Input.text(:place, "Where it stands", 0..60, default: ""),
              Input.number(:litres, "Holds", "litres", 0.5..2_000, default: 45, why: "A box has some room.")].freeze
  end
end
