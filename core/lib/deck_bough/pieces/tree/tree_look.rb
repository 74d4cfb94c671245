# frozen_string_literal: true

module DeckBough
  # The look of one tree put on another: everything but its measures and what is built into it, with counts and sizes
  # of one's own fitted. Mends of a look from the door were made for what hung there, and stay there.
  #
  #   TreeLook.onto(TREE_KIND.check(ornaments: { own_total: 80 }), TREE_KIND.check({}), 0.25)[:ornaments][:own_total]
  #   # => 20
  module TreeLook
    # What of the lights belongs to a tree and where it stands, not to its look.
    BUILT_IN = %i[working_bulbs prelit_strings prelit_dead prelit_bulbs volts circuit_amps other_watts
                  socket_way_m].freeze
    WORN = %i[crown ribbon ornaments picks].freeze
    # What grows with the tree's height, by group.
    SIZES = { crown: %i[rise_m loop_m tail_m streamer_m],
              ribbon: %i[garland_width_m garland_sag_m] }.freeze
    STAND = %i[stand opening_m tied_back].freeze

    module_function

    # @param from, onto [CheckedSettings]
    # @param ratio [Float] of what is dressed of the one to that of the other
    # @return [Hash] settings, unchecked
    def onto(from, onto, ratio)
      worn = WORN.to_h { |group| [group, sized(group, from[group], Math.sqrt(ratio))] }
      { **onto, **worn, step_back: {}, lights: from[:lights].merge(onto[:lights].slice(*BUILT_IN)),
                        foot: from[:foot].merge(onto[:foot].slice(*STAND)),
                        ribbon: worn[:ribbon].merge(bows: counted(from, :ribbon, :bows, ratio), ran_out: []),
                        ornaments: worn[:ornaments].merge(own_total: counted(from, :ornaments, :own_total, ratio),
                                                          missing: []) }
    end

    def sized(group, said, ratio)
      said.merge(SIZES.fetch(group, []).to_h { |name| [name, within(group, name, (said[name] * ratio).round(2))] })
    end

    def counted(from, group, name, ratio)
      count = from[group][name]
      count && within(group, name, [(count * ratio).round, 1].max)
    end

    # What a dial can be turned to.
    def within(group, name, value)
      value.clamp(TreeSettings::GROUPS.fetch(group).find { |input| input.name == name }.range)
    end
    private_class_method :sized, :counted, :within
  end
end
