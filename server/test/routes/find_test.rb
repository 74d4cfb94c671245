# frozen_string_literal: true

require_relative "../server_test"

class FindRoutesTest < ServerTest
  def found(text)
    ask(:get, "/api/find?text=#{Rack::Utils.escape(text)}")["items"].map do |item|
      item.values_at("kind", "name", "within")
    end
  end

  def test_finds_homes_by_name_or_client_and_rooms_and_pieces_with_where_they_are
    sign_in

    assert_equal [["home", "The Signal Loft", nil], ["room", "Loft", "The Signal Loft"]], found("loft")
    assert_equal [["home", "The Signal Loft", nil]], found("aske")
    assert_equal [["piece", "Quay window tree", "Tidewaiter's House"]], found("QUAY")
    assert_empty found("%")
  end

  def test_what_was_deleted_is_not_found
    sign_in
    ask(:delete, "/api/pieces/#{quay_tree['id']}")

    assert_empty found("quay")
  end

  def test_what_lies_in_a_deleted_room_or_home_is_not_found
    sign_in
    home = home_named("The Signal Loft")

    assert_includes found("signal tree"), ["piece", "Signal tree", "The Signal Loft"]
    ask(:delete, "/api/rooms/#{home['rooms'].first['id']}")

    assert_empty found("signal tree")
    ask(:post, "/api/rooms/#{home['rooms'].first['id']}/restore")
    ask(:delete, "/api/homes/#{home['id']}")

    assert_empty found("loft")
    assert_empty found("signal tree")
  end
end
