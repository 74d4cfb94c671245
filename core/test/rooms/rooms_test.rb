# frozen_string_literal: true

require_relative "../core_test"

# What tests of rooms share: a front room with a sofa, and a dining room seen through a passage.
class RoomsTest < CoreTest
  PASSAGE = { kind: "passage", name: "", width_m: 1.3, height_m: 2.1, floor_m: 0, swing: "none",
              stands_open: false }.freeze
  SOFA = { name: "Sofa", kind: "sofa", wall: "behind", at_m: 1.75, out_m: 0.9, width_m: 1.9, depth_m: 0.86,
           height_m: 0.8, floor_m: 0, colour: "#e9e5da" }.freeze

  def room(width: 4.2, depth: 3.1, **plan)
    Rooms::FloorPlan.of(width_m: width, depth_m: depth, ceiling_left_m: 2.55, ceiling_right_m: 2.55, plan: plan)
  end

  def front(things: [SOFA], **plan)
    room(openings: [{ **PASSAGE, wall: "left", left_m: 0.85, leads_to: "dining" }], things: things, **plan)
  end

  def dining(**plan)
    room(width: 3.2, depth: 2.1, openings: [{ **PASSAGE, wall: "right", left_m: 0.4, leads_to: "front" }], **plan)
  end

  def outline(width, low, high, area: nil, light: 36.0, lit: false, round: false, depth: nil)
    half = width / 2.0
    box = [[-half, low], [half, low], [half, high], [-half, high]]
    Outline.new(polygons: [box], area_m2: area || (width * (high - low)), lightness: light, lit: lit, round: round,
                depth_m: depth || (round ? width : 0.1), middle_m: 0.0)
  end

  def tree = outline(0.9, 0.2, 2.1, round: true, lit: true)
  def wreath = outline(0.6, 1.3, 1.9)

  def piece(id, outline, wall: nil, at: nil, out: nil, **rest)
    { id: id, name: id.capitalize, kind: "tree", wall: wall, at_m: at, out_m: out, outline: outline, **rest }
  end

  def rooms(*pieces, plan: front, beyond: dining, there: [])
    { "front" => { name: "Front room", plan: plan, standings: Rooms::Layout.of(plan, [], pieces), paint: nil },
      "dining" => { name: "Dining room", plan: beyond, standings: Rooms::Layout.of(beyond, [], there), paint: nil } }
  end

  def viewpoint(x, y, heading: 0, kind: "sofa", **rest)
    { id: "view", name: "Sofa", kind: kind, x_m: x, y_m: y, heading_deg: heading, eye_m: nil, **rest }
  end

  def told(rooms, at: viewpoint(2.45, 2.2), id: "front")
    Rooms::RoomView.new(id, rooms, [at], HouseRules.default).call
  end

  def seen(...)
    told(...)[:views].first[:seen].to_h { |one| [one[:id], one] }
  end
end
