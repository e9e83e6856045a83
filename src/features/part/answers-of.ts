/** What somebody has answered after their first sets, and what came of it. */
import type { SetChange } from "@/core/live/event-kinds";
import type { PeopleNow } from "@/core/live/people-now";

/** Of which slots somebody has said how many more there were, and what became of their next set then. */
export function answersOf({ said, nextSets }: PeopleNow, person: string) {
  const changes = new Map<string, SetChange>(
    [...nextSets].flatMap(([slot, all]) => {
      const change = all.get(person);
      return change ? [[slot, change] as const] : [];
    }),
  );
  return { said: said.get(person) ?? NOTHING_SAID, changes };
}

const NOTHING_SAID: ReadonlySet<string> = new Set();
