# frozen_string_literal: true

require_relative "../server_test"

class JsonLinesTest < Minitest::Test
  TEXT = <<~JSON
    {
      "home": { "name": "Attic" },
      "rooms": [
        { "name": "One" },
        {
          "name": "Two",
          "note": "caf\\u00e9 \\/ bar"
        }
      ]
    }
  JSON

  def line(*path)
    DeckBough::Server::Exchange::JsonLines.new(TEXT).line_of(path)
  end

  def test_finds_values_in_objects_and_lists
    assert_equal [2, 4, 6, 7],
                 [line("home", "name"), line("rooms", 0), line("rooms", 1, "name"), line("rooms", 1, "note")]
  end

  def test_what_is_missing_has_the_line_of_what_it_is_missing_from
    assert_equal [5, 2, 1], [line("rooms", 1, "width_m"), line("home", "client", "x"), line("styles")]
  end

  def test_a_text_that_cannot_be_read_is_all_on_line_one
    assert_equal 1, DeckBough::Server::Exchange::JsonLines.new("{\n\"a\": [").line_of(%w[a])
  end
end
