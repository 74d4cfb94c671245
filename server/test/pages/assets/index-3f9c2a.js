export const season = 2026
