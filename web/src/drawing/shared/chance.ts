/** Chance from a seed, the same on every drawing (xorshift). Gives numbers from 0 up to 1. */
export function chance(seed: number): () => number {
  let state = seed | 0 || 1;
  return () => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return (state >>> 0) / 4294967296;
  };
}
