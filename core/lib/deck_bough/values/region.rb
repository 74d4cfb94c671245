# frozen_string_literal: true

module DeckBough
  # Where a studio works: what it pays in, what comes out of its sockets, which paper it prints on, how trees are sold.
  #
  #   Region.of("north_america").mains_volts # => 120
  #
  # currency: ISO 4217; mains_volts V; circuit_amps A, of a common circuit; paper: "a4" or "letter"; tree_sizes: "cm" or
  # "ft", whatever units the studio reads. A piece may have a circuit of its own. Source: handbook 10 Fit, 20 Power.
  Region = Struct.new(:currency, :mains_volts, :circuit_amps, :paper, :tree_sizes, keyword_init: true) do
    def self.of(name)
      Region::NAMED.fetch(name)
    end

    def self.default
      of("europe")
    end

    def initialize(**)
      super
      freeze
    end
  end

  # What is common in a part of the world; each can be set otherwise.
  Region::NAMED = {
    "europe" => Region.new(currency: "EUR", mains_volts: 230, circuit_amps: 16, paper: "a4", tree_sizes: "cm"),
    "british_isles" => Region.new(currency: "GBP", mains_volts: 230, circuit_amps: 13, paper: "a4", tree_sizes: "ft"),
    "north_america" => Region.new(currency: "USD", mains_volts: 120, circuit_amps: 15, paper: "letter",
                                  tree_sizes: "ft"),
    "oceania" => Region.new(currency: "AUD", mains_volts: 230, circuit_amps: 10, paper: "a4", tree_sizes: "cm"),
    "japan" => Region.new(currency: "JPY", mains_volts: 100, circuit_amps: 15, paper: "a4", tree_sizes: "cm")
  }.freeze
end
