# frozen_string_literal: true

require_relative "../server_test"

class VariantsRoutesTest < ServerTest
  def setup
    sign_in
    @tree = quay_tree
  end

  def path
    "/api/pieces/#{@tree['id']}/variants"
  end

  def with_cascade
    @tree["settings"].merge("ribbon" => @tree["settings"]["ribbon"].merge("method" => "cascade"))
  end

  def test_a_version_is_kept_beside_the_tree_and_leaves_it_as_it_is
    kept = ask(:post, path, { name: "All cascades", settings: with_cascade }, status: 201)

    assert_equal "cascade", kept["settings"]["ribbon"]["method"]
    assert_equal "tuck", quay_tree["settings"]["ribbon"]["method"]
    names = ask(:get, path)["items"].map { |version| version["name"] }

    assert_equal ["All cascades", "With cascade"], names.sort
    ask(:delete, "/api/variants/#{kept['id']}", status: 204)

    assert_equal(["With cascade"], ask(:get, path)["items"].map { |version| version["name"] })
  end

  def test_a_name_is_wanted_and_taken_once
    ask(:post, path, { name: "As it is" }, status: 201)

    assert_equal %w[/name], pointers(ask(:post, path, { name: "As it is" }, status: 422))
    assert_equal %w[/name], pointers(ask(:post, path, { name: "  " }, status: 422))
    assert_equal %w[/settings/ribbon/method],
                 pointers(ask(:post, path, { name: "Bad", settings: { ribbon: { method: "glue" } } }, status: 422))
  end
end
