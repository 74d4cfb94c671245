# frozen_string_literal: true

require_relative "../../core_test"

class StyleReferencesTest < CoreTest
  TREE = { "crown" => { "style" => "plum" },
           "ornaments" => { "styles" => %w[a b], "missing" => [{ "style" => "a", "count" => 2 }] },
           "lights" => { "globe_style" => "globe" }, "ribbon" => { "garland_style" => "beads" },
           "step_back" => { "mends" => [{ "kind" => "add", "style" => "b", "height_m" => 1,
                                          "angle_deg" => 0 }] } }.freeze

  def test_finds_every_style_with_its_path
    found = StyleReferences.of(TREE_KIND.groups, TREE_KIND.check(TREE)).to_h { |path, id| [path.join("/"), id] }

    assert_equal({ "crown/style" => "plum", "ornaments/styles/0" => "a", "ornaments/styles/1" => "b",
                   "ornaments/missing/0/style" => "a",
                   "lights/globe_style" => "globe", "ribbon/garland_style" => "beads",
                   "step_back/mends/0/style" => "b" }, found)
  end

  def test_puts_other_names_in_their_place_and_leaves_everything_else
    names = { "a" => "1", "b" => "2", "plum" => "3" }
    told = StyleReferences.replace(TREE_KIND.groups, TREE, names)

    assert_equal %w[1 2], told["ornaments"]["styles"]
    assert_equal %w[3 globe], [told["crown"]["style"], told["lights"]["globe_style"]]
    assert_equal({ "style" => "1", "count" => 2 }, told["ornaments"]["missing"].first)
    assert_equal TREE, StyleReferences.replace(TREE_KIND.groups, told, names.invert)
    assert_equal({ "smell" => 3 }, StyleReferences.replace(TREE_KIND.groups, { "smell" => 3 }, names))
  end

  # A field that names a style by its words must be declared as one, else nobody finds it.
  def test_every_field_that_is_called_a_style_is_declared_as_one
    fields = Kinds::ALL.values.flat_map { |kind| kind.groups.values.flatten }.flat_map { |input| [input, *input.items] }

    assert_empty fields.select { |input| input.name.to_s.match?(/style\z/) && input.names != :style }.map(&:name)
  end
end
