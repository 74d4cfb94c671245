# frozen_string_literal: true

require_relative "../../core_test"

class RibbonShareTest < CoreTest
  def test_pieces_and_what_is_left_add_up_to_what_is_on_hand
    PropCheck.forall(PropCheck::Generators.choose(0..300), PropCheck::Generators.choose(0..60),
                     PropCheck::Generators.choose(2..20),
                     PropCheck::Generators.choose(0..80)) do |hand, crown, piece, pieces|
      told = answer("ribbon.share",
                    on_hand_m: hand / 10.0, crown_m: crown / 10.0, piece_m: piece / 10.0, pieces: pieces)

      assert_equal pieces, told[:scarce_pieces] + told[:other_pieces]
      assert_in_delta [(hand - crown) / 10.0, 0].max, (told[:scarce_pieces] * piece / 10.0) + told[:left_m], 1e-9
      assert_operator told[:left_m], :<, piece / 10.0 if told[:other_pieces].positive?
    end
  end

  def test_a_crown_that_lacks_ribbon_is_told
    assert_equal %w[crown_lacks_ribbon],
                 codes(answer("ribbon.share", on_hand_m: 1, crown_m: 2, piece_m: 0.5, pieces: 4))
  end
end
