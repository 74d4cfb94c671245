import { paintLying, type Sprig } from "./sprigs";

/** How far a sprig reaches beside itself and before its root, in its own lengths. */
const BESIDE = 0.55;
const BEFORE = 0.2;
const BEYOND = 1.25;
/** Tones and lengths between which nobody sees a difference share a sprite. */
const TONES = 5;
const LENGTHS = 2;
/** Painted sprigs kept; a room has a few dozen kinds. */
const MOST_KEPT = 600;

interface Sprite {
  image: HTMLCanvasElement;
  long: number;
}

const kept = new Map<string, Sprite>();

function lengthOf(long: number): number {
  return 2 ** (Math.ceil(Math.log2(Math.max(long, 2)) * LENGTHS) / LENGTHS);
}

function spriteOf(sprig: Sprig, pixels: number): Sprite {
  const long = lengthOf(sprig.long);
  const tone = Math.round(sprig.tone * TONES) / TONES;
  const key = [sprig.texture, sprig.colour, tone, sprig.dusk, long, pixels].join(" ");
  const known = kept.get(key);
  if (known) return known;
  if (kept.size >= MOST_KEPT) kept.clear();
  const image = document.createElement("canvas");
  image.width = Math.ceil(long * (BEFORE + BEYOND) * pixels);
  image.height = Math.ceil(long * 2 * BESIDE * pixels);
  const context = image.getContext("2d");
  if (context) {
    context.setTransform(pixels, 0, 0, pixels, long * BEFORE * pixels, long * BESIDE * pixels);
    paintLying(context, { ...sprig, long, tone });
  }
  const sprite = { image, long };
  kept.set(key, sprite);
  return sprite;
}

/** Puts a sprig where it grows: each kind, tone and length is painted once and then only laid down. */
export function laySprig(context: CanvasRenderingContext2D, sprig: Sprig, pixels: number) {
  const { image, long } = spriteOf(sprig, pixels);
  const scale = sprig.long / long;
  context.save();
  context.translate(sprig.x, sprig.y);
  context.rotate(sprig.angle);
  context.drawImage(
    image,
    -long * BEFORE * scale,
    -long * BESIDE * scale,
    long * (BEFORE + BEYOND) * scale,
    long * 2 * BESIDE * scale,
  );
  context.restore();
}
