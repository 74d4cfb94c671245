# frozen_string_literal: true

require_relative "../core_test"

# What pieces say of themselves when one steps back, what would mend it, and what the eye meets of them.
class LookedTest < CoreTest
  def tree(**groups)
    TreePlan.new(settings: dressed(**groups), surroundings: surroundings, styles: styles, kept: KEPT)
  end

  def messages(plan, question) = plan.looked[question].map(&:message)

  # Everything near the middle of the front is moved to the side.
  def bared
    sites = tree.places[:drawing][:ornaments].select { |site| site[:angle_deg].abs < 50 && site[:height_m] < 1.6 }
    sites.map do |site|
      { kind: "move", **site.slice(:style, :number, :height_m), angle_deg: 115 + (site[:angle_deg] / 10) }
    end
  end

  def test_a_tree_says_how_it_stands_and_hangs
    assert_match(/2\.40 m high, 77 % of what is above its floor/, messages(tree, :outline).first)
    assert_equal ["No spot is barer than the rest."], messages(tree, :bare_spots)
    assert_match(/It hangs \d\.\d\d even/, messages(tree, :evenness).first)
    assert_match(/skirt hides its foot/, messages(tree, :mechanics).first)
  end

  def test_bare_spots_are_told_and_each_mend_fills_one
    bare = tree(step_back: { mends: bared })

    assert_match(/\A\d spots? barer than the rest, the widest [\d.]+ c?m across/, messages(bare, :bare_spots).first)
    bare.mends[:bare_spots].each do |mend|
      mended = mend[:settings][:step_back][:mends]

      assert_equal bared.size + 1, mended.size
      assert TreeSettings.check(mend[:settings])
    end
    assert_operator bare.mends[:bare_spots].size, :>=, 1
  end

  def test_a_bare_stand_is_covered
    bare = tree(foot: { kind: "none" })

    assert_equal "skirt", bare.mends[:mechanics].first[:settings][:foot][:kind]
    assert_empty tree.mends[:mechanics]
  end

  def test_wires_are_looked_for_once
    plan = ->(settings) { WreathPlan.new(settings: settings, surroundings: surroundings, styles: []) }
    wreath = plan.call("place" => { "width_m" => 0.9 })
    mend = wreath.mends[:mechanics].first

    assert_match(/nobody has looked/, messages(wreath, :mechanics).first)
    after = plan.call(WreathSettings.check(mend[:settings]))

    assert_empty after.mends[:mechanics]
    assert_equal ["Wires and cut stems were looked for."], messages(after, :mechanics)
  end

  def test_greens_that_are_thin_say_by_how_much
    run = RunPlan.new(settings: { "survey" => { "length_m" => 1.5 } }, surroundings: surroundings, styles: [])

    assert_match(/Thinner than wanted in one stretch|Thinner than wanted in 1 stretch/, messages(run, :outline).first)
  end

  def test_what_is_not_measured_says_nothing
    none = TreePlan.new(settings: {}, surroundings: surroundings, styles: [])

    assert_equal [{}, {}, nil, []], [none.looked, none.mends, none.outline, none.quieter]
  end

  def test_the_eye_meets_the_outline_of_a_tree_both_halves_of_it
    outline = tree.outline
    surface = 0.7 * (2.4 - 0.24)

    assert_in_delta surface, outline.area_m2, 0.02
    assert_in_delta 1.4, outline.width_m, 0.011
    assert outline.round
    assert outline.lit
    assert_operator outline.half_at(0.4), :>, outline.half_at(1.8)
    assert_in_delta 0, outline.half_at(2.9)
  end

  def test_how_light_a_piece_is_follows_what_hangs_on_it
    chalk = [style("chalk", "Chalk", 120, "glass", colour: "#f4f0e6", on_hand: 99)]
    pale = TreePlan.new(settings: { measure: { height_m: 2.4 }, ornaments: { styles: ["chalk"] } },
                        surroundings: surroundings, styles: chalk, kept: KEPT)
    bare = TreePlan.new(settings: { measure: { height_m: 2.4 } }, surroundings: surroundings, styles: [])

    assert_operator pale.outline.lightness, :>, bare.outline.lightness + 5
    assert_in_delta Lightness.of(Looks::GREEN), bare.outline.lightness
  end

  def test_quieter_ways_are_quieter
    wreath = WreathPlan.new(settings: { "place" => { "width_m" => 0.9 }, "lights" => { "school" => "soft" } },
                            surroundings: surroundings, styles: [])
    ways = wreath.quieter.to_h { |way| [way[:way], way[:settings]] }
    made = lambda do |name|
      WreathPlan.new(settings: WreathSettings.check(ways[name]), surroundings: surroundings, styles: [])
    end

    assert wreath.outline.lit
    refute made.call("unlit").outline.lit
    assert_operator made.call("smaller").outline.area_m2, :<, wreath.outline.area_m2
    smaller = tree.quieter.first

    assert_operator smaller[:settings][:measure][:height_m], :<, 2.4
  end

  def test_an_outline_is_the_same_when_it_was_kept
    outline = tree.outline
    kept = Outline.read(JSON.parse(JSON.generate(outline.to_h)))

    assert_equal outline.to_h, kept.to_h
  end
end
