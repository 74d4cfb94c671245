# frozen_string_literal: true

require_relative "../../core_test"

class TuckTest < CoreTest
  def tuck(**inputs)
    answer("ribbon.tuck", area_m2: 5, cover: "balanced", loops: 2, chord_m: 0.14, stand_m: 0.1, **inputs)
  end

  def test_a_flat_piece_is_its_chords_and_its_tucks
    assert_in_delta (2 * 0.14) + (3 * 0.08), tuck(stand_m: 0)[:piece_m]
  end

  def test_prouder_loops_and_more_of_them_take_more
    assert_operator tuck(stand_m: 0.12)[:piece_m], :>, tuck[:piece_m]
    assert_in_delta Parabola.arc(0.14, 0.1) + 0.08, tuck(loops: 3)[:piece_m] - tuck[:piece_m]
  end

  def test_the_whole_is_its_pieces
    Rules::Ribbon::Tuck::COVERS.each do |cover|
      told = tuck(cover: cover)

      assert_in_delta told[:pieces] * told[:piece_m], told[:length_m]
    end
  end

  def test_a_fuller_cover_has_more_pieces_of_the_same_length
    pieces = Rules::Ribbon::Tuck::COVERS.map { |cover| tuck(cover: cover)[:pieces] }

    assert_equal [17, 25, 38], pieces
    assert_in_delta tuck(cover: "airy")[:piece_m], tuck(cover: "full")[:piece_m]
  end
end
