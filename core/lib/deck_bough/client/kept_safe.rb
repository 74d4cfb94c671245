# frozen_string_literal: true

module DeckBough
  module Client
    # The usual cautions as a client is told them: few, in words of the house, and whom to ask instead of us.
    #
    #   Client::KeptSafe.of(children_ages: [2], pets: [], conifer_allergy: false, rented: false, fire: false, lit: true,
    #                       flame: false, real: false, high: false).first[:key] # => "lights"
    #
    # Source: handbook 95.
    module KeptSafe
      SMALL = 3
      DEFER = "Where a label, a manual, your electrician or the owner of the house says otherwise, that goes first."
      SAID = {
        lights: "Lights go off when nobody is by or awake; a timer is set. A string that is damaged is not used again.",
        sockets: "Sockets stay within reach.",
        fire: "The fire stays out while the mantel is dressed, and nothing stands in the hearth.",
        flame: "Candles near greens and cloth are flameless.",
        real: "The tree is cut and dries: it wants water every day, and goes out after about four weeks.",
        conifer: "Nothing of conifer and nothing scented comes into the house.",
        children: "What is small, breaks or could be swallowed hangs out of reach of small children.",
        pets: "What breaks hangs above their reach, and nothing poisonous stands where they are.",
        high: "What stands tall is tied back, and tested by hand.",
        rented: "Nothing is nailed or screwed without the owner's leave."
      }.freeze

      module_function

      # @param children_ages [Array<Integer>] years
      # @param pets [Array<String>] kinds
      # @param fire [Boolean] something is dressed about a fireplace
      # @param lit [Boolean] there are lights
      # @param flame [Boolean] there are candles
      # @param real [Boolean] a cut tree stands there
      # @param high [Boolean] something stands tall
      # @return [Array<Hash>] key, says; the last defers to who knows
      def of(children_ages:, pets:, conifer_allergy:, rented:, fire:, lit:, flame:, real:, high:)
        true_here = { lights: lit, sockets: lit, fire: fire, flame: flame, real: real, conifer: conifer_allergy,
                      children: children_ages.any? { |age| age < SMALL }, pets: pets.any?, high: high, rented: rented }
        told = SAID.select { |key, _| true_here[key] }.map { |key, says| { key: key.to_s, says: says } }
        told.empty? ? [] : [*told, { key: "defer", says: DEFER }]
      end
    end
  end
end
