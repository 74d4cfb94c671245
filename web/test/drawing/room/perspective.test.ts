import { describe, expect, it } from "vitest";
import type { Schemas } from "../../../src/api/client";
import { facesOf, lensOf } from "../../../src/drawing/room/perspective";

type Room = Schemas["RoomView"];
type View = Schemas["ViewSeen"];

const LENS = { width: 120, height: 100 };

function view(part: Partial<View> = {}): View {
  return {
    id: "v",
    version: 1,
    name: "Sofa",
    kind: "sofa",
    x_m: 2,
    y_m: 3,
    heading_deg: 0,
    eye_m: 1.2,
    own_eye_m: null,
    cone_deg: 120,
    reach: [],
    seen: [],
    first: null,
    verdict: "clear",
    loud: 0,
    says: "",
    findings: [],
    colours: null,
    ...part,
  };
}

function room(openings: Schemas["Opening"][] = []): Room {
  const corners = [
    [0, 0],
    [4, 0],
    [4, 4],
    [0, 4],
  ];
  const walls = corners.map((from, i) => ({
    key: `w${i}`,
    name: `Wall ${i}`,
    colour: null,
    length_m: 4,
    from,
    to: corners[(i + 1) % 4] ?? [0, 0],
    ceiling_left_m: 2.5,
    ceiling_right_m: 2.5,
    openings: i === 0 ? openings : [],
    balance: null,
  }));
  return {
    room: { id: "r", name: "Room", version: 1, width_m: 4, depth_m: 4 },
    home: { id: "h", name: "Home" },
    walls,
    standings: [],
    ways: [],
    views: [],
    unseen: [],
    findings: [],
    bounds: { even: 0.1, leaning: 0.5, clear: 0.5, competing: 0.8, walkway_m: 0.76 },
    offered: [],
    open_to: [],
    pending: 0,
    undressed: [],
  };
}

const passage: Schemas["Opening"] = {
  kind: "passage",
  name: "",
  wall: "w0",
  left_m: 1,
  width_m: 2,
  height_m: 2,
  floor_m: 0,
  swing: "none",
  stands_open: false,
  leads_to: null,
};

const xs = (points: string) => points.split(" ").map((point) => Number(point.split(",")[0]));

describe("what a place sees, small", () => {
  it("has in its middle what it looks towards, the left at the left, what is higher above", () => {
    const see = lensOf(view(), LENS);
    expect(see([2, 0, 1.2]).x).toBeCloseTo(60);
    expect(see([1, 0, 1.2]).x).toBeLessThan(60);
    expect(see([2, 0, 2]).y).toBeLessThan(see([2, 0, 1]).y);
  });

  it("turns with its heading", () => {
    expect(lensOf(view({ heading_deg: 90 }), LENS)([4, 3, 1.2]).x).toBeCloseTo(60);
    expect(lensOf(view({ heading_deg: -180 }), LENS)([2, 4, 1.2]).x).toBeCloseTo(60);
  });

  it("shows what is near larger", () => {
    const see = lensOf(view(), LENS);
    const tall = (y: number) => see([2, y, 0]).y - see([2, y, 2]).y;
    expect(tall(2)).toBeGreaterThan(tall(0));
  });

  it("paints the farthest first and nothing that is behind the eye", () => {
    const faces = facesOf(room(), view(), LENS);
    const far = faces.map((face) => face.far);
    expect(far).toEqual([...far].sort((one, other) => other - one));
    expect(faces.every(({ points }) => xs(points).every((x) => Math.abs(x - 60) < 120))).toBe(true);
    expect(facesOf(room(), view({ y_m: 0.5 }), LENS).length).toBeLessThan(faces.length);
  });

  it("leaves a way through open below its lintel, and closes a door", () => {
    const through = facesOf(room([passage]), view(), LENS);
    const closed = facesOf(room([{ ...passage, kind: "door" }]), view(), LENS);
    expect(closed.filter(({ part }) => part === "door").length).toBeGreaterThan(0);
    expect(through.filter(({ part }) => part === "door" || part === "passage")).toEqual([]);
    expect(closed.length).toBeGreaterThan(through.length);
  });

  it("does not show the seat one sits on", () => {
    const sofa: Schemas["Standing"] = {
      id: "thing-0",
      name: "Sofa",
      kind: "sofa",
      piece: false,
      wall: "w2",
      at_m: 2,
      out_m: 1,
      assumed: false,
      colour: null,
      left_m: -0.9,
      right_m: 0.9,
      bottom_m: 0,
      top_m: 0.8,
      depth_m: 0.9,
      round: false,
      middle_m: 0,
      lit: false,
      point: [2, 3],
      footprint: [
        [1, 2.5],
        [3, 2.5],
        [3, 3.5],
        [1, 3.5],
      ],
      portrait: null,
      place: null,
    };
    const parts = (y_m: number) =>
      facesOf({ ...room(), standings: [sofa] }, view({ y_m }), LENS).filter(({ part }) => part.startsWith("sofa"));
    expect(parts(3)).toEqual([]);
    expect(parts(3.9).length).toBeGreaterThan(0);
  });
});
