# frozen_string_literal: true

require_relative "../server_test"

# Many things changed at once and back, two made one, a common set to begin with.
class SeveralTest < ServerTest
  def setup
    sign_in
    @teal, @rose = ["Teal ball, 8 cm", "Dusty rose ball, 7 cm"].map { |name| style(name) }
  end

  def style(name) = DATABASE[:styles].where(name: name).get(:id)

  def known(id) = DATABASE[:styles].where(id: id).first

  def change(changes, status: 200)
    ask(:post, "/api/stock/changes", { changes: changes }, status: status)
  end

  def test_many_are_changed_at_once_and_back_as_they_were
    set = { season: "winter", role: "base", condition: "worn", bought_from: "Quayside Sundries", retired: true }
    before = [@teal, @rose].map { |id| known(id).slice(*set.keys) }
    told = change([@teal, @rose].map { |id| { style: id, set: set } })

    assert_equal 2, told["changed"]
    assert_equal([set.values] * 2, [@teal, @rose].map { |id| known(id).values_at(*set.keys) })
    change(told["before"])

    assert_equal(before, [@teal, @rose].map { |id| known(id).slice(*set.keys) })
    assert_equal 0, change([{ style: @teal, set: { season: "holiday" } }])["changed"]
  end

  def test_one_that_cannot_be_changed_leaves_all_as_they_were
    change([{ style: @teal, set: { season: "winter" } }, { style: SecureRandom.uuid, set: { season: "winter" } }],
           status: 404)

    assert_equal "holiday", known(@teal)[:season]
    change([{ style: @teal, set: { season: "spring" } }], status: 422)
    change([{ style: @teal, set: {} }], status: 422)
    change([{ style: @teal, set: { name: "Other" } }], status: 422)
    change([{ style: @teal, set: { bought_from: "x" * 81 } }], status: 422)
    change([], status: 422)
  end

  def merge(goes, stays, key: SecureRandom.uuid, status: 200)
    ask(:post, "/api/styles/#{goes}/merge", { key: key, into: stays }, status: status)
  end

  def sum(style, table)
    DATABASE[table].where(style_id: style).sum(:quantity)
  end

  def on_hand(style) = DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)

  def test_two_that_are_the_same_become_one_and_part_again
    key = SecureRandom.uuid

    2.times { assert_in_delta 40, merge(@teal, @rose, key: key)["on_hand"] }

    assert_equal [0, 40, true], [on_hand(@teal), on_hand(@rose), known(@teal)[:retired]]
    [@teal, @rose].each { |id| assert_in_delta on_hand(id), sum(id, :stock_lots) }
    told = Array.new(2) { ask(:post, "/api/styles/#{@teal}/part", { key: key, from: @rose }) }

    assert_equal([24.0, 24.0], told.map { |one| one["on_hand"] })
    assert_equal [16, 24, false], [on_hand(@teal), on_hand(@rose), known(@teal)[:retired]]
    [@teal, @rose].product(%i[stock_lots stock_moves]).each { |id, table| assert_in_delta on_hand(id), sum(id, table) }
  end

  def test_rolls_stay_rolls_when_ribbons_become_one
    slate, moss = ["Slate satin ribbon", "Moss velvet ribbon"].map { |name| style(name) }
    merge(slate, moss)

    assert_equal [10.0, 7.4, 4.2], ask(:get, "/api/styles/#{moss}")["rolls"]
  end

  def test_what_is_planned_or_of_another_kind_is_not_made_one
    told = merge(style("Plum velvet, 8 cm"), @teal, status: 422)

    assert_match(/is planned on/, told["errors"].first["message"])
    merge(@teal, style("Moss velvet ribbon"), status: 422)
    merge(@teal, @teal, status: 422)
    merge(@teal, SecureRandom.uuid, status: 404)
    merge(@teal, @rose, key: "once", status: 422)
    ask(:post, "/api/styles/#{@teal}/part", { key: SecureRandom.uuid, from: @rose }, status: 404)
    ask(:post, "/api/styles/#{@teal}/part", { key: "Bay tree", from: @rose }, status: 422)
  end

  def test_a_common_set_comes_once_and_goes_but_for_what_was_touched
    added = ask(:post, "/api/stock/starter", {}, status: 201)["added"]

    assert_operator added, :>, 15
    assert_equal 0, ask(:post, "/api/stock/starter", {}, status: 201)["added"]
    assert_equal added, ask(:get, "/api/stock/starter")["left"]
    DATABASE[:styles].where(name: "Ball, 6 cm").get(:id).then do |id|
      ask(:post, "/api/styles/#{id}/moves", { key: SecureRandom.uuid, reason: "bought", quantity: 12 }, status: 201)
    end

    assert_equal added - 1, ask(:get, "/api/stock/starter")["left"]
    assert_equal({ "removed" => added - 1, "kept" => 1 }, ask(:delete, "/api/stock/starter"))
    assert_equal 0, ask(:get, "/api/stock/starter")["left"]
    assert_equal 1, DATABASE[:styles].where(name: "Ball, 6 cm").count
    assert_equal 1, DATABASE[:styles].where(name: "Fir garland, 1.8 m").count
    DATABASE[:studios].update(units: "imperial")
    ask(:post, "/api/stock/starter", {}, status: 201)

    assert_equal ["Ball, 1⅝ in"], DATABASE[:styles].where(starter: true, diameter_mm: 40).select_map(:name)
    assert_empty DATABASE[:styles].where(starter: true).where(Sequel.like(:name,
                                                                          "% cm") | Sequel.like(:name, "% m")).all
  end

  def test_a_wrong_one_is_named_by_its_place_in_what_was_sent
    sorted = [@teal, @rose].sort
    told = change([{ style: sorted[1], set: { bought_from: "x" * 81 } },
                   { style: sorted[0], set: { season: "winter" } }], status: 422)

    assert_equal "/changes/0/set/bought_from", told["errors"].first["pointer"]
  end

  def test_looks_are_as_they_were_once_two_are_parted
    goes, stays = ["Slate bauble, 5 cm", "Teal ball, 8 cm"].map { |name| style(name) }
    DATABASE[:piece_needs].delete
    DATABASE[:pieces].update(deleted_at: Time.now)
    DATABASE[:piece_claims].delete
    look = DATABASE[:look_styles].where(style_id: goes).get(:look_id)
    key = SecureRandom.uuid
    merge(goes, stays, key: key)

    assert_equal 1, DATABASE[:look_styles].where(look_id: look, style_id: stays).count
    ask(:post, "/api/styles/#{goes}/part", { key: key, from: stays })

    assert_equal 1, DATABASE[:look_styles].where(look_id: look, style_id: goes).count
  end

  def test_what_is_gone_since_is_not_parted_out_of_nothing
    key = SecureRandom.uuid
    merge(@teal, @rose, key: key)
    ask(:post, "/api/styles/#{@rose}/moves", { key: SecureRandom.uuid, reason: "lost", quantity: 30 }, status: 201)
    told = ask(:post, "/api/styles/#{@teal}/part", { key: key, from: @rose }, status: 422)

    assert_equal ["It is gone already", 10, 0], [told["title"], on_hand(@rose), on_hand(@teal)]
  end

  def test_a_thing_that_was_retired_again_stays_so_when_parting_is_pressed_twice
    key = SecureRandom.uuid
    merge(@teal, @rose, key: key)
    ask(:post, "/api/styles/#{@teal}/part", { key: key, from: @rose })
    change([{ style: @teal, set: { retired: true } }])
    ask(:post, "/api/styles/#{@teal}/part", { key: key, from: @rose })

    assert known(@teal)[:retired]
  end
end
