# frozen_string_literal: true

require_relative "../server_test"
require_relative "../piece_requests"

# Soft things, pictures and scents through the same doors as any other piece; they stand at no wall.
class SwapsTest < ServerTest
  include PieceRequests

  def setup
    sign_in
    @piece = piece_called("Sofa and pictures")
  end

  def test_a_plan_tells_what_comes_in_and_what_it_takes
    told = plan

    assert_equal [true, "swaps", 4], [*told.values_at("chosen", "kind"), told["drawing"]["seats"].first["count"]]
    sheets = told["figures"].values.map { |figure| figure["sheet"] } + told["ledger"].map { |line| line["sheet"] }

    assert(sheets.uniq.all? { |sheet| ask(:post, "/api/pieces/#{@piece['id']}/working", { sheet: sheet })["title"] })
    bare = plan(soft: { swaps: [] }, art: { frames: [] }, scent: { scents: [] })

    assert_equal [false, []], [bare["chosen"], bare["drawing"]["seats"]]
    mats = plan(soft: { upper_long_m: 0.7, upper_wide_m: 0.4, lower_long_m: 0.9, lower_wide_m: 0.6 })

    assert_in_delta 0.9, mats["drawing"]["mats"]["lower_long_m"]
  end

  def test_it_is_claimed_and_let_go
    assert_in_delta 2, claimed("Plum velvet cushions")
    save(soft: { swaps: [] })

    assert_in_delta 0, claimed("Plum velvet cushions")
  end

  def test_what_cannot_be_is_refused_where_it_was_said
    { { soft: { swaps: [{ count: 0 }] } } => "/settings/soft/swaps/0/count",
      { soft: { swaps: [{ colour: "plum" }] } } => "/settings/soft/swaps/0/colour",
      { soft: { swaps: [{ style: "gone" }] } } => "/settings/soft/swaps/0/style",
      { soft: { swaps: [{}] * 31 } } => "/settings/soft/swaps",
      { art: { frames: [{ wide_m: 0 }] } } => "/settings/art/frames/0/wide_m",
      { scent: { scents: [{ kind: "smoke" }] } } => "/settings/scent/scents/0/kind" }.each do |groups, pointer|
      told = save(**groups, status: 422)

      assert_equal([pointer], told["errors"].map { |error| error["pointer"] })
    end
  end

  def test_the_view_of_its_room_goes_without_it
    room = DATABASE[:rooms].where(name: "Loft").get(:id)
    view = ask(:get, "/api/rooms/#{room}/view")

    refute_includes view.to_s, @piece["id"]
    save(soft: { swaps: [] }, art: { frames: [] }, scent: { scents: [] })

    refute_includes ask(:get, "/api/rooms/#{room}/view").to_s, @piece["id"]
    assert_empty ask(:get, "/api/pieces/#{@piece['id']}/hosts")["items"]
  end
end
