/** A colour (#rrggbb) made lighter (by up to 1) or darker (down to −1), as CSS. */
export function shade(colour: string, by: number): string {
  const channel = (at: number) => parseInt(colour.slice(at, at + 2), 16);
  const moved = (value: number) => Math.round(by > 0 ? value + (255 - value) * by : value * (1 + by));
  return `rgb(${moved(channel(1))} ${moved(channel(3))} ${moved(channel(5))})`;
}
