# frozen_string_literal: true

require_relative "../../core_test"

class LightPowerTest < CoreTest
  def lit(**lights)
    plan(dressed(lights: lights))
  end

  def told(answer)
    answer[:cautions].select { |caution| caution[:step] == "lights" }.map { |caution| caution[:code] }
  end

  def test_without_a_label_nothing_is_reckoned_and_the_label_is_asked_for
    refute lit[:figures].key?(:amps)
    assert_includes told(lit), "watts_unknown"
    assert_includes told(lit), "run_unknown"
  end

  def test_bulbs_with_a_filament_may_be_assumed_three_to_a_run_and_that_is_said
    assumed = lit(watts: 40.0, filament: true)

    assert_equal (lit[:figures][:strings][:value] / 3.0).ceil, assumed[:figures][:sockets][:value]
    assert_includes told(assumed), "run_assumed"
  end

  def test_dead_strings_of_a_pre_lit_tree_are_made_up_for
    whole = lit(prelit_strings: 6, prelit_bulbs: 100)[:figures][:strings][:value]
    dead = lit(prelit_strings: 6, prelit_dead: 2, prelit_bulbs: 100)[:figures][:strings][:value]

    assert_equal whole + 2, dead
    assert_raises(InputError) { lit(prelit_strings: 1, prelit_dead: 2) }
  end

  def test_deep_wrap_takes_more_and_its_turns_lie_closer
    assert_in_delta 1.75, lit(way: "deep")[:figures][:bulbs][:value] / lit[:figures][:bulbs][:value].to_f, 0.01
  end

  def test_the_cord_is_the_next_one_sold
    assert_in_delta 3, lit(socket_way_m: 2.6)[:figures][:cord][:value]
    assert_in_delta 5, lit(socket_way_m: 2.8)[:figures][:cord][:value]
    assert_includes told(lit(socket_way_m: 80)), "cord_too_short"
  end

  def test_more_surface_never_needs_fewer_lights
    strings = (10..40).step(6).map do |decimetres|
      plan(dressed(measure: { height_m: decimetres / 10.0 }))[:figures][:strings][:value]
    end

    assert_equal strings.sort, strings
  end

  def test_globes_and_cells_are_lines_of_the_ledger
    labels = lit(globes: "classic", battery_units: 4)[:ledger].to_h { |line| [line[:sheet], line[:need]] }

    assert_equal 125, labels["globes"]
    assert_equal 24, labels["battery"]
  end
end
