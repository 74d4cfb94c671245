# frozen_string_literal: true

require_relative "../server_test"

class HangingRoutesTest < ServerTest
  def setup
    sign_in
    @tree = quay_tree
  end

  def path(rest)
    "/api/pieces/#{@tree['id']}#{rest}"
  end

  def map
    ask(:get, path("/hanging"))["map"]
  end

  def tick(sites, up: true, status: 200)
    ask(:put, path("/hanging"), { up: up, ornaments: sites.map { |site| site.slice("style", "number") } },
        status: status)
  end

  def save(settings)
    ask(:put, "/api/pieces/#{@tree['id']}",
        { version: quay_tree["version"], name: @tree["name"], place_id: @tree["place_id"], settings: settings })
  end

  def ornaments(**changes)
    @tree["settings"].merge("ornaments" => @tree["settings"]["ornaments"].merge(changes.transform_keys(&:to_s)))
  end

  def test_the_map_tells_every_ornament_once_and_the_same_as_the_bench
    drawn = ask(:post, path("/places"), {})["drawing"]["ornaments"]
    sites = map["sites"]

    assert_equal 100, sites.map { |site| site.values_at("style", "number") }.uniq.size
    assert_equal drawn.map { |site| [site["style"], site["number"], site["height_m"]] }.sort_by(&:to_s),
                 sites.map { |site| [site["style"], site["number"], site["height_m"].round(3)] }.sort_by(&:to_s)
    assert_operator map["evenness"]["whole"], :>, 1.85
    assert_equal(100, map["styles"].sum { |style| style["count"] })
  end

  def test_a_tick_stays_where_it_was_hung_whatever_the_plan_becomes
    three = map["sites"].first(3)
    after = tick(three)["map"]

    assert_equal 3, after["up"]
    save(ornaments(seed: 9))
    moved = map["sites"].select { |site| site["up"] }

    assert_equal three.map { |site| site["height_m"] }.sort, moved.map { |site| site["height_m"] }.sort
    assert_equal 2, tick(three.first(1), up: false)["map"]["up"]
  end

  def test_what_is_up_but_no_longer_planned_is_still_shown
    last = map["sites"].last(2)
    tick(last)
    save(ornaments(missing: [{ style: last.first["style"], count: 40 }]))

    gone = map["sites"].reject { |site| site["planned"] }

    assert_equal 2, gone.size
    assert(gone.all? { |site| site["up"] })
  end

  def test_an_ornament_that_is_not_on_the_map_is_refused_and_nothing_is_ticked
    bad = tick([map["sites"].first, { "style" => "00000000-0000-0000-0000-000000000000", "number" => 1 }], status: 422)

    assert_includes bad["detail"], "not on the map"
    assert_equal 0, map["up"]
  end

  def test_two_people_tick_the_same_ornament_and_it_is_up_once
    site = map["sites"].first(1)
    tick(site)
    as(ASSISTANT) { tick(site) }

    assert_equal 1, map["up"]
    assert_equal "Ottoline Marsh", map["sites"].find { |one| one["up"] }["by"]
    assert_equal([[site.first["style"], 1, "Ottoline Marsh"]],
                 ask(:get, path("/hung"))["items"].map { |one| one.values_at("style", "number", "by") })
  end

  def test_it_prints_on_a4_and_draws_as_svg
    custom_request("GET", path("/hanging.pdf"))

    assert_equal [200, "application/pdf"], [last_response.status, last_response.media_type]
    assert last_response.body.start_with?("%PDF")
    assert_includes last_response.headers["content-disposition"], "Quay-window-tree-hanging-map.pdf"
    custom_request("GET", path("/hanging.svg"))

    assert_equal 100, last_response.body.scan(/<circle[^>]* r="12"/).size
    style = map["styles"].first
    custom_request("GET", path("/hanging.svg"), {}, { "QUERY_STRING" => "style=#{style['id']}" })

    assert_equal style["count"], last_response.body.scan(/<circle[^>]* r="12"/).size
    assert_equal 100 - style["count"], last_response.body.scan(/<circle[^>]* r="4"/).size
  end

  def test_a_place_without_a_tree_has_no_map_and_says_so
    save(@tree["settings"].merge("measure" => { "height_m" => nil }))

    refute ask(:get, path("/hanging")).key?("map")
    assert_includes ask(:get, path("/hanging.pdf"), status: 422)["detail"], "Choose its height"
  end

  def test_stepping_back_looks_at_the_plan_or_at_what_is_up
    planned = ask(:post, path("/step-back"), { look_at: "plan" })

    assert_equal 100, planned["counted"]
    refute_includes planned["findings"].map { |finding| finding["code"] }, "within_reach"
    nothing = ask(:post, path("/step-back"), { look_at: "up" })

    assert_equal(%w[nothing_up], nothing["findings"].map { |finding| finding["code"] })
    tick(map["sites"].select { |site| site["angle_deg"].negative? })
    half = ask(:post, path("/step-back"), { look_at: "up" })

    assert_includes half["findings"].map { |finding| finding["code"] }, "hole"
    assert_includes half["findings"].map { |finding| finding["code"] }, "one_sided"
  end

  def test_a_mend_that_is_applied_is_on_the_map_and_in_the_ledger
    missing = [{ style: @tree["settings"]["ornaments"]["styles"].first, count: 8 }]
    found = ask(:post, path("/step-back"),
                { look_at: "plan", settings: ornaments(missing: missing, make_do: "keep_places") })
    mends = found["findings"].flat_map { |finding| finding["mends"] }.flat_map { |offered| offered["mends"] }
    add =
      mends.find { |mend| mend["kind"] == "tuck" } ||
      { "kind" => "tuck", "style" => nil, "number" => nil, "height_m" => 1.0, "angle_deg" => 10.0 }
    before = ask(:post, path("/plan"), {})
    after = ask(:post, path("/plan"), { settings: @tree["settings"].merge("step_back" => { "mends" => [add] }) })

    placed = ask(:post, path("/places"), { settings: @tree["settings"].merge("step_back" => { "mends" => [add] }) })

    assert_equal 1, placed["drawing"]["ribbon"]["fills"].size
    assert_operator ribbon(after), :>, ribbon(before)
  end

  def ribbon(plan)
    plan["ledger"].select { |line| line["kind"] == "ribbon" }.sum { |line| line["need"] }
  end
end
