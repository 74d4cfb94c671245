import type { Draft } from "./SeasonOpening";

/** "2026 Long room, Quay window · 2025 Snug" */
export function stoodWords(stood: Draft["stood"]): string {
  return stood.map(({ season, room, place }) => `${season} ${[room, place].filter(Boolean).join(", ")}`).join(" · ");
}
