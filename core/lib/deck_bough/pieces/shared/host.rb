# frozen_string_literal: true

module DeckBough
  # Something of a room's survey that a piece could hang or lie on, with the settings that say so.
  #
  #   Host.new(name: "Front doors", wall: "front", at_m: 1.6, group: :place, says: { host: "pair", width_m: 1.2 })
  #
  # wall, at_m: where along the walls its middle is; group: of the piece's settings; says: what is dialled there.
  Host = Struct.new(:name, :wall, :at_m, :group, :says, keyword_init: true) do
    # Of an opening of a floor plan.
    def self.opening(plan, opening, group, **says)
      wall = plan.wall_or_first(opening[:wall])
      name = opening[:name].to_s.strip
      new(name: name.empty? ? "#{opening[:kind].capitalize} in the #{wall.name.downcase}" : name, wall: wall.key,
          at_m: opening[:left_m] + (opening[:width_m] / 2.0), group: group, says: says)
    end

    # Of a thing of a floor plan.
    def self.thing(plan, thing, group, **says)
      new(name: thing[:name], wall: plan.wall_or_first(thing[:wall]).key, at_m: thing[:at_m], group: group, says: says)
    end

    def initialize(**)
      super
      freeze
    end
  end
end
