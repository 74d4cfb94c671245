# frozen_string_literal: true

require_relative "../../core_test"

# What leads in a view.
class WeightsTest < CoreTest
  def piece(id, area: 1.0, away: 2.0, **rest)
    { id: id, area_m2: area, distance_m: away, lightness: 40, ground_lightness: 90, **rest }
  end

  def view(*pieces)
    answer("view.weights", pieces: pieces)
  end

  def weight(told) = view(told)[:weights].fetch(told[:id])

  def test_weights_scale_with_outline_and_fall_with_the_square_of_the_distance
    assert_in_delta 3 * weight(piece("a")), weight(piece("a", area: 3.0)), 1e-9
    assert_in_delta weight(piece("a")) / 4, weight(piece("a", away: 4.0)), 1e-9
    assert_in_delta weight(piece("a")) * 0.4, weight(piece("a", visible: 0.4)), 1e-9
    assert_in_delta weight(piece("a")) * 1.5, weight(piece("a", lit: true)), 1e-9
  end

  def test_what_is_hidden_weighs_nothing_and_leads_nowhere
    told = view(piece("a", visible: 0), piece("b", area: 0.1))

    assert_equal ["b", "clear", 1], told.outputs.values_at(:first, :verdict, :loud)
    assert_in_delta 0, told[:weights]["a"]
    assert_equal ["view_forgotten"], codes(view(piece("a", visible: 0)))
    assert_equal ["view_forgotten"], codes(view)
  end

  def test_the_second_decides_how_the_first_leads
    { 0.5 => "clear", 0.51 => "answered", 0.8 => "answered", 0.81 => "competing" }.each do |area, verdict|
      assert_equal verdict, view(piece("a"), piece("b", area: area))[:verdict], area.to_s
    end
    told = view(piece("a"), piece("b", area: 0.9))

    assert_equal ["view_competing"], codes(told)
    assert_match(/\Aa and b compete/, told.findings.first.message)
  end

  def test_more_than_two_loud_ones_are_noted
    told = view(piece("a"), piece("b", area: 0.6), piece("c", area: 0.55), piece("d", area: 0.2))

    assert_equal 3, told[:loud]
    assert_equal ["view_loud"], codes(told)
  end

  def test_the_order_of_pieces_never_matters
    chance = Random.new(8)
    40.times do
      pieces = Array.new(6) do |i|
        piece("p#{i}", area: chance.rand, away: 1 + chance.rand, lightness: chance.rand(100))
      end

      assert_equal view(*pieces).outputs, view(*pieces.shuffle(random: chance)).outputs.merge(
        weights: view(*pieces)[:weights]
      )
    end
    assert_equal "a", view(piece("b"), piece("a"))[:first]
  end
end
