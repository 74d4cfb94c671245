# frozen_string_literal: true

require_relative "../core_test"

class HomeStepsTest < CoreTest
  def job(step, minutes, rule: "minutes.ornament", high: 0, count: 10)
    { step: step, title: step, house_rule: rule, count: count, high: high, minutes: minutes }
  end

  def piece(id, kind, *tasks, adhesive: false)
    { id: id, name: id, kind: kind, adhesive: adhesive, tasks: tasks }
  end

  def rooms
    [{ id: "long", name: "Long room",
       pieces: [piece("tree", "tree", job("measure", 70, rule: "minutes.fluff_full"),
                      job("lights", 60, rule: "minutes.lights_per_100"), job("ornaments", 60, count: 100)),
                piece("mantel", "run", job("body", 12, rule: "minutes.garland_fluff"), job("anchors", 20),
                      job("body", 10, rule: "minutes.garland_hang"), job("lights", 6), job("ribbon", 9),
                      adhesive: true)] },
     { id: "snug", name: "Snug", pieces: [piece("corner", "drinks", job("jars", 40)),
                                          piece("bare", "tree", job("foot", 0))] },
     { id: "attic", name: "Attic", pieces: [] }]
  end

  def steps(order: "focal_first", house: HouseRules.default, rooms: self.rooms)
    Days::HomeSteps.new("quay", rooms, house: house, order: order).all.to_h { |told| [told.step.id, told] }
  end

  def after(told, id) = told.fetch(id).step.after

  def test_a_room_is_cleared_laid_out_dressed_and_cleaned_up
    told = steps

    assert_equal({ "long/clear" => 0 }, after(told, "long/lay_out"))
    assert_equal({ "long/lay_out" => 0 }, after(told, "tree/measure"))
    assert_equal %w[mantel/ribbon tree/ornaments], after(told, "long/clean_up").keys.sort
    assert_equal 30, told["snug/clear"].step.minutes
    assert_equal ["quay"], told.values.map { |one| one.step.site }.uniq
  end

  def test_what_is_made_in_the_home_dries_while_all_else_goes_on
    star = { style: "star", label: "Paper star", steps: %w[ornaments], minutes: 24, drying_minutes: 600, count: 3 }
    with = rooms
    with.first[:pieces].first[:makings] = [star]
    told = steps(rooms: with)
    make = told.fetch("tree/make star")

    assert_equal [{ "long/lay_out" => 0 }, 24, "Make Paper star", 3],
                 [make.step.after, make.step.minutes, make.title, make.count]
    assert_equal 600, after(told, "tree/ornaments")["tree/make star"]
    others = told.except("tree/ornaments").transform_values { |one| one.step.after }

    assert_equal steps.except("tree/ornaments").transform_values { |one| one.step.after },
                 others.except("tree/make star")
    with.first[:pieces].first[:makings] = [{ **star, steps: %w[ornaments lights] }]

    assert_equal([600, 600], %w[tree/ornaments tree/lights].map do |id|
      after(steps(rooms: with), id)["tree/make star"]
    end)
    with.first[:pieces].first[:makings] = [{ **star, steps: %w[elsewhere] }]

    assert_equal 600, after(steps(rooms: with), "tree/measure")["tree/make star"]
  end

  def test_what_was_made_is_not_taken_down_as_a_step_of_its_own
    with = rooms
    with.first[:pieces].first[:makings] = [{ style: "star", label: "Star", steps: %w[lights], minutes: 9,
                                             drying_minutes: 0, count: 1 }]
    dressing = Days::HomeSteps.new("quay", with, house: HouseRules.default, order: "arrival").all
    going = %w[tree mantel corner].to_h { |piece| [piece, Hash.new(1.0)] }
    down = Days::StrikeSteps.new("strike/quay", dressing, going, house: HouseRules.default).all

    refute(down.any? { |told| told.key.include?("make") })
  end

  def test_where_nothing_is_to_do_nobody_goes
    told = steps

    refute(told.keys.any? { |id| id.start_with?("attic") })
    refute(told.keys.any? { |id| id.start_with?("bare") })
  end

  def test_one_step_after_the_other_and_what_is_done_twice_where_it_ends
    told = steps

    assert_equal %w[mantel/anchors mantel/body mantel/lights mantel/ribbon],
                 told.keys.grep(/^mantel/)
    assert_equal 22, told["mantel/body"].step.minutes
  end

  def test_what_is_pressed_on_waits_before_it_carries
    assert_equal({ "mantel/anchors" => 60 }, after(steps, "mantel/body"))

    nailed = rooms
    nailed[0][:pieces][1][:adhesive] = false

    assert_equal({ "mantel/anchors" => 0 }, after(steps(rooms: nailed), "mantel/body"))
  end

  def test_above_the_ladder_line_there_are_two
    tall = rooms
    tall[0][:pieces][0][:tasks] = [job("ornaments", 100 * (1 + (0.2 * 0.15)), high: 0.2, count: 100)]
    told = steps(rooms: tall)

    assert_in_delta 20 * 1.15, told["tree/ornaments/high"].step.minutes
    assert_in_delta 80, told["tree/ornaments"].step.minutes
    assert_equal [2, "heights"], told["tree/ornaments/high"].step.to_h.values_at(:people, :skill)
    assert_equal({ "tree/ornaments/high" => 0 }, after(told, "tree/ornaments"))
    assert_equal 1, told["tree/ornaments"].step.people
    assert_equal [20, 80], [told["tree/ornaments/high"].count, told["tree/ornaments"].count]
  end

  def test_a_little_from_the_floor_is_done_by_the_two_who_are_there
    tall = rooms
    tall[0][:pieces][0][:tasks] = [job("ornaments", 12, high: 0.5)]
    told = steps(rooms: tall)

    assert_in_delta 12, told["tree/ornaments/high"].step.minutes
    refute told.key?("tree/ornaments")
  end

  def test_for_a_moment_on_the_ladder_nobody_is_sent_for
    tall = rooms
    tall[0][:pieces][0][:tasks] = [job("ribbon", 30, high: 0.1)]
    told = steps(rooms: tall)

    assert_equal [30, 1, "symmetry"], told["tree/ribbon"].step.to_h.values_at(:minutes, :people, :skill)
    assert told["tree/ribbon"].high
    refute told.key?("tree/ribbon/high")
  end

  def test_a_hoop_is_tied_by_two_in_half_the_minutes
    told = steps(rooms: [{ id: "hall", name: "Hall", pieces: [
                   piece("hoop", "wreath", job("greens", 50, rule: "minutes.wreath_hoop", count: 2))
                 ] }])

    assert_equal [2, 25], told["hoop/greens"].step.to_h.values_at(:people, :minutes)
  end

  def test_what_sheds_is_cleaned_up_longer
    snowy = rooms
    snowy[1][:pieces] << piece("hearth", "grouping", job("snow", 10, rule: "minutes.snow"))

    assert_equal 30, steps(rooms: snowy)["snug/clean_up"].step.minutes
    assert_equal 20, steps["snug/clean_up"].step.minutes
  end

  def test_what_is_counted_one_by_one_is_told
    assert_equal 100, steps["tree/ornaments"].count
    assert_nil steps["tree/lights"].count
  end

  def test_in_line_of_arrival_a_room_is_laid_out_after_the_one_before
    assert_equal({ "snug/clear" => 0, "long/lay_out" => 0 }, after(steps(order: "arrival"), "snug/lay_out"))
    assert_equal({ "snug/clear" => 0 }, after(steps, "snug/lay_out"))
  end

  def test_the_tree_is_begun_before_the_rest_of_its_room
    assert_equal %w[long/lay_out tree/measure], after(steps(order: "tree_first"), "mantel/anchors").keys.sort
    assert_equal %w[long/lay_out], after(steps(order: "drinks_first"), "mantel/anchors").keys
  end

  def test_all_lights_hang_before_anything_that_comes_after_them
    told = steps(order: "lights_first")

    assert_equal %w[mantel/lights tree/lights], after(told, "mantel/ribbon").keys.sort
    assert_equal %w[mantel/lights tree/lights], after(told, "tree/ornaments").keys.sort
    assert_equal %w[long/lay_out], after(told, "mantel/anchors").keys
  end

  def test_every_school_can_be_scheduled_and_ends_with_the_same_work
    Days::HomeSteps::ORDERS.each do |order|
      tasks = steps(order: order).values.map do |told|
        { "id" => told.step.id, "minutes" => told.step.minutes, "people" => told.step.people,
          "after" => told.step.after.map { |id, wait| { "id" => id, "wait_min" => wait } } }
      end
      told = Catalogue.answer("days.schedule", {
                                "tasks" => tasks, "people" => [{ "id" => "ida", "hours" => [
                                  { "from_min" => 480, "to_min" => 1200 }
                                ] }]
                              })

      assert_empty told[:unplaced], order
      assert_equal 14, told[:steps].size
    end
  end
end
