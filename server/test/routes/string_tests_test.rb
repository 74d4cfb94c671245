# frozen_string_literal: true

require_relative "../server_test"

class StringTestsRoutesTest < ServerTest
  def setup
    sign_in
  end

  def style(kind)
    ask(:get, "/api/styles")["items"].find { |known| known["kind"] == kind }
  end

  def test_a_tested_string_is_kept_with_its_reading_and_its_date
    string = style("light")
    first = ask(:post, "/api/styles/#{string['id']}/tests", { label: "String 1" }, status: 201)
    again = ask(:post, "/api/styles/#{string['id']}/tests", { label: "string 1 " }, status: 201)

    assert_equal first.slice("watts", "dead_bulbs"), again.slice("watts", "dead_bulbs")
    assert_equal ["2026-11-19", "Ottoline Marsh"], [first["tested_at"][0, 10], first["by"]]
    assert_equal 2, ask(:get, "/api/styles/#{string['id']}/tests")["total"]
    assert_equal first["sound"], first["dead_bulbs"].zero?
  end

  def test_only_strings_are_tested_and_each_needs_a_label
    assert_equal %w[/label],
                 pointers(ask(:post, "/api/styles/#{style('ornament')['id']}/tests", { label: "One" }, status: 422))
    assert_equal %w[/label],
                 pointers(ask(:post, "/api/styles/#{style('light')['id']}/tests", { label: " " }, status: 422))
  end
end
