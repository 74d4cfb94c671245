let glow: HTMLCanvasElement | null = null;

/** A point of light with its halo, painted once. */
export function glowSprite(): HTMLCanvasElement {
  if (glow) return glow;
  const canvas = document.createElement("canvas");
  canvas.width = 64;
  canvas.height = 64;
  const context = canvas.getContext("2d");
  if (context) {
    const halo = context.createRadialGradient(32, 32, 0, 32, 32, 32);
    halo.addColorStop(0, "rgb(255 236 185 / 0.95)");
    halo.addColorStop(0.12, "rgb(255 214 130 / 0.6)");
    halo.addColorStop(0.4, "rgb(240 170 80 / 0.16)");
    halo.addColorStop(1, "rgb(240 170 80 / 0)");
    context.fillStyle = halo;
    context.fillRect(0, 0, 64, 64);
  }
  glow = canvas;
  return canvas;
}
