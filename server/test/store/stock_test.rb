# frozen_string_literal: true

require_relative "../server_test"

class StockTest < ServerTest
  def setup
    sign_in
    @style = DATABASE[:styles].where(name: "Plum velvet ribbon").first
    @stock = Server::Store::Stock.new(DATABASE, @style[:studio_id])
    @account = DATABASE[:accounts].where(studio_id: @style[:studio_id]).get(:id)
  end

  def move(quantity, **rest)
    @stock.move(@style[:id], quantity, reason: "counted", account_id: @account, **rest)
  end

  def on_hand
    @stock.on_hand_of([@style[:id]])[@style[:id]][:on_hand]
  end

  def test_a_count_never_falls_below_nothing
    assert_in_delta 0.0, move(-1_000)
    assert_in_delta 0.0, on_hand
    assert_in_delta(-21.0, DATABASE[:stock_moves].where(style_id: @style[:id]).reverse(:id).get(:quantity))
  end

  def test_a_stock_has_an_upper_end_and_stays_as_it_was
    told = assert_raises(Server::Problem) { move(Server::Store::Stock::MOST) }

    assert_equal 422, told.status
    assert_in_delta 21.0, on_hand
  end

  def test_a_move_shows_in_the_version_of_its_style_so_that_nothing_kept_is_taken_for_new
    version = -> { DATABASE[:styles].where(id: @style[:id]).get(:version) }
    before = version.call
    move(-2)

    assert_equal before + 1, version.call
    move(-2, bump: false)

    assert_equal before + 1, version.call
  end
end
