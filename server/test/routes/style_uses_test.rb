# frozen_string_literal: true

require_relative "../server_test"

# Where wreaths hang and hung: counted by room and home, and kept with the item from year to year.
class StyleUsesTest < ServerTest
  def setup
    sign_in
    @home = home_named("Tidewaiter's House")
    @olive = DATABASE[:styles].where(name: "Olive wreath, 30 cm").get(:id)
    @wall = DATABASE[:pieces].where(name: "Cabinet wreaths").first
  end

  def uses(home: @home["id"])
    ask(:get, "/api/styles/#{@olive}/uses?home=#{home}")
  end

  def test_wreaths_are_counted_in_their_room_and_home
    hall = @home["rooms"].find { |room| room["name"] == "Stair hall" }

    assert_equal 4, hall["wreaths"]
    assert_equal 4, @home["totals"]["wreaths"]
    assert_equal 5, home_named("The Signal Loft")["totals"]["wreaths"]
    assert_equal 0, @home["rooms"].find { |room| room["name"] == "Snug" }["wreaths"]
  end

  def test_what_hangs_is_written_down_for_the_year_of_its_visit
    told = uses

    hung = { "year" => 2026, "home" => "Tidewaiter's House", "room" => "Stair hall", "piece" => "Cabinet wreaths",
             "here" => true }

    assert_equal [hung], told["items"]
    assert_equal 2026, told["last_here"]
    assert_equal([false, nil], uses(home: home_named("The Signal Loft")["id"]).then do |other|
      [other["items"].first["here"], other["last_here"]]
    end)
  end

  def test_earlier_years_stay_when_it_hangs_elsewhere_and_this_one_follows
    ask(:get, "/api/season")
    row = DATABASE[:style_uses].where(style_id: @olive).first
    DATABASE[:style_uses].insert(**row, year: 2024)
    piece = ask(:get, "/api/pieces/#{@wall[:id]}")
    settings = piece["settings"].merge("wreaths" => { "hung" => [{ "outer_m" => 0.4 }] })
    ask(:put, "/api/pieces/#{@wall[:id]}", { version: piece["version"], name: piece["name"], place_id: nil,
                                             settings: settings })

    assert_equal([2024], uses["items"].map { |one| one["year"] })
  end

  def test_a_piece_deleted_in_its_year_did_not_hang
    ask(:get, "/api/season")
    row = DATABASE[:style_uses].where(style_id: @olive).first
    DATABASE[:style_uses].insert(**row, year: 2020)
    DATABASE[:pieces].where(id: @wall[:id]).update(deleted_at: TODAY)

    assert_equal([2020], uses["items"].map { |one| one["year"] })
  end

  def test_only_of_ones_own
    other = SecureRandom.uuid

    ask(:get, "/api/styles/#{other}/uses", status: 404)
    ask(:get, "/api/styles/#{@olive}/uses?home=#{other}", status: 404)
    ask(:get, "/api/styles/#{@olive}/uses?home=no-id", status: 404)
  end
end
