/** What the bundler tells of a module. */
interface Graph {
  getModuleInfo(id: string): { importers: string[]; dynamicImporters: string[]; isEntry: boolean } | null;
}

const SEASON = /[\\/]screens[\\/]season[\\/]Season\.tsx$/;
/** Opened by who has nothing yet; it waits for nothing that only others share. */
const SIGN_IN = /[\\/]screens[\\/]sign-in[\\/]SignIn\.tsx$/;
const ROOMS = /[\\/]screens[\\/](home[\\/]Home|survey[\\/]Survey)\.tsx$/;
const BENCH = /[\\/]screens[\\/][a-z]+-bench[\\/]\w+Screen\.tsx$/;
const SCREEN = /[\\/]screens[\\/]/;
/** So many screens besides the benches that share a module are enough for it to come with what most screens need. */
const MANY = 6;
/** From so many benches on a module comes with what benches need; fewer keep it to themselves. */
const MOST_BENCHES = 4;

/** The screens, and whatever else is fetched by itself, that a module comes with. */
function fetchedWith(id: string, graph: Graph): string[] {
  const seen = new Set([id]);
  const starts: string[] = [];
  for (const at of seen) {
    const told = graph.getModuleInfo(at);
    if (told?.isEntry || told?.dynamicImporters.length) starts.push(at);
    told?.importers.forEach((importer) => seen.add(importer));
  }
  return starts;
}

/** The file in which a module that several screens share lies. */
function sharedFile(id: string, graph: Graph): string | null {
  const starts = fetchedWith(id, graph);
  if (starts.length < 2) return null;
  if (starts.some((start) => SEASON.test(start) || graph.getModuleInfo(start)?.isEntry)) return "desk";
  if (starts.some((start) => SIGN_IN.test(start))) return "door";
  if (starts.some((start) => ROOMS.test(start))) return "rooms";
  const benches = starts.filter((start) => BENCH.test(start)).length;
  const screens = starts.filter((start) => SCREEN.test(start)).length - benches;
  if (screens >= MANY) return "often";
  if (benches < MOST_BENCHES) return null;
  return screens > 0 ? "tools" : "bench";
}

/**
 * On a slow line each file costs a way there and back, and a bench made of seventy was slow on every line. What the
 * season desk needs comes first, then what the door, most screens, some of them, and benches need; each needs only those
 * before it.
 */
export const SHARED_FILES = ["desk", "door", "rooms", "often", "tools", "bench"].map((file, at) => ({
  name: (id: string, graph: Graph) => (sharedFile(id, graph) === file ? file : null),
  priority: 0.9 - at / 10,
}));
