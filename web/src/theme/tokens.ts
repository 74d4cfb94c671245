/** Every colour of the product, once. Screens use the theme made from these; drawings use them directly. */
export interface Tokens {
  paper: string;
  card: string;
  ink: string;
  spruce: string;
  lichen: string;
  plum: string;
  quince: string;
  frost: string;
  brick: string;
  /** Quiet text: ink thinned, still 4.5:1 on paper and card. */
  quiet: string;
  /** Fills behind a caution and a stop, with ink text on them. */
  quinceWash: string;
  brickWash: string;
  /** Edge of a control, 3:1 against card. */
  edge: string;
  /** Cardboard, its front and its lid. */
  kraft: string;
  kraftLid: string;
}

export const day: Tokens = {
  paper: "#F6F4EF",
  card: "#FFFFFF",
  ink: "#1E2A2F",
  spruce: "#24524A",
  lichen: "#8FA58A",
  plum: "#6B2E4F",
  quince: "#C98A1B",
  frost: "#D9E4E6",
  brick: "#9C3B2A",
  quiet: "#56626A",
  quinceWash: "#FBF3E1",
  brickWash: "#F9EAE6",
  edge: "#7F8F94",
  kraft: "#E2D3B8",
  kraftLid: "#CDB892",
};

/** For evenings in the client's house. */
export const evening: Tokens = {
  paper: "#161D21",
  card: "#1E282D",
  ink: "#ECE8DE",
  spruce: "#8FC4B4",
  lichen: "#748B73",
  plum: "#DDA3C2",
  quince: "#E3B04E",
  frost: "#35434A",
  brick: "#EE9A86",
  quiet: "#A9B5B8",
  quinceWash: "#3A301B",
  brickWash: "#422722",
  edge: "#7E9097",
  kraft: "#5A4E3B",
  kraftLid: "#6D5F48",
};

export const fonts = {
  heading: "Alegreya, Georgia, serif",
  text: "'Hanken Grotesk Variable', system-ui, sans-serif",
};

/** Shades that only drawings have: the room, foliage and light by day and at dusk. */
export const drawing = {
  day: {
    wallTop: "#EEF1EE",
    wallBottom: "#F4F2EC",
    floor: "#E5E0D4",
    floorEdge: "#D3CCBC",
    line: "#B6C4C4",
    glass: "#E2EBEE",
    person: "#CBD5D6",
    label: "#4A565C",
    strong: "#1E2A2F",
    mark: "#A56E0C",
    foliageDark: [16, 42, 38],
    foliage: [36, 84, 72],
    foliageLight: [98, 148, 118],
    needle: [143, 172, 140],
    trunk: "#5B4636",
    bulb: "#FFE9B0",
    stand: "#8A6B4A",
    standLine: "#6D5238",
    surround: "#FAF8F2",
    firebox: "#3A4041",
    gilt: "#B79A62",
    stocking: "#8A4A55",
  },
  dusk: {
    wallTop: "#1B242A",
    wallBottom: "#262C31",
    floor: "#1E2125",
    floorEdge: "#32363B",
    line: "#56666C",
    glass: "#141B29",
    person: "#3B474E",
    label: "#B9C3C4",
    strong: "#F1ECDF",
    mark: "#E3B04E",
    foliageDark: [10, 24, 23],
    foliage: [20, 47, 42],
    foliageLight: [40, 74, 62],
    needle: [66, 92, 76],
    trunk: "#2B231D",
    bulb: "#FFF3CF",
    stand: "#4D3C2B",
    standLine: "#382B1F",
    surround: "#30373C",
    firebox: "#121619",
    gilt: "#6E5C3A",
    stocking: "#4D2A31",
  },
} as const;

export type DrawingShades = (typeof drawing)["day"] | (typeof drawing)["dusk"];
