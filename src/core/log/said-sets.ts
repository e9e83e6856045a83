/** What people said of their sets while the class ran, as known sets of theirs. */
import type { Mark, Person, WorkingSet } from "../homes/home";
import { isOf, type SessionEvent } from "../live/events";
import { peopleNow } from "../live/people-now";
import { withPicks } from "../live/picks";
import type { KnownMove } from "../moves/book";
import { LIBRARY_BOOK } from "../moves/library";
import type { Part } from "../parts/part";
import { atItsWord, type More } from "../strength/more";
import { withTaught, workingSetOf } from "./working-sets";

/** The known set that an answer comes to; null where it says nothing about strength. */
export function saidSet(
  part: Part | undefined,
  said: { readonly slot: string; readonly round: number; readonly more: More },
  moveOf: (id: string) => KnownMove | undefined,
  day: string,
  trusting = false,
): WorkingSet | null {
  const own = part?.slots.find(({ slot }) => slot === said.slot);
  const set = own?.sets?.find(({ round }) => round === said.round);
  if (!own || !set || own.move === null) return null;
  const eachKg = set.load && "kg" in set.load ? { eachKg: set.load.kg } : {};
  const done = { sets: 1, more: said.more, ...eachKg };
  const known = workingSetOf(
    done,
    { ...own, load: set.load, uses: set.uses, sets: [set] },
    moveOf(own.move),
    day,
  );
  if (!known?.reps || !trusting || said.more !== "4-or-more") return known;
  const { rir, moreReps } = atItsWord(set.left);
  return { ...known, rir, reps: known.reps + moreReps };
}

/** All that one person has said, the last answer of each slot. */
export function saidSets(
  events: readonly SessionEvent[],
  part: Part | undefined,
  moveOf: (id: string) => KnownMove | undefined,
  day: string,
  trusting = false,
): readonly WorkingSet[] {
  const last = new Map(
    events
      .filter(isOf("more"))
      .filter(({ payload }) => payload.person === part?.person)
      .map(({ payload }) => [payload.slot, payload]),
  );
  return [...last.values()].flatMap((said) => saidSet(part, said, moveOf, day, trusting) ?? []);
}

/** What is taught in a session, as far as it is frozen. */
export interface FrozenParts {
  readonly parts: readonly Part[] | null;
  readonly partsByMark: Readonly<Record<Mark, readonly Part[]>> | null;
}

/** A person's part at the level that they have taken since, with what they picked where the class leaves the choice. */
export function ownAtLevel(
  { parts, partsByMark }: FrozenParts,
  rosterId: string,
  events: readonly SessionEvent[],
): Part | undefined {
  const { marks, picks } = peopleNow(events);
  const mark = marks.get(rosterId);
  const list = (mark && partsByMark?.[mark]) ?? parts ?? [];
  const own = list.find(({ person }) => person === rosterId);
  return own && withPicks(own, picks.get(rosterId));
}

/** Somebody with what they said of their sets in a session on a day, as known sets of that day. `trusting`: four or more at its word. */
export function withSaid(
  person: Person,
  frozen: FrozenParts & { readonly moves: readonly KnownMove[] | null },
  events: readonly SessionEvent[],
  day: string,
  trusting = false,
): Person {
  const part = ownAtLevel(frozen, person.id, events);
  const moveOf = (id: string) => LIBRARY_BOOK.get(id) ?? frozen.moves?.find((move) => move.id === id);
  const sets = saidSets(events, part, moveOf, day, trusting);
  return sets.length === 0 ? person : { ...person, workingSets: withTaught(person.workingSets ?? [], sets) };
}
