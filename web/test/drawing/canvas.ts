type Matrix = [number, number, number, number, number, number];

interface Point {
  x: number;
  y: number;
}

/** One thing that was painted: how, in which colour, and the points it went through on the page. */
export interface Mark {
  kind: "fill" | "stroke" | "image";
  colour: unknown;
  lineWidth: number;
  points: Point[];
  /** The picture that was laid down, for an image. */
  image?: unknown;
}

/** How far a mark or several reach over the page. */
export function extent(marks: Mark[]) {
  const points = marks.flatMap((mark) => mark.points);
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
}

class Path {
  points: Point[] = [];
  place: (x: number, y: number) => Point = (x, y) => ({ x, y });

  add(x: number, y: number) {
    this.points.push(this.place(x, y));
  }
  moveTo(x: number, y: number) {
    this.add(x, y);
  }
  lineTo(x: number, y: number) {
    this.add(x, y);
  }
  // The curve stays within its own ends and half way to its handles; good enough for how far it reaches.
  quadraticCurveTo(hx: number, hy: number, x: number, y: number) {
    const from = this.last ?? { x: hx, y: hy };
    this.last = { x, y };
    this.add(0.25 * from.x + 0.5 * hx + 0.25 * x, 0.25 * from.y + 0.5 * hy + 0.25 * y);
    this.add(x, y);
  }
  bezierCurveTo(ax: number, ay: number, bx: number, by: number, x: number, y: number) {
    this.add((ax + bx) / 2, (ay + by) / 2);
    this.add(x, y);
  }
  arc(x: number, y: number, radius: number) {
    this.ellipse(x, y, radius, radius);
  }
  ellipse(x: number, y: number, wide: number, tall: number) {
    for (const [dx, dy] of [
      [1, 0],
      [0, 1],
      [-1, 0],
      [0, -1],
    ] as const)
      this.add(x + dx * wide, y + dy * tall);
  }
  rect(x: number, y: number, wide: number, tall: number) {
    this.add(x, y);
    this.add(x + wide, y + tall);
  }
  closePath() {
    this.last = undefined;
  }
  last: Point | undefined;
}

/** A canvas that paints nothing and remembers everything, in the coordinates of the page. */
export class Recorder extends Path {
  marks: Mark[] = [];
  fillStyle: unknown = "#000000";
  strokeStyle: unknown = "#000000";
  lineWidth = 1;
  lineCap = "butt";
  lineJoin = "miter";
  globalAlpha = 1;
  globalCompositeOperation = "source-over";
  matrix: Matrix = [1, 0, 0, 1, 0, 0];
  kept: Matrix[] = [];

  constructor() {
    super();
    this.place = (x, y) => {
      const [a, b, c, d, e, f] = this.matrix;
      return { x: a * x + c * y + e, y: b * x + d * y + f };
    };
  }
  beginPath() {
    this.points = [];
    this.last = undefined;
  }
  save() {
    this.kept.push([...this.matrix]);
  }
  restore() {
    this.matrix = this.kept.pop() ?? [1, 0, 0, 1, 0, 0];
  }
  transform(a: number, b: number, c: number, d: number, e: number, f: number) {
    const [A, B, C, D, E, F] = this.matrix;
    this.matrix = [A * a + C * b, B * a + D * b, A * c + C * d, B * c + D * d, A * e + C * f + E, B * e + D * f + F];
  }
  translate(x: number, y: number) {
    this.transform(1, 0, 0, 1, x, y);
  }
  scale(x: number, y: number) {
    this.transform(x, 0, 0, y, 0, 0);
  }
  rotate(by: number) {
    this.transform(Math.cos(by), Math.sin(by), -Math.sin(by), Math.cos(by), 0, 0);
  }
  setTransform(...matrix: Matrix) {
    this.matrix = matrix;
  }
  clip() {
    this.beginPath();
  }
  mark(kind: Mark["kind"], colour: unknown, points: Point[], image?: unknown) {
    this.marks.push({ kind, colour, lineWidth: this.lineWidth, points: [...points], image });
  }
  fill(path: Path = this) {
    this.mark("fill", this.fillStyle, path.points);
  }
  stroke() {
    this.mark("stroke", this.strokeStyle, this.points);
  }
  fillRect(x: number, y: number, wide: number, tall: number) {
    this.mark("fill", this.fillStyle, [this.place(x, y), this.place(x + wide, y + tall)]);
  }
  strokeRect(x: number, y: number, wide: number, tall: number) {
    this.mark("stroke", this.strokeStyle, [this.place(x, y), this.place(x + wide, y + tall)]);
  }
  drawImage(image: unknown, x: number, y: number, wide: number, tall: number) {
    this.mark("image", null, [this.place(x, y), this.place(x + wide, y + tall)], image);
  }
  createRadialGradient() {
    const stops: string[] = [];
    return { stops, addColorStop: (_: number, colour: string) => stops.push(colour) };
  }
  /** As the painters take it. */
  get context() {
    return this as never;
  }
}

/** A page that has canvases, for painters that keep pictures of their own. */
export const page = {
  document: {
    createElement: () => ({ width: 0, height: 0, getContext: () => new Recorder().context }),
  },
  Path2D: Path,
};
