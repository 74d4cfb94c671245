const BENCHES = import.meta.glob("../screens/*-bench/*Screen.tsx");

/** Fetches the bench of a kind, where there is one. */
export async function fetchBench(kind: string): Promise<void> {
  const [, fetched] = Object.entries(BENCHES).find(([file]) => file.startsWith(`../screens/${kind}-bench/`)) ?? [];
  await fetched?.();
}
