# frozen_string_literal: true

require_relative "../core_test"

# In spring stems are exchanged.
class SpringSwapTest < CoreTest
  def out(piece, style, count) = { piece: piece, style: style, count: count }

  def stem(style, free) = { style: style, free: free }

  def into(staying, stems) = Seasons::SpringSwap.of(staying, stems).map { |one| one.values_at(:into, :put) }

  def test_what_there_is_most_of_comes_in_as_often_as_there_is_of_it
    staying = [out("tray", "fir", 3), out("beam", "fir", 4), out("shelf", "fir", 9)]

    assert_equal [["willow", 3], ["reed", 4], ["willow", 2]], into(staying, [stem("reed", 4), stem("willow", 5)])
    assert_equal [["willow", 2], [nil, 0]], into(staying.first(2), [stem("willow", 2.9)])
    assert_equal [[nil, 0]], into(staying.first(1), [])
  end

  def test_half_a_garland_is_a_garland
    assert_equal [["willow", 3]], into([out("rail", "fir", 2.4)], [stem("willow", 8)])
  end

  def test_winter_is_what_is_green_and_not_of_the_whole_year
    assert Seasons::SpringSwap.winter?({ kind: "stem", season: "winter" })
    assert Seasons::SpringSwap.winter?({ kind: "garland", season: "holiday" })
    refute Seasons::SpringSwap.winter?({ kind: "stem", season: "all_year" })
    refute Seasons::SpringSwap.winter?({ kind: "decor", season: "winter" })
  end
end
