import type { Schemas } from "../../api/client";
import { chance } from "../shared/chance";
import { shade } from "../shared/shade";
import type { Sprig } from "../shared/sprigs";
import { onRing, type WreathView } from "./wreathProjection";

type Drawing = Required<Pick<Schemas["WreathDrawing"], "ring" | "samples" | "base" | "stems" | "styles">>;

export const GREEN = "#2f5d4a";

/** What a green is painted with. */
interface Green {
  colour: string;
  texture: string;
}

interface Layer {
  green: Green;
  /** Where its sprigs root, from the inner edge (−1) to the outer one (1). */
  from: number;
  to: number;
  /** How far they splay from the way round, radians. */
  splay: number;
  tone: number;
  /** Sprigs to a metre of the way round. */
  dense: number;
}

/** Longer than this a stem is drawn in parts, metres. */
const JOINT_M = 0.1;

/** A colour as #rrggbb again after it was shaded. */
function mixed(colour: string, by: number): string {
  const [r, g, b] = (/(\d+) (\d+) (\d+)/.exec(shade(colour, by)) ?? []).slice(1).map(Number);
  return `#${[r, g, b].map((part) => (part ?? 0).toString(16).padStart(2, "0")).join("")}`;
}

/** The greens of the ring itself: dark ones splayed both ways first, lighter ones towards the crown. */
function layersOf({ base, styles }: Drawing): Layer[] {
  const told = base.style ? styles[base.style] : undefined;
  const colour = told?.colour ?? GREEN;
  const texture = told?.texture ?? "needle";
  return [
    { green: { colour: mixed(colour, -0.35), texture }, from: -1, to: -0.2, splay: -0.75, tone: -0.7, dense: 70 },
    { green: { colour: mixed(colour, -0.3), texture }, from: 0.2, to: 1, splay: 0.75, tone: -0.65, dense: 84 },
    { green: { colour: mixed(colour, -0.1), texture }, from: -0.7, to: 0.7, splay: 0.5, tone: -0.25, dense: 100 },
    {
      green: { colour: mixed(colour, 0.1), texture: texture === "needle" ? "scale" : texture },
      from: -0.45,
      to: 0.6,
      splay: 0.42,
      tone: -0.05,
      dense: 30,
    },
    { green: { colour, texture }, from: -0.35, to: 0.35, splay: 0.3, tone: 0.1, dense: 48 },
  ];
}

function sampleAt(samples: Drawing["samples"], hour: number) {
  const at = (((hour % 12) + 12) % 12) * 4;
  const one = samples[Math.floor(at) % samples.length];
  const two = samples[(Math.floor(at) + 1) % samples.length];
  const part = at - Math.floor(at);
  const mix = (name: "outward_m" | "inward_m") => (one?.[name] ?? 0) * (1 - part) + (two?.[name] ?? 0) * part;
  return { outward: mix("outward_m"), inward: mix("inward_m") };
}

/** Which way is clockwise along the ring at an hour, as the picture's angle. */
function clockwise(hour: number): number {
  return (hour / 6) * Math.PI;
}

/** Sprigs of the ring walked clockwise, so that each covers the stems of the one before; as long as the outline there asks for. */
export function strewBase(drawing: Drawing, at: WreathView, dusk: boolean): Sprig[] {
  const { ring, samples } = drawing;
  const random = chance(8_191);
  const way = 2 * Math.PI * ring.radius_m;
  const body = ring.body_m / 2;
  const small = Math.max(Math.min(ring.radius_m / 0.24, 1.6), 0.35);
  const greens = hoopArc(drawing);
  return layersOf(drawing).flatMap((layer) => {
    const count = Math.max(Math.round((way * layer.dense) / small), 12);
    return Array.from({ length: count }, (_, i) => {
      const hour = (12 * (i + (random() - 0.5) * 0.7)) / count;
      const off = layer.from + (layer.to - layer.from) * random();
      const lean = layer.splay * (layer.splay > 0.6 || layer.splay < -0.6 ? 1 : off >= 0 ? 1 : -1);
      const { outward, inward } = sampleAt(samples, hour);
      const room = lean >= 0 ? Math.max(outward - body * off * 0.8, 0.012) : Math.max(inward + body * off * 0.8, 0.012);
      const long = Math.min(room / Math.max(Math.sin(Math.abs(lean)), 0.34), 0.125 * small) * (0.82 + random() * 0.36);
      const { x, y } = onRing(at, ring.centre_m, hour, ring.radius_m + body * off * 0.72);
      return {
        hour,
        sprig: {
          x,
          y,
          angle: clockwise(hour) - lean * (0.8 + random() * 0.4),
          long: Math.max(long * at.scale, 3),
          colour: layer.green.colour,
          texture: layer.green.texture,
          tone: Math.max(Math.min(layer.tone + off * 0.35 + (random() - 0.5) * 0.7, 1), -1),
          dusk,
        },
      };
    })
      .filter(({ hour }) => greens(hour))
      .map(({ sprig }) => sprig);
  });
}

/** On a hoop only the arc that bears bundles is green. */
export function hoopArc({ base }: Pick<Drawing, "base">): (hour: number) => boolean {
  if (base.hours >= 12) return () => true;
  return (hour) => (hour - base.from_h + 12) % 12 <= base.hours;
}

/** A stem longer than a finger has leaves no larger for it, but more of them: it is drawn in parts, each over the last. */
function jointed(stem: Sprig, scale: number): Sprig[] {
  const parts = Math.max(Math.ceil(stem.long / (JOINT_M * scale)), 1);
  if (parts === 1) return [stem];
  const long = (stem.long / parts) * 1.35;
  return Array.from({ length: parts }, (_, i) => {
    const away = Math.min((stem.long * i) / parts, stem.long - long);
    const bend = stem.angle + (i - (parts - 1) / 2) * 0.07;
    return { ...stem, x: stem.x + Math.cos(bend) * away, y: stem.y + Math.sin(bend) * away, angle: bend, long };
  });
}

/** Each stem as a few of its sprigs, outward as far as it rises and inward as far as it trails, leaning clockwise. */
export function strewStems(drawing: Drawing, at: WreathView, dusk: boolean): Sprig[] {
  const { ring, styles } = drawing;
  const random = chance(15_485);
  return drawing.stems.flatMap((stem) => {
    const told = styles[stem.style];
    const green = { colour: told?.colour ?? GREEN, texture: told?.texture ?? "needle" };
    const fan = (reach: number, side: number): Sprig[] =>
      Array.from({ length: 4 }, (_, i) => i).flatMap((i) => {
        const share = i / 3;
        const lean = side * (0.25 + share * 0.95);
        const back = (0.5 - share) * stem.spread_m * 0.5;
        const { x, y } = onRing(
          at,
          ring.centre_m,
          stem.at_h - (back / (2 * Math.PI * ring.radius_m)) * 12,
          ring.radius_m + side * ring.body_m * 0.06 * i,
        );
        const tip = Math.min(reach / Math.max(Math.sin(Math.abs(lean)), 0.5), Math.max(stem.spread_m, reach));
        const angle = clockwise(stem.at_h) - lean + (random() - 0.5) * 0.16;
        const long = Math.max(tip * at.scale * (0.86 + random() * 0.2), 3);
        const tone = 0.1 + (random() - 0.5) * 0.9;
        const whole: Sprig = { x, y, angle, long, colour: green.colour, texture: green.texture, tone, dusk };
        return jointed(whole, at.scale);
      });
    const out = stem.rise_m > 0.01 ? fan(stem.rise_m, 1) : [];
    const into = stem.trail_m > 0.01 ? fan(stem.trail_m, -1) : [];
    return [...into, ...out];
  });
}
