import { useQuery } from "@tanstack/react-query";
import { ask, client, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { keys, queryClient } from "../../api/queries";

/** While run sheets are still being read it is asked again after so many milliseconds. */
const AGAIN = 900;

export function useLessons() {
  return useQuery({
    queryKey: keys.lessons,
    queryFn: () => ask(client.GET("/api/lessons")),
    refetchInterval: ({ state }) => (state.data?.pending ? AGAIN : false),
  });
}

export function useLesson(key: string | undefined) {
  return useQuery({
    queryKey: [...keys.lessons, key],
    queryFn: () => ask(client.GET("/api/lessons/{key}", { params: { path: { key: key ?? "" } } })),
    enabled: key !== undefined,
  });
}

/** What coming plans would be; asked only where something is proposed. */
export function useChanges({ key, state, suggested }: Schemas["Lesson"]) {
  return useQuery({
    queryKey: [...keys.lessons, key, "changes", suggested],
    queryFn: () => ask(client.GET("/api/lessons/{key}/changes", { params: { path: { key } } })),
    enabled: state === "suggests",
    refetchInterval: (query) => (query.state.data?.pending ? AGAIN : false),
  });
}

/** Every plan is reckoned by other rules from now on. */
function everythingAgain() {
  return queryClient.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== keys.me[0] });
}

export async function decide(lesson: Schemas["Lesson"], accepted: boolean): Promise<string> {
  const key = newKey();
  await ask(
    client.POST("/api/lessons/{key}/decisions", {
      params: { path: { key: lesson.key } },
      body: { key, accepted, was: lesson.value },
    }),
  );
  await everythingAgain();
  return key;
}

export async function takeBack(decision: string) {
  await ask(client.POST("/api/decisions/{id}/take-back", { params: { path: { id: decision } }, body: {} }));
  await everythingAgain();
}

export function lessonsAgain() {
  return queryClient.invalidateQueries({ queryKey: keys.lessons });
}
