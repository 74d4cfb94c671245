# frozen_string_literal: true

require_relative "../../core_test"

# Nails and hooks that stay: tried first by wreaths, walls and runs, and never trusted with more than they may carry.
class StayingAnchorTest < CoreTest
  HOUSE = HouseRules.default
  NEAR = 0.03

  def anchor(**said)
    StayingAnchor.new(id: "a", place: "Front door", kind: "large_hook", since: 2024, **said)
  end

  def around(*anchors)
    Surroundings.new(stance: "wall", ceiling: Ceiling.new(left_m: 2.7, right_m: 2.7, width_m: 5), anchors: anchors)
  end

  def wreath(*anchors, **groups)
    WreathPlan.new(settings: { place: { host: "door", width_m: 0.9 }, size: { outer_m: 0.6 }, hang: { hanger: "false" },
                               **groups }, surroundings: around(*anchors), styles: []).reckoned
  end

  def wall(*anchors, **groups)
    WallPlan.new(settings: { wall: { width_m: 3.0 }, **groups }, surroundings: around(*anchors), styles: []).call
  end

  RUN = { survey: { kind: "mantel", length_m: 1.8, depth_m: 0.2, height_m: 1.2, surface: "wood" },
          anchors: { fixing: "nail" }, body: { bodies: [{ style: "fir" }] } }.freeze
  RUN_STYLES = [Style.new(id: "fir", kind: "garland", name: "Fir", length_m: 1.8, loft_m: 0.2, mass_g: 900)].freeze

  def greens(*anchors)
    RunPlan.new(settings: RUN, surroundings: around(*anchors), styles: RUN_STYLES).call
  end

  def codes(told) = told[:cautions].map { |one| one[:code].to_s }

  def fixing(told) = told[:ledger].select { |line| line[:kind] == "fixing" }.sum { |line| line[:need] }

  def test_it_is_where_both_measures_agree_within_three_centimetres
    one = anchor(own: true, left_m: 0.5, floor_m: 1.7)

    assert one.at?(0.53, 1.67, near_m: NEAR)
    refute one.at?(0.54, 1.7, near_m: NEAR)
    refute one.at?(0.5, 1.74, near_m: NEAR)
    refute anchor(own: true, left_m: 0.5, floor_m: 1.7, good: false).at?(0.5, 1.7, near_m: NEAR)
  end

  def test_what_was_never_measured_is_nowhere_and_what_is_of_no_piece_goes_by_its_height
    refute anchor(own: true).at?(0.5, 1.7, near_m: NEAR)
    assert anchor(left_m: 9.0, floor_m: 1.7).at?(0.5, 1.7, near_m: NEAR)
    refute anchor(left_m: 0.5).at?(0.5, 1.7, near_m: NEAR)
  end

  def test_each_holds_one_thing_and_the_strongest_is_taken
    weak = anchor(own: true, floor_m: 1.7, kind: "suction_hook", id: "weak")
    strong = anchor(own: true, floor_m: 1.7, kind: "nail", id: "strong")
    held = StayingAnchors.holding([weak, strong], [[0.5, 1.7, 0.2], [0.5, 1.7, 0.2], [0.5, 1.7, 0.2]], HOUSE)

    assert_equal(["strong", "weak", nil], held.map { |one| one&.id })
    assert_equal [nil], StayingAnchors.holding([weak], [[0.5, 1.7, weak.may_kg(HOUSE) + 0.01]], HOUSE)
  end

  def test_half_of_what_its_label_says_or_of_what_is_usual
    assert_in_delta 0.9, anchor(rated_kg: 1.8).may_kg(HOUSE)
    assert_in_delta HOUSE["garland.large_hook"] / 2, anchor.may_kg(HOUSE)
    StayingAnchor::KINDS.each_key { |kind| assert_operator anchor(kind: kind).may_kg(HOUSE), :>, 0, kind }
  end

  def test_a_wreath_hangs_on_the_hook_that_is_there
    bare = wreath
    hook = bare[:drawing][:hook][:floor_m]
    there = wreath(anchor(floor_m: hook + 0.02, rated_kg: 4.0))

    assert_includes codes(there), "anchor_there"
    assert_in_delta 2.0, there[:figures][:may][:value]
    assert_equal [1, true], there[:ledger].find { |line| line[:own] }.values_at(:need, :own)
    assert_equal 1, fixing(bare)
    assert_equal 0, fixing(there)
  end

  def test_a_wreath_whose_own_hook_was_never_measured_hangs_on_it
    assert_includes codes(wreath(anchor(own: true))), "anchor_there"
    refute_includes codes(wreath(anchor)), "anchor_there"
  end

  def test_what_a_person_chose_stands_over_the_hook_that_is_there
    told = wreath(anchor(own: true), hang: { hanger: "false", fixing: "large_hook" })

    refute_includes codes(told), "anchor_there"
    assert_equal 1, fixing(told)
  end

  def test_a_hook_that_is_nearly_there_is_told_and_one_press_hangs_it_there
    hook = wreath[:drawing][:hook][:floor_m]
    near = anchor(floor_m: hook - 0.12)

    assert_includes codes(wreath(near)), "anchor_near"
    plan = WreathPlan.new(settings: { place: { host: "door", width_m: 0.9 }, size: { outer_m: 0.6 },
                                      hang: { hanger: "false" } }, surroundings: around(near), styles: [])
    mend = plan.advice("mends", stock: [])[:ways].find { |one| one[:code] == "anchor_near" }
    lower = wreath(near, size: mend[:changes][:size])

    assert_includes codes(lower), "anchor_there"
    refute_includes codes(lower), "anchor_near"
    refute_includes codes(wreath(anchor(floor_m: hook - 0.5))), "anchor_near"
  end

  def test_a_hook_that_may_carry_too_little_is_not_trusted
    hook = wreath[:drawing][:hook][:floor_m]
    told = wreath(anchor(floor_m: hook, rated_kg: 0.1))

    refute_includes codes(told), "anchor_there"
    refute_includes codes(told), "anchor_near"
  end

  def test_where_nothing_may_be_nailed_what_is_there_already_marks_nothing
    rented = Surroundings.new(stance: "wall", ceiling: around.ceiling, no_nails: true,
                              anchors: [anchor(own: true, kind: "nail")])
    told = WreathPlan.new(settings: { place: { host: "mantel_wall", width_m: 1.4 } }, surroundings: rented,
                          styles: []).reckoned

    refute_includes codes(told), "fixing_no_nails"
    assert_includes codes(told), "anchor_there"
  end

  def test_of_a_wall_only_the_missing_hooks_are_brought
    rings = wall[:drawing][:rings]
    first = rings.first
    told = wall(anchor(own: true, left_m: first[:hook_left_m] + 0.01, floor_m: first[:hook_floor_m]))

    assert_equal 2, fixing(told)
    assert_equal([2024, nil, nil], told[:drawing][:rings].map { |ring| ring[:since] })
    assert_includes codes(told), "anchors_there"
    assert_equal fixing(told), told[:sheets]["fixing"][:steps].last[:value]
    # One that is of no piece is somewhere in the room, not on this wall.
    assert_equal 3, fixing(wall(anchor(left_m: first[:hook_left_m], floor_m: first[:hook_floor_m])))
  end

  def test_of_a_run_only_the_missing_fixings_are_brought
    far = anchor(own: true, left_m: 90.0)
    bare = greens(far)
    first = bare[:anchors].first
    told = greens(anchor(own: true, kind: "nail", left_m: first[:x_m], floor_m: first[:floor_m]))

    assert_equal fixing(bare) - first[:fixings], fixing(told)
    assert_equal 1, told[:ledger].find { |line| line[:step] == "anchors" && line[:own] }[:need]
    assert_includes codes(told), "anchors_there"
    refute_includes codes(bare), "anchors_there"
  end

  def test_what_holds_a_piece_is_told_as_it_can_be_kept
    plan = WallPlan.new(settings: { wall: { width_m: 3.0 } }, surroundings: around, styles: [])
    hook = plan.hooks.first
    ring = plan.call[:drawing][:rings].first

    assert_equal 3, plan.hooks.size
    assert_equal [ring[:hook_left_m], ring[:hook_floor_m], "nail"], hook.values_at(:left_m, :floor_m, :kind)
    assert_equal Inputs.check(StayingAnchor::INPUTS, { place: "Wall", since: 2026, **hook }).slice(*hook.keys), hook
  end
end
