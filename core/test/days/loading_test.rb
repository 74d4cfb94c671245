# frozen_string_literal: true

require_relative "../core_test"

class LoadingTest < CoreTest
  def wanted(key, need, step: key, room: "Hall", spares: 0, style: key)
    thing = Days::RunSheet::Thing.new(key: key, style: style, label: key.capitalize, kind: "ornament", colour: nil,
                                      unit: "pieces", need: need, spares: spares, short: 0)
    Days::Loading::Wanted.new(thing: thing, step: step, room: room)
  end

  def lot(number, quantity) = { number: number, place: "Loft", quantity: quantity }

  def loads(wanted, lots)
    Days::Loading.of(wanted, lots).to_h { |load| [load[:key], load[:things].to_h { |one| one.values_at(:label, :count) }] }
  end

  def test_box_after_box_until_there_is_enough_with_spares
    assert_equal({ "2" => { "Bell" => 4 }, "7" => { "Bell" => 3 } },
                 loads([wanted("bell", 6, spares: 1)], { "bell" => [lot(2, 4), lot(7, 9)] }))
  end

  def test_what_lies_in_no_box_is_not_chosen_or_not_there_comes_last
    told = loads([wanted("stand", 1, style: nil), wanted("star", 5), wanted("bell", 1)],
                 { "star" => [lot(nil, 2)], "bell" => [lot(9, 1)] })

    assert_equal %w[9 none unchosen lacking], told.keys
    assert_equal 3, told["lacking"]["Star"]
  end

  def test_a_step_in_two_goes_takes_its_things_once_and_two_rooms_take_them_twice
    both = [wanted("bell", 6, step: "tree"), wanted("bell", 6, step: "tree"),
            wanted("bell", 2, step: "door", room: "Porch")]
    told = Days::Loading.of(both, { "bell" => [lot(1, 99)] })

    assert_equal [8, %w[Hall Porch]], told.first[:things].first.values_at(:count, :rooms)
    assert_equal [1, "Loft"], told.first.values_at(:box, :place)
  end

  def test_metres_are_free_of_the_last_bits
    told = loads([wanted("velvet", 0.1 + 0.2)], { "velvet" => [lot(1, 0.3)] })

    assert_equal({ "1" => { "Velvet" => 0.3 } }, told)
  end
end
