# frozen_string_literal: true

require_relative "server_test"

# All that is wrong with a body comes in one round, each thing once, by the names of the screens, in the studio's units.
class EveryFaultTest < ServerTest
  MACHINE = /_m\b|_cents|_on\b|_ages|integer|nil\b/

  def room(**said)
    home = homes.first["id"]
    ask(:post, "/api/homes/#{home}/rooms", { name: "Loft", width_m: 4.0, depth_m: 3.0, ceiling_left_m: 2.4, **said },
        status: 422)
  end

  def told(answer)
    answer["errors"].to_h { |error| error.values_at("pointer", "message") }
  end

  def test_what_the_contract_and_what_the_core_object_to_is_told_together
    sign_in
    found = told(room(width_m: "wide", depth_m: 300, heat: "volcano", places: [{ stance: "corner", free_width_m: 9 }]))

    assert_equal %w[/depth_m /heat /places/0/name /width_m], found.keys.sort
    assert_equal 'Width is "wide". It must be a number.', found["/width_m"]
    assert_equal "Depth is 300 m. Nobody dresses that. Enter 100 m or less.", found["/depth_m"]
    assert_equal "Name is missing. Enter it.", found["/places/0/name"]
  end

  def test_no_sentence_speaks_like_a_machine
    sign_in
    home = ask(:post, "/api/homes", { children_ages: ["two"], rented: "maybe", pets: ["wyvern"] }, status: 422)
    style = ask(:post, "/api/styles", { kind: "ornament", price_cents: 12.5, diameter_mm: "big", bulbs: "x" },
                status: 422)
    [home, style, room(width_m: nil, no_nails: 3, places: "none")].each do |answer|
      assert_operator answer["errors"].size, :>, 2
      answer["errors"].each { |error| refute_match MACHINE, error["message"] }
      assert_equal pointers(answer).uniq, pointers(answer)
    end
    assert_includes told(style)["/price_cents"], "Price of a pack"
  end

  def test_a_studio_in_feet_is_told_in_feet
    sign_in
    ask(:patch, "/api/studio", { version: 1, units: "imperial" })

    assert_equal "Depth is 984 ft 3 in. Nobody dresses that. Enter 328 ft 1 in or less.",
                 told(room(depth_m: 300)).fetch("/depth_m")
    answer = ask(:post, "/api/pieces/#{quay_tree['id']}/plan", { settings: { measure: { height_m: 400 } } },
                 status: 422)

    assert_equal "Height is 1312 ft 4 in. Nobody dresses that. Enter 39 ft 4 in or less.", answer["detail"]
    assert_equal answer["detail"], told(answer).fetch("/settings/measure/height_m")
  end

  def test_a_flat_ceiling_is_measured_once
    sign_in
    home = homes.first["id"]
    made = ask(:post, "/api/homes/#{home}/rooms", { name: "Loft", width_m: 4, depth_m: 3, ceiling_left_m: 2.4 },
               status: 201)

    assert_equal [2.4, 2.4], made.values_at("ceiling_left_m", "ceiling_right_m")
    assert_equal ["/ceiling_left_m"], pointers(room(ceiling_left_m: nil))
  end
end
