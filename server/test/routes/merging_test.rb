# frozen_string_literal: true

require_relative "../server_test"

# Two people at one piece: different dials go together, only the same one asks, and nobody's old value comes back.
class MergingTest < ServerTest
  def setup
    sign_in
    @piece = quay_tree
  end

  def path(rest = "")
    "/api/pieces/#{@piece['id']}#{rest}"
  end

  def with(**groups)
    groups.reduce(@piece["settings"]) do |settings, (group, values)|
      settings.merge(group.to_s => settings[group.to_s].merge(values.transform_keys(&:to_s)))
    end
  end

  def save(version, settings, status: 200, **more)
    ask(:put, path,
        { version: version, name: @piece["name"], place_id: @piece["place_id"], settings: settings, **more },
        status: status)
  end

  def test_a_version_there_never_was_is_told_whatever_number_it_is
    [-1, 0, -(2**70), 2**70].each { |version| save(version, with(measure: { height_m: 2.7 }), status: 409) }
  end

  def test_different_dials_of_one_piece_are_put_together
    save(1, with(measure: { height_m: 2.7 }))
    as(ASSISTANT) do
      merged = save(1, with(lights: { school: "soft" }), name: "Bay tree")

      assert_equal [2.7, "soft", "Bay tree", 3],
                   [merged["settings"]["measure"]["height_m"], merged["settings"]["lights"]["school"], merged["name"],
                    merged["version"]]
    end
    entries = ask(:get, path("/history"))["items"]

    assert_equal(["Renamed to Bay tree", "Height 2.40 m → 2.70 m"], entries.map { |entry| entry["says"] })
    assert_equal([2.7, "classic"], ask(:post, path("/undo"), { version: 3 })["settings"].then do |said|
      [said["measure"]["height_m"], said["lights"]["school"]]
    end)
  end

  def test_the_same_dial_asks_in_the_persons_units_and_with_names
    DATABASE[:studios].where(id: demo).update(units: "imperial")
    plum, gauze = ask(:get, "/api/styles?kind=ribbon")["items"].first(2)
    save(1, with(measure: { height_m: 2.7432 }, crown: { style: plum["id"] }, lights: { school: "soft" }))
    as(ASSISTANT) do
      told = save(1, with(measure: { height_m: 2.1336 }, crown: { style: gauze["id"] }), status: 409)

      assert_equal [{ "pointer" => "/settings/measure/height_m", "title" => "Height", "yours" => "7 ft",
                      "theirs" => "9 ft" },
                    { "pointer" => "/settings/crown/style", "title" => "Style", "yours" => gauze["name"],
                      "theirs" => plum["name"] }], told["differences"]
      assert_equal 2, told["current"]["version"]
    end
  end

  def test_insisting_keeps_the_own_dial_and_brings_back_nobodys_old_values
    save(1, with(measure: { height_m: 2.7 }, lights: { school: "soft" }))
    as(ASSISTANT) do
      mine = save(1, with(measure: { height_m: 2.1 }, picks: { cover: "airy" }), insist: true)

      assert_equal [2.1, "soft", "airy"],
                   [mine["settings"]["measure"]["height_m"], mine["settings"]["lights"]["school"],
                    mine["settings"]["picks"]["cover"]]
    end
  end

  def test_both_saying_the_same_is_no_conflict
    save(1, with(measure: { height_m: 2.7 }))

    as(ASSISTANT) { assert_equal 2, save(1, with(measure: { height_m: 2.7 }))["version"] }
  end

  # Put together, two changes that are right by themselves may not go together.
  def test_what_was_put_together_is_checked_as_a_whole
    save(1, with(lights: { prelit_strings: 3, prelit_dead: 2 }))
    save(2, with(lights: { prelit_strings: 4, prelit_dead: 2 }))
    as(ASSISTANT) do
      told = save(2, with(lights: { prelit_strings: 3, prelit_dead: 3 }))

      assert_equal [4, 3], told["settings"]["lights"].values_at("prelit_strings", "prelit_dead")
    end
    save(4, with(lights: { prelit_strings: 3, prelit_dead: 3 }))

    assert_equal ["/settings/lights/prelit_dead"],
                 pointers(save(4, with(lights: { prelit_strings: 4, prelit_dead: 4 }), status: 422))
  end

  def test_a_version_nobody_ever_saw_asks_about_all_that_differs
    told = save(99, with(measure: { height_m: 2.7 }), status: 409)

    assert_equal(["/settings/measure/height_m"], told["differences"].map { |row| row["pointer"] })
  end

  def test_history_names_styles_and_never_an_id
    ribbon = ask(:get, "/api/styles?kind=ribbon")["items"].find { |style| style["name"] == "Brass gauze ribbon" }
    save(1, with(lights: { globe_style: ribbon["id"] }))
    entry = ask(:get, path("/history"))["items"].first

    assert_equal "Globe string — → Brass gauze ribbon", entry["says"]
    DATABASE[:piece_changes].update(says: "Globe string — → #{ribbon['id']}")

    assert_equal "Globe string — → Brass gauze ribbon", ask(:get, path("/history"))["items"].first["says"]
    DATABASE[:piece_changes].update(says: "Globe string — → #{SecureRandom.uuid}")

    assert_equal "Globe string — → a style that is gone", ask(:get, path("/history"))["items"].first["says"]
  end
end
