# frozen_string_literal: true

require_relative "../server_test"

# Things made by hand: making one moves its materials out and what comes of it in, once, and back.
class RecipesTest < ServerTest
  def setup
    sign_in
    DATABASE[:recipes].delete
    @bows, @ribbon, @wire = ["Plum velvet bows, tied", "Moss velvet ribbon", "Floral wire, reels"].map do |name|
      style(name)
    end
    @made = ask(:post, "/api/recipes", fields, status: 201)
  end

  def style(name) = DATABASE[:styles].where(name: name).get(:id)

  def on_hand(style) = DATABASE[:stock_quantities].where(style_id: style).get(:on_hand)

  def fields(**changed)
    { name: "Bows with long tails", style: @bows, batch: 4, active_minutes: 40, drying_minutes: 0, note: "Six loops.",
      materials: [{ style: @ribbon, quantity: 3.2 }, { style: @wire, quantity: 0.5 }], **changed }
  end

  def make(batches, key: SecureRandom.uuid, status: 201)
    ask(:post, "/api/recipes/#{@made['id']}/makings", { key: key, batches: batches }, status: status)
  end

  def test_a_recipe_tells_what_it_costs_and_how_often_it_can_be_made
    # 3.2 of 9 m for 11.80 and half a reel of 3.40, over four bows.
    assert_equal [147, 2], @made.values_at("cost_cents", "possible")
    assert_equal(["Floral wire, reels", "Moss velvet ribbon"], @made["materials"].map { |one| one["name"] })
    DATABASE[:styles].where(id: @wire).update(price_cents: nil)

    assert_nil ask(:get, "/api/recipes")["items"].first["cost_cents"]
  end

  def test_making_moves_materials_out_and_the_product_in_once_and_back
    before = [@bows, @ribbon, @wire].map { |id| on_hand(id) }
    key = SecureRandom.uuid

    2.times { assert_in_delta before[0] + 8, make(2, key: key)["on_hand"] }

    assert_equal([before[0] + 8, before[1] - 6.4, before[2] - 1], [@bows, @ribbon, @wire].map do |id|
      on_hand(id).round(6)
    end)
    2.times { ask(:post, "/api/recipes/#{@made['id']}/unmake", { key: key }) }

    assert_equal(before, [@bows, @ribbon, @wire].map { |id| on_hand(id) })
    [@bows, @ribbon, @wire].product(%i[stock_lots stock_moves]).each do |id, table|
      assert_in_delta on_hand(id), DATABASE[table].where(style_id: id).sum(:quantity), 1e-6
    end
    ask(:post, "/api/recipes/#{@made['id']}/unmake", { key: SecureRandom.uuid }, status: 404)
  end

  def test_what_there_is_too_little_of_is_named_and_nothing_moves
    before = on_hand(@wire)
    told = make(3, status: 422)

    assert_equal ["/batches", true],
                 [told["errors"].first["pointer"], told["errors"].first["message"].include?("Moss velvet ribbon")]
    assert_in_delta before, on_hand(@wire)
    make(0, status: 422)
    make(1, key: "once", status: 422)
  end

  def test_what_is_wrong_is_told_by_field
    { name: " ", style: SecureRandom.uuid, batch: 0, active_minutes: -1, note: "x" * 2001,
      materials: [{ style: @ribbon, quantity: 1 }] * 2 }.each do |name, value|
      told = ask(:post, "/api/recipes", fields(name => value), status: 422)

      assert_equal "/#{name}", told["errors"].first["pointer"][%r{\A/\w+}], name
    end
    ask(:post, "/api/recipes", fields(materials: [{ style: @bows, quantity: 1 }]), status: 422)
    ask(:post, "/api/recipes", fields(materials: [{ style: "none", quantity: 1 }]), status: 422)
  end

  def test_it_is_changed_deleted_and_brought_back
    path = "/api/recipes/#{@made['id']}"
    ask(:put, path, fields(version: @made["version"], batch: 6, materials: []))

    assert_equal [6, []], ask(:get, "/api/recipes")["items"].first.values_at("batch", "materials")
    ask(:put, path, fields(version: @made["version"]), status: 409)
    ask(:delete, path, status: 204)

    assert_empty ask(:get, "/api/recipes")["items"]
    make(1, status: 404)
    ask(:post, "#{path}/restore", {})

    assert_equal 1, ask(:get, "/api/recipes")["items"].size
  end

  def test_it_says_by_when_it_is_begun
    start = lambda { |count, on: "2026-11-28", status: 200|
      ask(:get, "/api/recipes/#{@made['id']}/start?on=#{on}&count=#{count}", status: status)
    }

    assert_equal({ "batches" => 1, "minutes" => 40, "start_by" => "2026-11-28", "late" => false }, start.call(3))
    assert_equal ["2026-11-27", 280], start.call(28).values_at("start_by", "minutes")
    DATABASE[:recipes].update(drying_minutes: 720)

    assert_equal ["2026-11-27", false], start.call(3).values_at("start_by", "late")
    assert start.call(3, on: "2026-11-19")["late"]
    start.call(3, on: "soon", status: 422)
    start.call(0, status: 422)
  end

  def test_what_was_used_since_is_not_unmade
    key = SecureRandom.uuid
    make(2, key: key)
    ask(:post, "/api/styles/#{@bows}/moves", { key: SecureRandom.uuid, reason: "lost", quantity: on_hand(@bows) - 1 },
        status: 201)
    before = on_hand(@ribbon)
    ask(:post, "/api/recipes/#{@made['id']}/unmake", { key: key }, status: 422)

    assert_equal [1, before], [on_hand(@bows), on_hand(@ribbon)]
  end
end
