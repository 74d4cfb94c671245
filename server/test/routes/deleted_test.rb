# frozen_string_literal: true

require_relative "../server_test"

class DeletedRoutesTest < ServerTest
  def setup
    sign_in
    @home = home_named("Tidewaiter's House")
    @room = @home["rooms"].first
    @piece = @room["pieces"].first
  end

  def deleted
    ask(:get, "/api/deleted")["items"]
  end

  def test_what_was_deleted_is_listed_with_who_and_until_when_and_comes_back
    assert_empty deleted
    as(ASSISTANT) { ask(:delete, "/api/pieces/#{@piece['id']}") }
    told = deleted.first

    assert_equal ["piece", @piece["name"], "#{@home['name']}, #{@room['name']}", "Bram Teasel"],
                 told.values_at("kind", "name", "within", "by")
    assert_equal 30, (Date.iso8601(told["until"]) - Date.iso8601(told["deleted_at"][0, 10])).to_i
    ask(:post, "/api/pieces/#{@piece['id']}/restore")

    assert_empty deleted
  end

  def test_what_is_inside_something_deleted_comes_back_with_it
    ask(:delete, "/api/pieces/#{@piece['id']}")
    ask(:delete, "/api/rooms/#{@room['id']}")

    assert_equal(["room"], deleted.map { |thing| thing["kind"] })
    ask(:delete, "/api/homes/#{@home['id']}")

    assert_equal([["home", @home["name"]]], deleted.map { |thing| thing.values_at("kind", "name") })
    ask(:post, "/api/homes/#{@home['id']}/restore")
    ask(:post, "/api/rooms/#{@room['id']}/restore")

    assert_equal(["piece"], deleted.map { |thing| thing["kind"] })
  end

  def test_after_thirty_days_it_is_listed_no_more
    ask(:delete, "/api/pieces/#{@piece['id']}")
    DATABASE[:pieces].where(id: @piece["id"]).update(deleted_at: TODAY - (29 * 24 * 3600))

    assert_equal 1, deleted.size
    DATABASE[:pieces].where(id: @piece["id"]).update(deleted_at: TODAY - (31 * 24 * 3600))

    assert_empty deleted
  end

  def test_nothing_of_another_studio
    ask(:delete, "/api/pieces/#{@piece['id']}")
    stranger
    clear_cookies
    ask(:post, "/api/login", { email: "else@elsewhere.example", password: "another-word-1" })

    assert_empty deleted
  end
end
