import { colourOf } from "./colourOf";
import type { TreeScene } from "./paintTree";

interface PickBrush {
  /** −1 to 1: which way it leans, outwards. */
  lean: number;
  scale: number;
  colour: string;
  dusk: boolean;
}

interface At {
  x: number;
  y: number;
}

/** A sprig of five berries on a stem. */
export function paintPick(context: CanvasRenderingContext2D, { x, y }: At, { lean, scale, colour, dusk }: PickBrush) {
  const long = 0.1 * scale;
  context.save();
  context.translate(x, y);
  context.rotate(lean * 0.9);
  context.strokeStyle = dusk ? "#2b3226" : "#5d6b4e";
  context.lineWidth = Math.max(0.8, scale * 0.005);
  context.beginPath();
  context.moveTo(0, long * 0.4);
  context.lineTo(0, -long);
  context.stroke();
  context.fillStyle = colour;
  context.globalAlpha = dusk ? 0.7 : 1;
  for (const [dx, dy] of [
    [0, -1],
    [-0.28, -0.72],
    [0.28, -0.66],
    [-0.22, -0.38],
    [0.24, -0.3],
  ] as const) {
    context.beginPath();
    context.arc(dx * long, dy * long, Math.max(scale * 0.011, 1.1), 0, Math.PI * 2);
    context.fill();
  }
  context.restore();
}

/** The fan of picks behind the topper. */
export function paintPickRing(context: CanvasRenderingContext2D, { x, y }: At, scene: TreeScene, scale: number) {
  const { crown, picks } = scene.drawing;
  for (let i = 0; i < crown.picks; i += 1) {
    const lean = (i / Math.max(crown.picks - 1, 1) - 0.5) * 2;
    const colour = colourOf(scene, picks.styles, picks.ring[i]);
    paintPick(
      context,
      { x: x + lean * 0.05 * scale, y: y + 0.02 * scale },
      { lean: lean * 1.25, scale: scale * 1.5, colour, dusk: scene.dusk },
    );
  }
}
