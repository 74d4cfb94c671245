# frozen_string_literal: true

require_relative "../server_test"

# After the day: what goes into which box, what stays, what goes onto what stands empty.
class SeasonEndTest < ServerTest
  def setup
    sign_in
  end

  def home(name = "Tidewaiter's House") = DATABASE[:homes].where(name: name).get(:id)

  def ending(name = "Tidewaiter's House") = ask(:get, "/api/homes/#{home(name)}/season-end")

  def piece(told, name) = told["pieces"].find { |one| one["name"] == name }

  def thing(told, name, label) = piece(told, name)["things"].find { |one| one["label"] == label }

  def say(name, label, stays, status: 204)
    told = ending
    ask(:put, "/api/pieces/#{piece(told, name)['id']}/strip",
        { style: thing(told, name, label)["style"], stays: stays }, status: status)
  end

  def test_what_says_holiday_goes_into_the_box_it_came_from_and_what_is_winter_stays
    told = ending
    glass = thing(told, "Quay window tree", "Slate glass, 10 cm")

    assert_equal [false, "tree", 12, 1], [*glass.values_at("stays", "why", "count"), glass["boxes"].first["number"]]
    assert_equal [true, "greens"], thing(told, "Stair rail", "Fir garland, 1.8 m").values_at("stays", "why")
    assert_equal [false, "figures"], thing(told, "Stair rail", "Plum velvet ribbon").values_at("stays", "why")
    assert_equal [true, "fastens"], thing(told, "Stair rail", "Padded wire ties").values_at("stays", "why")
    assert_equal [false, "keepsake"], thing(told, "Quay window tree", "Tin boat, a keepsake").values_at("stays", "why")
    assert_equal [true, "tagged"], thing(told, "Hearth tray", "Tall lantern").values_at("stays", "why")
  end

  def test_all_together_is_what_its_pieces_say
    told = ending
    things = told["pieces"].flat_map { |one| one["things"] }
    kinds = things.reject { |one| one["stays"] }.map { |one| [one["style"], one["boxes"].first] }.uniq

    assert_equal [things.count { |one| !one["stays"] }, things.count { |one| one["stays"] }],
                 told.values_at("goes", "stays")
    assert_equal(kinds.size, told["boxes"].sum { |box| box["things"] })
    assert_in_delta told["pieces"].sum { |one| one["minutes"] }, told["minutes"]
    assert_equal(told["boxes"].filter_map { |box| box["number"] }.sort, told["boxes"].filter_map do |box|
      box["number"]
    end)
  end

  def test_taking_down_is_a_share_of_dressing_for_as_much_as_goes
    tree = piece(ending, "Quay window tree")
    dressing = home_named("Tidewaiter's House")["rooms"].flat_map { |room| room["pieces"] }
                                                        .find { |one| one["id"] == tree["id"] }["summary"]["minutes"]

    assert_in_delta 0.4 * dressing, tree["minutes"], 0.01
    assert_in_delta 0, piece(ending, "Hearth tray")["minutes"]
    ask(:put, "/api/house-rules/minutes.take_down", { value: 0.5, was: 0.4 })

    assert_in_delta 0.5 * dressing, piece(ending, "Quay window tree")["minutes"], 0.01
  end

  def test_the_person_overrules_once_and_takes_it_back
    2.times { say("Stair rail", "Plum velvet ribbon", true) }

    assert_equal [true, "said"], thing(ending, "Stair rail", "Plum velvet ribbon").values_at("stays", "why")
    # Of this piece alone.
    assert_equal [false, "figures"], thing(ending, "Door wreath", "Plum velvet ribbon").values_at("stays", "why")
    say("Stair rail", "Plum velvet ribbon", nil)

    assert_equal [false, "figures"], thing(ending, "Stair rail", "Plum velvet ribbon").values_at("stays", "why")
  end

  def test_where_all_goes_the_surface_is_dressed_from_the_winter_stock_that_is_free
    told = ending
    bridge = told["bridge"]
    tree = bridge["surfaces"].find { |one| one["piece"] == piece(told, "Quay window tree")["id"] }

    assert_equal "accent", tree["things"].last["role"]
    assert_operator tree["things"].size, :>=, 3
    assert_equal bridge["accent"]["style"], tree["things"].find { |one| one["role"] == "accent" }["style"]
    seasons = DATABASE[:styles].where(id: tree["things"].map { |one| one["style"] }).select_map(:season)

    assert_empty seasons - %w[winter all_year]
  end

  def test_what_stays_elsewhere_in_the_home_is_not_offered_again
    lantern = DATABASE[:styles].where(name: "Tall lantern").get(:id)
    # The only one that stands up, and all there are of it stay.
    DATABASE[:styles].where(shape: %w[candle lantern vessel bundle tree]).exclude(id: lantern)
                     .update(season: "holiday", version: Sequel[:version] + 1)
    stays = ending["pieces"].flat_map { |one| one["things"] }.select { |one| one["stays"] && one["style"] == lantern }
    count = ->(many) { ask(:post, "/api/styles/#{lantern}/moves", entry(many), status: 201) }
    count.call(stays.sum { |one| one["count"] })

    refute_includes offered, lantern
    count.call(stays.sum { |one| one["count"] } + 1)

    assert_includes offered, lantern
  end

  def entry(many) = { key: SecureRandom.uuid, reason: "counted", quantity: many }

  def offered
    ending["bridge"]["surfaces"].flat_map { |one| one["things"] }.map { |thing| thing["style"] }
  end

  def test_a_surface_with_something_left_on_it_is_not_empty
    names = ending["bridge"]["surfaces"].map { |one| one["piece"] }

    refute_includes names, piece(ending, "Stair rail")["id"]
    piece(ending, "Stair rail")["things"].each { |one| say("Stair rail", one["label"], false) }

    assert_includes ending["bridge"]["surfaces"].map { |one| one["piece"] }, piece(ending, "Stair rail")["id"]
  end

  def test_what_cannot_be
    tree = piece(ending, "Quay window tree")["id"]
    ask(:put, "/api/pieces/#{tree}/strip", { style: SecureRandom.uuid, stays: true }, status: 422)
    ask(:put, "/api/pieces/#{tree}/strip", { style: "no id", stays: true }, status: 422)
    ask(:put, "/api/pieces/#{SecureRandom.uuid}/strip", { style: "no id", stays: true }, status: 404)
    ask(:get, "/api/homes/#{SecureRandom.uuid}/season-end", status: 404)
  end

  def test_a_home_without_anything
    id = ask(:post, "/api/homes", { name: "Lantern Steps" }, status: 201)["id"]
    told = ask(:get, "/api/homes/#{id}/season-end")

    assert_equal [[], 0, 0, 0, []], told.values_at("pieces", "goes", "stays", "minutes", "boxes")
    assert_empty told["bridge"]["surfaces"]
  end

  def test_in_spring_stems_of_the_winter_are_exchanged_on_a_day
    told = ending["bridge"]["spring"]
    rail = told.find { |one| one["out"] == "Fir garland, 1.8 m" }

    assert_equal [piece(ending, "Stair rail")["id"], 4], rail.values_at("piece", "count")
    DATABASE[:styles].where(kind: "stem").update(season: "all_year")
    into = ending["bridge"]["spring"].find { |one| one["out"] == "Fir garland, 1.8 m" }

    assert_operator into["put"], :>, 0
    assert_equal "stem", into["into"]["kind"]
    ask(:put, "/api/homes/#{home}/spring", { on: "2027-03-06" }, status: 204)

    assert_equal "2027-03-06", ending["home"]["spring_on"]
    ask(:put, "/api/homes/#{home}/spring", { on: nil }, status: 204)

    assert_nil ending["home"]["spring_on"]
  end

  def test_a_day_before_the_strike_or_none_at_all_is_told
    %w[2027-01-05 2026-12-01 soon 9999-01-01].each do |day|
      assert_equal ["/on"], pointers(ask(:put, "/api/homes/#{home}/spring", { on: day }, status: 422))
    end
    ask(:put, "/api/homes/#{SecureRandom.uuid}/spring", { on: "2027-03-06" }, status: 404)
  end
end
