# frozen_string_literal: true

require_relative "../core_test"

# Whatever settings the declarations allow: either they are refused with the place to mend, or there is a plan. Nothing
# else happens.
class PlannableTest < CoreTest
  TRIED = Integer(ENV.fetch("SETTINGS_TRIED", "250"))
  SHELF = [
    Style.new(id: "glass", kind: "ornament", name: "Slate glass", diameter_mm: 600, mass_g: 5_000, breakable: true,
              on_hand: 3),
    Style.new(id: "bell", kind: "ornament", name: "Old brass bell", diameter_mm: 40, on_hand: 50),
    Style.new(id: "gauze", kind: "ribbon", name: "Brass gauze", pack_size: 0.1, on_hand: 7.5),
    Style.new(id: "roll", kind: "ribbon", name: "Plum velvet", pack_size: 5_000),
    Style.new(id: "string", kind: "light", name: "Warm string", bulbs: 1, lit_length_m: 0.1, watts: 3_000, max_run: 1),
    Style.new(id: "pick", kind: "pick", name: "Frosted twig"),
    Style.new(id: "fir", kind: "garland", name: "Fir", length_m: 0.2, loft_m: 2, mass_g: 5_000, on_hand: 100_000),
    Style.new(id: "plain", kind: "garland", name: "Plain"),
    Style.new(id: "fern", kind: "stem", name: "Fern", rise_m: 4, trail_m: 6, spread_m: 10, on_hand: 50),
    Style.new(id: "ring", kind: "wreath", name: "Ring", across_m: 0.6, opening_m: 2.9, mass_g: 5_000, on_hand: 1),
    Style.new(id: "hook", kind: "fixing", name: "Hook", rated_kg: 0.01)
  ].freeze

  # Values at both ends of what is declared, between, and close to the low end, where most real ones are.
  class Dialling
    def initialize(seed)
      @chance = Random.new(seed)
    end

    def document(kind)
      kind.groups.to_h { |group, inputs| [group.to_s, once(0.3) ? {} : fields(inputs)] }
    end

    private

    def once(share)
      @chance.rand < share
    end

    def fields(inputs)
      inputs.to_h { |input| [input.name.to_s, value(input)] }
    end

    def value(input)
      return input.default if !input.required? && once(0.4)
      return SHELF.sample(random: @chance).id if input.names == :style

      case input.kind
      when :number, :whole then number(input)
      when :choice then input.choices.sample(random: @chance)
      when :flag then once(0.5)
      when :text then "x"
      when :list then Array.new([0, 1, 3, input.range.end].sample(random:
        @chance).clamp(input.range.begin, input.range.end)) do
        entry(input)
      end
      end
    end

    def entry(input)
      input.items.is_a?(Array) ? fields(input.items) : value(input.items)
    end

    def number(input)
      low = input.range.begin
      high = input.range.end
      share = [0, 1, @chance.rand, @chance.rand**6].sample(random: @chance)
      found = low + ((high - low) * share)
      found = found.round(3).clamp(low, high)
      input.kind == :whole ? found.to_i : found
    end
  end

  def place(seed)
    chance = Random.new(seed)
    surroundings(children: [2], pets: %w[cat dog]).to_h.merge(stance: Surroundings::STANCES.sample(random: chance),
                                                              ceiling: Ceiling.new(
                                                                left_m: 2 + (chance.rand * 8), right_m: 2.4,
                                                                width_m: 5.0
                                                              ))
                                                  .then { |said| Surroundings.new(**said) }
  end

  Kinds::ALL.each_value do |kind|
    define_method("test_a_#{kind.name}_is_refused_with_its_place_or_planned") do
      outcomes = (1..TRIED).map { |seed| outcome(kind, seed) }.tally

      assert_operator outcomes.fetch(:planned, 0), :>, TRIED / 8, outcomes.inspect
      assert_operator outcomes.fetch(:refused, 0), :>, 0
    end
  end

  def outcome(kind, seed)
    settings = kind.check(Dialling.new(seed).document(kind))
    plan = kind.plan.call(
      PlanBrief.new(settings: settings, surroundings: place(seed), styles: SHELF, stock: SHELF,
                    units: seed.odd? ? "metric" : "imperial")
    )
    told = plan.reckoned

    assert_equal kind.name, told[:kind]
    JSON.generate([told, plan.summary])
    :planned
  rescue InputError, UnplannableError => e
    assert(e.faults.all? { |fault| kind.groups.key?(fault.path.first&.to_sym) }, "#{kind.name} #{seed}: #{e.message}")
    :refused
  end

  # Found savable and not plannable: each is refused where it is dialled.
  def refused(kind, document)
    settings = kind.check(document)
    brief = PlanBrief.new(settings: settings, surroundings: surroundings)
    assert_raises(UnplannableError) { kind.plan.call(brief).reckoned }.faults
  rescue InputError => e
    e.faults
  end

  def test_garland_turns_too_close_on_a_tall_tree
    faults = refused(TREE_KIND,
                     "measure" => { "height_m" => 4 }, "ribbon" => { "garland" => "turns", "garland_pitch_m" => 0.05 })

    assert_equal ["/ribbon/garland_pitch_m"], faults.map(&:pointer)
    assert_includes faults.first.message, "Pieces of garland: this cannot be reckoned."
  end

  def test_a_blaze_on_a_giant
    faults = refused(TREE_KIND,
                     "measure" => { "height_m" => 12, "spread_m" => 8 },
                     "lights" => { "school" => "blaze", "bulbs_per_string" => 1 })

    assert_equal "lights", faults.first.path.first
  end

  def test_a_tuck_that_stands_off_less_than_anyone_measures
    assert_equal([["/ribbon/stand_m", "too_fine"]],
                 refused(TREE_KIND, "ribbon" => { "stand_m" => 1e-320 }).map { |fault| [fault.pointer, fault.code] })
  end
end
