# frozen_string_literal: true

require_relative "../server_test"

class StyleNamesTest < Minitest::Test
  def test_replaces_single_styles_and_lists_and_nothing_else
    settings = { "crown" => { "style" => "a", "kind" => "a" }, "ribbon" => { "styles" => %w[a b c], "method" => "tuck" } }
    replaced = DeckBough::Server::Exchange::StyleNames.replace(settings, { "a" => "style-1", "b" => "style-2" })

    assert_equal({ "crown" => { "style" => "style-1", "kind" => "a" }, "ribbon" => { "styles" => %w[style-1 style-2 c], "method" => "tuck" } }, replaced)
    assert_equal %w[a b c], settings["ribbon"]["styles"]
  end
end
