# frozen_string_literal: true

require_relative "../core_test"

# A home is taken down: what was put up last comes down first.
class StrikeStepsTest < CoreTest
  HOUSE = HouseRules.default
  SHARE = HOUSE["minutes.take_down"]

  def task(step, minutes, high: 0, rule: "minutes.ornament")
    { step: step, minutes: minutes.to_f, house_rule: rule, count: 10, high: high }
  end

  def piece(id, *tasks) = { id: id, name: id, kind: "tree", adhesive: false, tasks: tasks }

  def room(id, *pieces) = { id: id, name: id, pieces: pieces }

  def tree(id = "tree")
    piece(id, task("measure", 50), task("lights", 40), task("ornaments", 60), task("step_back", 10))
  end

  def dressing(rooms, order: "tree_first") = Days::HomeSteps.new("loft", rooms, house: HOUSE, order: order).all

  def steps(rooms, going = {}, order: "tree_first")
    shares = rooms.flat_map { |one| one[:pieces] }.to_h { |one| [one[:id], Hash.new(1.0)] }.merge(going)
    Days::StrikeSteps.new("strike/loft", dressing(rooms, order: order), shares, house: HOUSE).all
  end

  def ids(told) = told.map { |one| one.step.id }

  def test_a_piece_comes_down_backwards_and_its_boxes_are_closed_last
    told = steps([room("hall", tree)])

    assert_equal %w[hall/boxes_in tree/off_ornaments tree/off_lights tree/off_measure tree/off_step_back
                    hall/off_clean_up], ids(told)
    assert_equal(%w[strike/loft], told.map { |one| one.step.site }.uniq)
    told.each_cons(2) { |before, after| assert_includes after.step.after, before.step.id }
  end

  def test_rooms_and_pieces_come_down_in_reverse
    rooms = [room("hall", tree("one"), tree("two")), room("parlour", tree("three"))]

    assert_equal %w[three two one], steps(rooms).filter_map(&:piece).uniq
  end

  def test_it_takes_a_share_of_dressing_for_as_much_as_goes
    told = steps([room("hall", tree)], { "tree" => { "ornaments" => 0.5, "lights" => 0.0, "measure" => 1.0,
                                                     "step_back" => 0.5 } })
    minutes = told.to_h { |one| [one.step.id, one.step.minutes] }

    assert_in_delta 60 * SHARE * 0.5, minutes["tree/off_ornaments"]
    refute_includes minutes, "tree/off_lights"
    assert_equal ["tree/off_ornaments"], told.find { |one| one.step.id == "tree/off_measure" }.step.after.keys
    assert_in_delta 20 * SHARE, minutes["hall/boxes_in"]
    assert_in_delta 20, minutes["hall/off_clean_up"]
  end

  def test_a_room_in_which_all_stays_is_left_alone
    rooms = [room("hall", tree("one")), room("parlour", tree("two"))]

    assert_equal ["parlour"], steps(rooms, { "one" => Hash.new(0.0) }).map(&:room).uniq
  end

  def test_from_the_ladder_first_by_two_who_may
    told = steps([room("hall", piece("tree", task("ornaments", 60, high: 0.5)))])
    high, low = told.select { |one| one.piece == "tree" }

    assert_equal ["tree/off_ornaments/high", 2, "heights", true], [high.step.id, high.step.people, high.step.skill,
                                                                   high.high]
    assert_equal [["tree/off_ornaments/high"], 1, nil], [low.step.after.keys, low.step.people, low.step.skill]
  end

  def test_hooks_want_a_hand_for_it_and_ribbon_no_eye
    told = steps([room("hall", piece("swag", task("anchors", 16, rule: "minutes.garland_anchor"),
                                     task("ribbon", 20, rule: "minutes.tuck")))])
    skills = told.to_h { |one| [one.key, one.step.skill] }

    assert_equal %w[carpentry], skills.values.compact
    assert_equal "carpentry", skills["off_anchors"]
  end

  def test_as_a_whole_it_takes_what_the_share_says
    told = steps([room("hall", tree)]).select(&:piece)
    shares = Seasons::TakenDown.shares([])

    assert_in_delta(Seasons::TakenDown.minutes(tree[:tasks], shares, house: HOUSE),
                    told.sum { |one| one.step.minutes })
  end

  def test_what_stands_empty_is_dressed_before_the_room_is_left
    rooms = [room("hall", tree("one"), tree("two"))]
    going = { "one" => Hash.new(1.0), "two" => Hash.new(1.0) }
    told = Days::StrikeSteps.new("strike/loft", dressing(rooms), going, house: HOUSE, bridged: { "hall" => 2 }).all
    bridge, clean = told.last(2)

    assert_equal ["hall/bridge", nil, 2 * HOUSE["minutes.top_up"]],
                 [bridge.step.id, bridge.piece, bridge.step.minutes]
    assert_equal %w[one/off_step_back two/off_step_back], bridge.step.after.keys.sort
    assert_equal %w[hall/bridge], clean.step.after.keys
  end

  def test_shares_are_by_step_and_what_belongs_to_none_goes_with_the_piece
    things = [{ step: "picks", stays: true }, { step: "picks", stays: false }, { step: "ornaments", stays: false },
              { step: "ornaments", stays: false }]
    shares = Seasons::TakenDown.shares(things)

    assert_equal [0.5, 1.0, 0.75], shares.values_at("picks", "ornaments", "measure")
    assert_in_delta 1.0, Seasons::TakenDown.shares([])["any"]
  end

  def test_it_is_no_cycle_and_each_waits_for_what_is_there
    rooms = [room("hall", tree("one"), tree("two")), room("parlour", tree("three"), piece("four", task("anchors", 9)))]
    Days::HomeSteps::ORDERS.each do |order|
      told = steps(rooms, order: order)
      seen = []
      told.each do |one|
        assert_empty one.step.after.keys - seen, order
        seen << one.step.id
      end

      assert_equal seen.uniq, seen
    end
  end
end
