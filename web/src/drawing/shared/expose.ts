const QUALITY = 0.9;
const NAMESPACE = "http://www.w3.org/2000/svg";

/** An SVG as it stands on the screen, as something that can be painted. */
async function painted(svg: SVGSVGElement, width: number, height: number): Promise<HTMLImageElement> {
  const copy = svg.cloneNode(true);
  if (!(copy instanceof SVGSVGElement)) throw new Error("A drawing cannot be copied.");
  copy.setAttribute("xmlns", NAMESPACE);
  copy.setAttribute("width", String(width));
  copy.setAttribute("height", String(height));
  const address = URL.createObjectURL(
    new Blob([new XMLSerializer().serializeToString(copy)], { type: "image/svg+xml" }),
  );
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    return image;
  } finally {
    URL.revokeObjectURL(address);
  }
}

const outermost = (drawn: Element) => drawn.parentElement?.closest("svg") === null;

/** How far what is around it lets it through. */
function throughOf(drawn: Element, within: Element): number {
  let through = 1;
  for (let at: Element | null = drawn; at && at !== within; at = at.parentElement)
    through *= Number(getComputedStyle(at).opacity);
  return through;
}

/**
 * A picture of what is drawn within an element: its SVGs and canvases, one over another as they stand there.
 *
 *   const jpeg = await expose(stage, "#1B2429");
 */
export async function expose(within: HTMLElement, ground: string): Promise<Blob> {
  const frame = within.getBoundingClientRect();
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(frame.width);
  canvas.height = Math.round(frame.height);
  const context = canvas.getContext("2d");
  if (!context) throw new Error("This browser draws no pictures.");
  context.fillStyle = ground;
  context.fillRect(0, 0, canvas.width, canvas.height);
  for (const drawn of within.querySelectorAll("svg, canvas")) {
    const { left, top, width, height } = drawn.getBoundingClientRect();
    if (width < 1 || height < 1 || !outermost(drawn)) continue;
    context.globalAlpha = throughOf(drawn, within);
    const image = drawn instanceof SVGSVGElement ? await painted(drawn, width, height) : drawn;
    if (image instanceof HTMLImageElement || image instanceof HTMLCanvasElement)
      context.drawImage(image, left - frame.left, top - frame.top, width, height);
  }
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error("The picture could not be made."))),
      "image/jpeg",
      QUALITY,
    ),
  );
}
