# frozen_string_literal: true

require_relative "../../core_test"

class RibbonSharesTest < CoreTest
  RIBBONS = %w[plum gauze moss].to_h do |id|
    [id, Style.new(id: id, kind: "ribbon", name: id.capitalize, pack_size: 10.0, on_hand: 200)]
  end.freeze

  def tree(*chosen, **said)
    planned = TreePlan.new(settings: dressed(crown: { topper: "none" }, ribbon: { styles: chosen, **said }),
                           surroundings: surroundings, styles: [*styles, *RIBBONS.values], kept: KEPT)
    [planned, planned.call]
  end

  def out(style, there_m, instead = nil)
    { style: style, there_m: there_m, instead: instead }
  end

  def needs(told)
    told[:ledger].select { |line| line[:kind] == "ribbon" }.to_h { |line| line.values_at(:style, :need) }
  end

  def lacks(told)
    told[:cautions].find { |one| one[:code].start_with?("ribbon_lacks") }
  end

  def tucks(told) = told[:figures][:ribbon_parts][:value]

  def test_what_ran_out_goes_as_far_as_it_went_and_the_others_fill_in_between
    _, whole = tree("plum", "gauze", "moss")
    planned, less = tree("plum", "gauze", "moss", ran_out: [out("plum", 3.0)])

    assert_operator needs(less)["plum"], :<=, 3.0
    assert_operator needs(less)["plum"], :>, 2.0
    assert_equal tucks(whole), tucks(less)
    assert_equal tucks(less), less[:drawing][:ribbon][:each].size
    more = planned.stood_in

    assert_equal([%w[gauze plum], %w[moss plum]], more.map { |one| one.values_at(:style, :instead_of) })
    more.each { |one| assert_in_delta needs(less)[one[:style]], needs(whole)[one[:style]] + one[:need], 1e-6 }
    assert_nil lacks(less)
  end

  def test_a_ribbon_that_was_not_planned_goes_on_where_it_is_named
    _, whole = tree("plum")
    planned, less = tree("plum", ran_out: [out("plum", 4.0, "moss")])

    assert_equal %w[plum moss], less[:drawing][:ribbon][:styles]
    assert_equal needs(less)["moss"], planned.stood_in.first[:need]
    assert_equal tucks(whole), tucks(less)
    assert_in_delta needs(whole)["plum"], needs(less).values.sum, 0.3
    assert_nil lacks(less)
    assert_in_delta needs(less).values.sum, less[:figures][:ribbon][:value], 1e-6
  end

  def test_with_nothing_to_go_on_with_the_places_stay_empty_in_every_figure
    _, whole = tree("plum")
    planned, less = tree("plum", ran_out: [out("plum", 4.0)])
    open = tucks(whole) - tucks(less)

    assert_operator open, :>, 0
    assert_equal tucks(less), less[:drawing][:ribbon][:loops].size
    assert_equal tucks(less), planned.tasks.find { |task| task.house_rule == "minutes.tuck" }.count
    assert_includes lacks(less)[:message], "#{open} of #{tucks(whole)} places"
    assert_empty planned.stood_in
  end

  def test_one_long_run_is_gone_on_with_by_the_metre
    _, whole = tree("plum", "gauze", method: "spiral")
    planned, less = tree("plum", "gauze", method: "spiral", ran_out: [out("plum", 1.5)])

    assert_in_delta 1.5, needs(less)["plum"], 0.05
    assert_in_delta needs(whole).values.sum, needs(less).values.sum, 0.11
    assert_in_delta needs(less)["gauze"], needs(whole)["gauze"] + planned.stood_in.first[:need], 1e-6
    _, bare = tree("plum", method: "spiral", ran_out: [out("plum", 1.5)])

    assert_match(/m of the ribbon's way/, lacks(bare)[:message])
  end

  def test_crown_and_body_of_one_ribbon_share_what_there_was
    chosen = { styles: %w[plum gauze], ran_out: [out("plum", 4.0)] }
    planned = TreePlan.new(settings: dressed(crown: { style: "plum" }, ribbon: chosen), surroundings: surroundings,
                           styles: [*styles, *RIBBONS.values], kept: KEPT)
    crown = planned.call[:figures][:crown_ribbon][:value]

    assert_operator crown, :>, 1
    assert_operator needs(planned.call)["plum"], :<=, 4.0
  end

  # However they ran out, every part is of one ribbon or told as lacking, and no ribbon is used beyond what there was.
  def test_every_part_is_somewhere
    random = Random.new(4)
    40.times do
      chosen = RIBBONS.keys.sample(random.rand(1..3), random: random)
      gone = chosen.sample(random.rand(0..chosen.size), random: random).map do |style|
        out(style, random.rand(0.0..14.0).round(2), [nil, *RIBBONS.keys].sample(random: random))
      end
      said = { method: %w[tuck cascade bows].sample(random: random), share: %w[even scarce].sample(random: random) }
      planned, less = tree(*chosen, **said, ran_out: gone)
      _, whole = tree(*chosen, **said)
      lacking = lacks(less) ? lacks(less)[:message][/\d+/].to_i : 0

      assert_equal tucks(whole), tucks(less) + lacking
      gone.each { |one| assert_operator needs(less).fetch(one[:style], 0), :<=, one[:there_m] + 0.6 }
      planned.stood_in.each { |one| refute_includes gone.map { |each| each[:style] }, one[:style] }
      planned.cut_sheets.each { |sheet| assert_operator needs(less)[sheet[:style]], :>, 0 }
    end
  end

  def test_what_is_no_ribbon_goes_on_in_place_of_none
    _, alone = tree("plum", ran_out: [out("plum", 4.0)])
    _, named = tree("plum", ran_out: [out("plum", 4.0, "velvet")])

    assert_equal [needs(alone), tucks(alone)], [needs(named), tucks(named)]
    assert lacks(named)
  end

  def test_what_is_said_of_a_ribbon_that_is_not_on_the_tree_changes_nothing
    _, whole = tree("plum")
    _, same = tree("plum", ran_out: [out("moss", 0.0, "gauze")])

    assert_equal needs(whole), needs(same)
  end
end
