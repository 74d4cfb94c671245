# frozen_string_literal: true

require_relative "../core_test"

class FixingsTest < CoreTest
  def allowed(surface, kind: "mantel", nails: true)
    Greenery::Fixings.allowed(surface: surface, kind: kind, place: surroundings(no_nails: !nails),
                              house: HouseRules.default)
  end

  def test_what_each_surface_takes
    tried = [%w[large_hook painted], %w[large_hook brick], %w[nail tile], %w[nail wood]]
    told = tried.map { |name, surface| Greenery::Fixings.verdict(name, surface) }

    assert_equal %w[goes never never goes], told
    assert_equal "label", Greenery::Fixings.verdict("large_hook", "wood")
  end

  def test_nothing_allowed_is_ever_forbidden
    Greenery::Fixings::SURFACES.each do |surface|
      allowed(surface, nails: false).each do |name|
        refute_equal "never", Greenery::Fixings.verdict(name, surface)
        fixing = Greenery::Fixings::BY_NAME.fetch(name)

        refute fixing.nails || fixing.adhesive, name
      end
    end
  end

  def test_the_strongest_comes_first_and_ties_want_something_round
    assert_equal "large_strip", allowed("painted").first
    refute_includes allowed("painted"), "padded_tie"
    assert_includes allowed("painted", kind: "rail"), "padded_tie"
  end

  def test_every_fixing_that_holds_has_its_load_among_the_house_rules
    (Greenery::Fixings::NAMES - ["none"]).each { |name| assert_operator HouseRules.default["garland.#{name}"], :>, 0 }
  end
end
