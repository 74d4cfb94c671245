# frozen_string_literal: true

require_relative "../server_test"

# What was seen in a shop, wishes, and what is looked for in the clearance.
class SightingsTest < ServerTest
  def setup
    sign_in
    DATABASE[:sightings].delete
  end

  def seen(name = "Pewter lantern", **more)
    ask(:post, "/api/sightings", { list: "seen", name: name, **more }, status: 201)
  end

  def listed
    ask(:get, "/api/sightings")["items"]
  end

  def test_it_is_noted_with_place_price_and_day_and_changed
    one = seen(place: "Quayside Sundries", price_cents: 3800, decide_by: "2026-11-25", note: "Two left")

    assert_equal ["Quayside Sundries", 3800, "2026-11-25", nil],
                 one.values_at("place", "price_cents", "decide_by", "settled_on")
    kept = ask(:put, "/api/sightings/#{one['id']}", { version: 1, list: "wish", name: "Pewter lantern, 24 cm" })

    assert_equal ["wish", "Pewter lantern, 24 cm", nil, 2], kept.values_at("list", "name", "price_cents", "version")
    ask(:put, "/api/sightings/#{one['id']}", { version: 1, list: "wish", name: "Old" }, status: 409)
  end

  def test_what_is_decided_first_comes_first_and_what_is_settled_last
    seen("no day")
    seen("later", decide_by: "2026-12-01")
    done = seen("done", decide_by: "2026-11-20")
    seen("soon", decide_by: "2026-11-21")
    ask(:post, "/api/sightings/#{done['id']}/settled", { settled: true })

    assert_equal(["soon", "later", "no day", "done"], listed.map { |one| one["name"] })
    assert_equal "2026-11-19", listed.last["settled_on"]
    ask(:post, "/api/sightings/#{done['id']}/settled", { settled: false })

    assert_equal "done", listed.first["name"]
  end

  def test_it_is_deleted_and_brought_back
    one = seen
    ask(:delete, "/api/sightings/#{one['id']}", status: 204)

    assert_empty listed
    ask(:put, "/api/sightings/#{one['id']}", { version: 2, list: "seen", name: "x" }, status: 404)
    ask(:post, "/api/sightings/#{one['id']}/restore", {})

    assert_equal 1, listed.size
  end

  def test_what_is_not_right_is_named
    told = ask(:post, "/api/sightings", { list: "seen", name: "", price_cents: -1 }, status: 422)

    assert_equal %w[/name /price_cents], pointers(told).sort
    told = ask(:post, "/api/sightings", { list: "seen", name: "x", decide_by: "2026-13-40" }, status: 422)

    assert_equal ["/decide_by"], pointers(told)
  end
end
