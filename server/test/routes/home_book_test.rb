# frozen_string_literal: true

require_relative "../server_test"
require_relative "../sent_picture"

# A home for the studio's own book: what was drawn beside what was photographed.
class HomeBookTest < ServerTest
  def setup
    sign_in
    @home = DATABASE[:homes].where(name: "Tidewaiter's House").get(:id)
    @tree = DATABASE[:pieces].where(name: "Quay window tree").get(:id)
    @visit = DATABASE[:visits].where(home_id: @home, purpose: "dress").order(:held_on).get(:id)
  end

  def photograph(shows, id)
    custom_request("POST", "/api/photographs", SentPicture.plain(60, 40),
                   { "CONTENT_TYPE" => "application/octet-stream",
                     "QUERY_STRING" => "of=#{shows}&id=#{id}&key=#{SecureRandom.uuid}" })
    JSON.parse(last_response.body)["id"]
  end

  def remark(sort, piece, says = "")
    ask(:post, "/api/visits/#{@visit}/remarks", { key: SecureRandom.uuid, sort: sort, piece: piece, says: says },
        status: 201)["id"]
  end

  def book = ask(:get, "/api/homes/#{@home}/book")

  def piece(told) = told["rooms"].flat_map { |room| room["pieces"] }.find { |one| one["id"] == @tree }

  def test_pictures_stand_with_their_piece_and_the_rest_with_the_home
    before, after, whole = { "before" => @tree, "after" => @tree, nil => nil }.map do |sort, of|
      photograph("remark", remark(sort || "after", of))
    end
    remark("client", @tree, "Never finer")
    told = book

    assert_equal [[before], [after], ["Never finer"]], piece(told).values_at("before", "after", "client")
    assert_equal [[], [whole]], told.values_at("before", "after")
    assert_nil piece(told)["drawn"]
  end

  def test_what_was_drawn_when_it_was_sent_last_stands_beside
    told = nil
    20.times { break unless (told = ask(:get, "/api/homes/#{@home}/proposal"))["pending"] }
    id = ask(:put, "/api/homes/#{@home}/proposal", { version: 0, terms: told["terms"] })["id"]
    drawn = photograph("proposal", id)
    ask(:post, "/api/homes/#{@home}/proposal/send", { key: SecureRandom.uuid, ends_on: "2026-12-20",
                                                      pictures: { "piece:#{@tree}" => drawn } })

    assert_equal drawn, piece(book)["drawn"]
    get "/api/homes/#{@home}/book.pdf"

    assert_equal "%PDF", last_response.body[0, 4]
  end

  def test_its_figures_are_those_of_the_season
    summed = ask(:get, "/api/season-summary")["homes"].find { |home| home["id"] == @home }

    assert_equal summed.slice("bought_cents", "stock_cents", "planned", "took"), book["figures"]
  end
end
