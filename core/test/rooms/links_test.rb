# frozen_string_literal: true

require_relative "rooms_test"

# What ties two rooms that see each other.
class LinksTest < RoomsTest
  def thing(name, kind, metal: nil, spare: 0)
    { style: name.downcase, kind: kind, name: name, metal: metal, spare: spare }
  end

  def links(here, there, lights: [[], []])
    Rooms::Links.between({ name: "Front room", things: here, lights: lights.first },
                         { name: "Hall", things: there, lights: lights.last }, HouseRules.default)
  end

  def codes(...) = links(...)[:findings].map { |finding| finding[:code] }

  RIBBON = ["Plum ribbon", "ribbon"].freeze

  def test_things_that_recur_tie_by_kind
    both = [thing(*RIBBON), thing("Cedar", "garland"), thing("Berry", "pick")]
    told = links([*both, thing("Bell", "ornament")], both)

    assert_equal({ style: ["Berry"], ribbon: ["Plum ribbon"], green: ["Cedar"], metal: [] }, told[:shared])
    assert_equal [3, true], told.values_at(:kinds, :enough)
    assert_empty told[:findings]
  end

  def test_nothing_shared_is_told_and_one_kind_barely
    assert_equal ["rooms_unlinked"], codes([thing(*RIBBON)], [thing("Cedar", "garland")])
    assert_equal ["rooms_barely_linked"], codes([thing(*RIBBON)], [thing(*RIBBON)])
    assert_empty codes([thing(*RIBBON)], [])
  end

  def test_metals_tie_by_their_tone
    told = links([thing("Bell", "ornament", metal: "warm metal")], [thing("Star", "ornament", metal: "warm metal")])

    assert_equal ["warm metal"], told[:shared][:metal]
    assert_equal 1, told[:kinds]
  end

  def test_lights_of_another_strength_are_told
    shared = [thing(*RIBBON), thing("Cedar", "garland")]

    assert_equal ["rooms_lit_otherwise"], codes(shared, shared, lights: [%w[soft], %w[bright]])
    assert_empty codes(shared, shared, lights: [%w[soft bright], %w[bright]])
    assert_empty codes(shared, shared, lights: [%w[soft], []])
  end

  def test_what_there_is_enough_of_could_recur
    here = [thing("Berry", "pick", spare: 5), thing("Bell", "ornament", spare: 2), thing("String", "light", spare: 9)]
    told = links(here, [thing("Cedar", "garland", spare: 4)])

    assert_equal([["Berry", "Hall"], ["Cedar", "Front room"]], told[:could].map { |one| one.values_at(:name, :into) })
  end

  def test_who_is_asked_first_does_not_matter
    here = [thing(*RIBBON), thing("Bell", "ornament", spare: 3)]
    there = [thing(*RIBBON), thing("Cedar", "garland")]

    assert_equal links(here, there)[:kinds], links(there, here)[:kinds]
    assert_equal links(here, there)[:shared], links(there, here)[:shared]
  end
end
