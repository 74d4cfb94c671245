# frozen_string_literal: true

require_relative "rooms_test"

# What of a survey pieces could hang or lie on: each host makes settings that can be planned.
class HostsTest < RoomsTest
  DOOR = { **PASSAGE, kind: "door", name: "Hall door", wall: "behind", left_m: 0.4, width_m: 0.83,
                      leads_to: nil }.freeze
  WINDOW = { **DOOR, kind: "window", name: "", wall: "right", width_m: 0.75, height_m: 1.3, floor_m: 0.95 }.freeze
  MANTEL = { **SOFA, name: "Chimney shelf", kind: "mantel", wall: "front", at_m: 1.75, out_m: nil, width_m: 1.52,
                     depth_m: 0.14, height_m: 1.2 }.freeze

  def plan
    room(openings: [DOOR, { **DOOR, name: "Front doors", left_m: 2.0, width_m: 1.2 }, WINDOW,
                    { **WINDOW, left_m: 1.5 }, { **PASSAGE, wall: "left", left_m: 1, leads_to: nil }],
         things: [MANTEL, SOFA, { **MANTEL, name: "Glass", kind: "mirror", height_m: 0.9, floor_m: 1.3 }])
  end

  def hosts(kind) = Kinds.of(kind).hosts.of(plan).to_h { |host| [host.name, host] }

  def test_a_wreath_takes_doors_windows_and_what_hangs
    found = hosts("wreath")

    hosts = found.values_at("Hall door", "Front doors", "Window in the right wall", "Chimney shelf", "Glass")

    assert_equal(%w[door pair window mantel_wall mirror], hosts.map { |host| host.says[:host] })
    assert_equal ["behind", 2.6], [found["Front doors"].wall, found["Front doors"].at_m]
    assert_in_delta 1.2, found["Chimney shelf"].says[:floor_m]
  end

  def test_greens_take_mantels_boards_and_frames
    found = hosts("run")

    assert_equal({ kind: "mantel", length_m: 1.52, depth_m: 0.14, height_m: 1.2 }, found["Chimney shelf"].says)
    assert_equal ["ledge", 0.95], found["Window in the right wall"].says.values_at(:kind, :height_m)
    assert_equal ["frame", 2.1], found["Passage in the left wall"].says.values_at(:kind, :side_m)
    refute_includes found, "Sofa"
  end

  def test_a_wall_of_wreaths_takes_windows_that_are_alike
    found = hosts("wall")

    assert_equal({ width_m: 3.1, height_m: 2.55, opening: "window", openings: 2, opening_width_m: 0.75,
                   opening_height_m: 1.3, opening_floor_m: 0.95, between_m: 0.35 }, found["Right wall"].says)
    assert_equal({ width_m: 4.2, height_m: 2.55 }, found["Front wall"].says)
  end

  def test_a_tree_stands_by_itself
    assert_nil Kinds.of("tree").hosts
  end

  def test_what_is_taken_can_be_planned
    %w[wreath run wall].each do |name|
      kind = Kinds.of(name)
      kind.hosts.of(plan).each do |host|
        settings = kind.check(host.group.to_s => host.says.transform_keys(&:to_s))
        brief = PlanBrief.new(settings: settings, surroundings: surroundings, styles: [], house: HouseRules.default,
                              units: "metric", schools: {}, region: Region.default)

        assert_equal [host.name, true], [host.name, kind.plan.call(brief).reckoned[:chosen]]
      end
    end
  end
end
